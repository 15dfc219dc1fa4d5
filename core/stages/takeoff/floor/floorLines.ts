import type { Point } from '../../../kernel/geometry/polygon.js'
import { boxesFor, CUSTOMARY_WASTE } from '../customary.js'
import type { Formatter } from '../../../kernel/units/formatter.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import { goods, type Beside, type GoesWith, type Reckoned, type TakeoffInput } from '../takeoffTypes.js'
import { ceilDiv, soldUnitMm } from '../trade.js'
import { distance } from '../../../kernel/geometry/polygon.js'
import { boardDrawing, carpetDrops, layBoards, type FloorPlan } from './boards.js'

const turnedFloor = (floor: readonly Point[]) => floor.map((p) => ({ x: p.y, y: p.x }))

/** Boards laid row by row on the floor. */
export function boardsLine({ row, floor = [], doorsMm, says }: TakeoffInput): Reckoned {
  const board = goods(row)
  const outline = row.turned ? turnedFloor(floor) : floor
  const plan = layBoards(outline, board)
  const other = layBoards(row.turned ? floor : turnedFloor(floor), board)
  const [from, to] = CUSTOMARY_WASTE['straight plank']
  const packs = ceilDiv(plan.count, row.packOf) + row.sparePacks
  return {
    pieces: plan.count,
    packWord: row.packOf > 1 ? ['pack', 'packs'] : ['board', 'boards'],
    work: [{ task: 'lay boards', amount: plan.areaMm2 }],
    needed: `${says.count(plan.count, 'board')}, ${says.area(plan.areaMm2, 2)}`,
    over: says.count(packs * row.packOf - plan.count, 'board'),
    sum: [
      `${says.count((plan.boards.at(-1)?.row ?? 0) + 1, 'row')} of ${says.drawn(board.widthMm)}, ${says.count(plan.boards.length, 'piece')} laid`,
      `${says.count(plan.count, 'board')} opened, waste ${says.number(plan.wastePercent, 1)} % as laid`,
    ],
    beside: besideOf(row, plan, other, says),
    goesWith: [
      { name: 'Underlay', quantity: says.area(plan.areaMm2, 1) },
      { name: 'Beading where the skirting stays on', quantity: says.run(roundOf(floor, doorsMm)) },
      ...thresholds(doorsMm, says),
    ],
    notes: [
      `Customary waste ${from} to ${to} %; this plan comes to ${says.number(plan.wastePercent, 1)} %.`,
      'Leave the gap at the walls that the maker asks for.',
    ],
    drawings: [boardDrawing('Floor', outline, plan)],
  }
}

/** As it is laid, laid the other way, and by area with the customary waste. */
function besideOf(row: Takeoff, plan: FloorPlan, other: FloorPlan, says: Formatter): Beside[] {
  const cost = (packs: number) =>
    row.packMinor === null ? undefined : (packs + row.sparePacks) * row.packMinor
  const way = (name: string, boards: number): Beside => ({
    name,
    needed: says.count(boards, 'board'),
    costMinor: cost(ceilDiv(boards, row.packOf)),
  })
  const { widthMm, lengthMm } = goods(row)
  const [, most] = CUSTOMARY_WASTE['straight plank']
  const packM2 = (row.packOf * widthMm * lengthMm) / 1e6
  const customary = boxesFor(plan.areaMm2 / 1e6, most / 100, packM2)
  return [
    way('As laid', plan.count),
    way('Laid the other way', other.count),
    {
      name: `By area and ${most} %`,
      needed: says.area(customary.orderM2 * 1e6, 2),
      costMinor: cost(customary.boxes),
    },
  ]
}

/** Round the edge of a floor, doors left out. */
const roundOf = (floor: readonly Point[], doorsMm: readonly number[]): number =>
  floor.reduce((sum, p, i) => sum + distance(p, floor[(i + 1) % floor.length] ?? p), 0) -
  doorsMm.reduce((sum, mm) => sum + mm, 0)

/** A bar in each door, where this floor meets the next. */
const thresholds = (doorsMm: readonly number[], says: Formatter): GoesWith[] =>
  doorsMm.length === 0
    ? []
    : [{ name: 'Threshold bars', quantity: `${doorsMm.length} of ${says.lengths(doorsMm)}` }]

/** Carpet from a roll, whole drops side by side. */
export function carpetLine({ row, floor = [], doorsMm, says }: TakeoffInput): Reckoned {
  const roll = row.goodsWidthMm ?? 0
  const side = (axis: 'x' | 'y') =>
    Math.max(...floor.map((p) => p[axis])) - Math.min(...floor.map((p) => p[axis]))
  const [along, across] = row.turned ? [side('y'), side('x')] : [side('x'), side('y')]
  const got = carpetDrops(along, across, roll, row.trimMm)
  const other = carpetDrops(across, along, roll, row.trimMm)
  const drops = (way: typeof got): Omit<Beside, 'name'> => ({
    needed: `${says.length(way.rollLengthMm)}, ${way.seams === 0 ? 'no seam' : says.count(way.seams, 'seam')}`,
    costMinor:
      row.packMinor === null
        ? undefined
        : Math.round((way.rollLengthMm / soldUnitMm(says.system)) * row.packMinor),
  })
  return {
    lengthMm: got.rollLengthMm,
    packWord: ['', ''],
    needed: says.area(along * across, 2),
    work: [{ task: 'lay carpet', amount: along * across }],
    over: says.area(got.rollLengthMm * roll - along * across, 2),
    sum: [
      `${says.drawn(across)} ÷ ${says.drawn(roll)} → ${says.count(got.drops, 'drop')}`,
      `${got.drops} × (${says.drawn(along)} + ${says.drawn(row.trimMm)}) = ${says.length(got.rollLengthMm)}`,
    ],
    beside: [
      { name: 'As laid', ...drops(got) },
      { name: 'Laid the other way', ...drops(other) },
    ],
    goesWith: [
      { name: 'Underlay', quantity: says.area(along * across, 1) },
      { name: 'Gripper round the edge, doors left out', quantity: says.run(roundOf(floor, doorsMm)) },
      ...thresholds(doorsMm, says),
    ],
    notes: [
      got.seams > 0
        ? `${says.count(got.seams, 'seam')}: keep it out of the door and out of the way.`
        : 'No seam.',
    ],
    drawings: [
      {
        name: 'Floor',
        widthMm: along,
        heightMm: across,
        times: 1,
        parts: Array.from({ length: got.drops }, (_, i) => ({
          xMm: 0,
          yMm: i * roll,
          widthMm: along,
          heightMm: Math.min(roll, across - i * roll),
          label: String(i + 1),
          use: 'used' as const,
        })),
      },
    ],
  }
}

import { distance, perimeter, type Point } from '../../../kernel/geometry/polygon.js'
import { boxesFor, CUSTOMARY_WASTE } from '../customary.js'
import type { Formatter } from '../../../kernel/units/formatter.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import {
  goods,
  keptOf,
  type Beside,
  type GoesWith,
  type Reckoned,
  type TakeoffInput,
} from '../takeoffTypes.js'
import { ceilDiv, soldUnitMm, tens } from '../trade.js'
import { boardDrawing, layBoards, type FloorPlan } from './boards.js'
import { bothWays, carpetDrawing, type CarpetPlan } from './carpet.js'
import { turned, type FloorDoor } from './floorPlan.js'

/** Boards laid row by row on the floor. */
export function boardsLine({ row, floor = [], doors, says }: TakeoffInput): Reckoned {
  const board = goods(row)
  const way = turned(floor, doors, row.turned)
  const plan = layBoards(way.outline, board)
  const other = layBoards(turned(floor, doors, !row.turned).outline, board)
  const [from, to] = CUSTOMARY_WASTE['straight plank']
  const packs = ceilDiv(plan.count, row.packOf) + row.sparePacks
  return {
    pieces: plan.count,
    packWord: row.packOf > 1 ? ['pack', 'packs'] : ['board', 'boards'],
    work: [{ task: 'lay boards', amount: plan.areaMm2 }],
    needed: `${says.count(plan.count, 'board')}, ${says.area(plan.areaMm2, 2)}`,
    keeps: keptOf(ceilDiv(plan.count, row.packOf) * row.packOf - plan.count, 'board', says),
    over: says.count(packs * row.packOf - plan.count, 'board'),
    sum: [
      `${says.count((plan.boards.at(-1)?.row ?? 0) + 1, 'row')} of ${says.drawn(board.widthMm)}, ${says.count(plan.boards.length, 'piece')} laid`,
      `${says.count(plan.count, 'board')} opened, waste ${says.number(plan.wastePercent, 1)} % as laid`,
    ],
    beside: besideOf(row, plan, other, says),
    goesWith: [
      { name: 'Underlay', quantity: says.area(plan.areaMm2, 1) },
      { name: 'Beading where the skirting stays on', quantity: says.run(roundOf(floor, doors)) },
      ...thresholds(doors, says),
    ],
    notes: [
      `Customary waste ${from} to ${to} %; this plan comes to ${says.number(plan.wastePercent, 1)} %.`,
      'Leave the gap at the walls that the maker asks for.',
      ...lookNotes(way.outline, says),
    ],
    drawings: [boardDrawing(way.outline, way.doors, plan)],
  }
}

/** A room this much longer than wide is a long one (common practice: half as long again). */
const LONG_ROOM = 1.5

/** What the direction of boards does to a long room. */
function lookNotes(outline: readonly Point[], says: Formatter): string[] {
  const side = (axis: 'x' | 'y') =>
    Math.max(...outline.map((p) => p[axis])) - Math.min(...outline.map((p) => p[axis]))
  const [along, across] = [side('x'), side('y')]
  const ratio = Math.max(along, across) / Math.min(along, across)
  if (ratio < LONG_ROOM) return []
  const way = along > across ? 'along it they draw it longer' : 'across it they make it look wider'
  return [
    `The room is ${says.number(ratio, 1)} times as long as wide: wide boards make it look wider; laid ${way}.`,
  ]
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
const roundOf = (floor: readonly Point[], doors: readonly FloorDoor[]): number =>
  perimeter(floor) - doors.reduce((sum, d) => sum + distance(d.from, d.to), 0)

/** A bar in each door, where this floor meets the next. */
const thresholds = (doors: readonly FloorDoor[], says: Formatter): GoesWith[] =>
  doors.length === 0
    ? []
    : [
        {
          name: 'Threshold bars',
          quantity: `${doors.length} of ${says.lengths(doors.map((d) => distance(d.from, d.to)))}`,
        },
      ]

/** Carpet from a roll, whole widths side by side, the seams out of the doors. */
export function carpetLine({ row, floor = [], doors, says }: TakeoffInput): Reckoned {
  const roll = row.goodsWidthMm ?? 0
  const way = turned(floor, doors, row.turned)
  const { got, other } = bothWays(floor, doors, row)
  const across = Math.max(...way.outline.map((p) => p.y)) - Math.min(...way.outline.map((p) => p.y))
  return {
    lengthMm: got.rollLengthMm,
    packWord: ['', ''],
    needed: says.area(got.areaMm2, 2),
    work: [{ task: 'lay carpet', amount: got.areaMm2 }],
    keeps: says.area(got.rollLengthMm * roll - got.areaMm2, 2),
    over: says.area(got.rollLengthMm * roll - got.areaMm2, 2),
    sum: [
      `${says.drawn(across)} ÷ ${says.drawn(roll)} → ${says.count(got.drops, 'drop')}`,
      `${stripsText(got, says)} + ${got.drops} × ${says.drawn(row.trimMm)} = ${says.length(got.rollLengthMm)}`,
    ],
    beside: [carpetWay('As laid', got, row, says), carpetWay('Laid the other way', other, row, says)],
    goesWith: [
      { name: 'Underlay', quantity: says.area(got.areaMm2, 1) },
      { name: 'Gripper round the edge, doors left out', quantity: says.run(roundOf(floor, doors)) },
      ...thresholds(doors, says),
    ],
    notes: [...seamNotes(got, says), 'The pile runs the same way on every strip.'],
    drawings: [carpetDrawing(way.outline, way.doors, got)],
  }
}

/** `2 × 5 100`, or `5 100 + 3 000` where the floor is shorter under one of them. */
function stripsText({ strips }: CarpetPlan, says: Formatter): string {
  const lengths = strips.map((s) => says.drawn(s.lengthMm))
  return new Set(lengths).size === 1 ? `${lengths.length} × ${lengths[0] ?? ''}` : lengths.join(' + ')
}

function carpetWay(name: string, plan: CarpetPlan, row: Takeoff, says: Formatter): Beside {
  const seams = plan.seams === 0 ? 'no seam' : says.count(plan.seams, 'seam')
  const met = plan.inDoors.length === 0 ? '' : ` in ${plan.inDoors.join(', ')}`
  return {
    name,
    needed: `${says.length(plan.rollLengthMm)}, ${seams}${met}`,
    costMinor:
      row.packMinor === null
        ? undefined
        : Math.round((plan.rollLengthMm / soldUnitMm(says.system)) * row.packMinor),
  }
}

function seamNotes(plan: CarpetPlan, says: Formatter): string[] {
  if (plan.seams === 0) return ['No seam.']
  const seams = says.count(plan.seams, 'seam')
  if (plan.inDoors.length > 0)
    return [
      `${seams}: ${plan.inDoors.join(', ')} cannot be kept clear of them this way. Lay it the other way, or take a wider roll.`,
    ]
  if (plan.clearMm === undefined) return [`${seams}.`]
  return [`${seams}, ${says.length(tens(plan.clearMm))} from the nearest door.`]
}

import type { Point } from '../../../kernel/geometry/polygon.js'
import { CUSTOMARY_WASTE } from '../customary.js'
import { goods, type Reckoned, type TakeoffInput } from '../takeoffTypes.js'
import { ceilDiv } from '../trade.js'
import { boardDrawing, carpetDrops, layBoards } from './boards.js'

const turnedFloor = (floor: readonly Point[]) => floor.map((p) => ({ x: p.y, y: p.x }))

/** Boards laid row by row on the floor. */
export function boardsLine({ row, floor = [], says }: TakeoffInput): Reckoned {
  const board = goods(row)
  const outline = row.turned ? turnedFloor(floor) : floor
  const plan = layBoards(outline, board)
  const other = layBoards(row.turned ? floor : turnedFloor(floor), board)
  const [from, to] = CUSTOMARY_WASTE['straight plank']
  const packs = ceilDiv(plan.count, row.packOf) + row.sparePacks
  return {
    pieces: plan.count,
    packWord: row.packOf > 1 ? ['pack', 'packs'] : ['board', 'boards'],
    needed: `${says.count(plan.count, 'board')}, ${says.area(plan.areaMm2, 2)}`,
    over: says.count(packs * row.packOf - plan.count, 'board'),
    sum: [
      `${says.count((plan.boards.at(-1)?.row ?? 0) + 1, 'row')} of ${says.drawn(board.widthMm)}, ${says.count(plan.boards.length, 'piece')} laid`,
      `${says.count(plan.count, 'board')} opened, waste ${says.number(plan.wastePercent, 1)} % as laid`,
    ],
    notes: [
      `Customary waste ${from} to ${to} %; this plan comes to ${says.number(plan.wastePercent, 1)} %.`,
      `Laid the other way: ${says.count(other.count, 'board')}.`,
      'Leave the gap at the walls that the maker asks for.',
    ],
    drawings: [boardDrawing('Floor', outline, plan)],
  }
}

/** Carpet from a roll, whole drops side by side. */
export function carpetLine({ row, floor = [], says }: TakeoffInput): Reckoned {
  const roll = row.goodsWidthMm ?? 0
  const side = (axis: 'x' | 'y') =>
    Math.max(...floor.map((p) => p[axis])) - Math.min(...floor.map((p) => p[axis]))
  const [along, across] = row.turned ? [side('y'), side('x')] : [side('x'), side('y')]
  const got = carpetDrops(along, across, roll, row.trimMm)
  const other = carpetDrops(across, along, roll, row.trimMm)
  return {
    lengthMm: got.rollLengthMm,
    packWord: ['', ''],
    needed: says.area(along * across, 2),
    over: says.area(got.rollLengthMm * roll - along * across, 2),
    sum: [
      `${says.drawn(across)} ÷ ${says.drawn(roll)} → ${says.count(got.drops, 'drop')}`,
      `${got.drops} × (${says.drawn(along)} + ${says.drawn(row.trimMm)}) = ${says.length(got.rollLengthMm)}`,
    ],
    notes: [
      got.seams > 0
        ? `${says.count(got.seams, 'seam')}: keep it out of the door and out of the way.`
        : 'No seam.',
      `Laid the other way: ${says.length(other.rollLengthMm)}, ${says.count(other.seams, 'seam')}.`,
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

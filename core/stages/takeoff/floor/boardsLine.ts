import type { Point } from '../../../kernel/geometry/polygon.js'
import { boxesFor, CUSTOMARY_WASTE } from '../customary.js'
import type { Formatter } from '../../../kernel/units/formatter.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import { goods, keptOf, type Beside, type Reckoned, type TakeoffInput } from '../takeoffTypes.js'
import { ceilDiv } from '../trade.js'
import { boardDrawing, layBoards, type FloorPlan } from './boards.js'
import { roundOf, thresholds } from './edge.js'
import { floorBox, turned } from './floorPlan.js'

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
  const { widthMm: along, heightMm: across } = floorBox(outline)
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

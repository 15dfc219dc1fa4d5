import { isHeavy, openingOf } from '../rules/heavyNeighbors.js'
import { scaleOf } from '../rules/oneScale.js'
import { MOST_ON_A_SIDE } from '../rules/lopsided.js'
import type { SetDown } from '../stylingFacts.js'
import type { Block, Board } from './board.js'

/** An arrangement: what stands in each bay from the left, which way each block stands, and what is off view. */
export interface State {
  readonly bays: number[][]
  readonly ways: Uint8Array
  /** The bay of each block; -1 off view. */
  readonly at: Int32Array
}

/** How much each fault of an arrangement counts, in points (common practice: what the eye meets first counts most). */
const POINTS = {
  oneScale: 8,
  alikeOver: 7,
  alikeBeside: 3,
  heavyBeside: 5,
  side: 6,
  leaning: 2,
  material: 5,
  spread: 2,
  empty: 2,
  full: 4,
  high: 3,
  offView: 4,
  lovedOff: 40,
  moved: 0.2,
} as const

/** More of a shelf than this part in use looks full (common practice: a third of it left as air). */
const FULL_PART = 0.7
export const blockAt = (board: Board, state: State, n: number): Block | undefined =>
  board.choices[n]?.ways[state.ways[n] ?? 0]

/** The thing at the bottom of a block is what weighs. */
const weighs = (block: Block, openingMm2: number | undefined): boolean =>
  block.things[0] !== undefined && isHeavy(block.things[0], openingMm2)

/** The faults of one shelf, over all its compartments, by their numbers. */
export function shelfCost(board: Board, state: State, bays: readonly number[]): number {
  const [first] = bays
  const level = first === undefined ? undefined : board.bays[first]?.level
  if (!level) return 0
  const width = level.clearWidthMm * level.across
  const opening = openingOf(level)
  const things: SetDown[] = []
  let [points, used, left, all, groups] = [0, 0, 0, 0, 0]
  bays.forEach((b, bay) => {
    const row = state.bays[b] ?? []
    const wide = row.reduce((sum, n) => sum + (blockAt(board, state, n)?.wideMm ?? 0), 0)
    const gap = Math.max(0, level.clearWidthMm - wide) / (row.length + 1)
    let x = bay * level.clearWidthMm + gap
    row.forEach((n, i) => {
      const block = blockAt(board, state, n)
      if (!block) return
      things.push(...block.things)
      const weight = block.look
      left += weight * Math.min(1, Math.max(0, (width / 2 - x) / block.wideMm))
      all += weight
      groups += block.things.length
      x += block.wideMm + gap
      const next = row[i + 1]
      const beside = next === undefined ? undefined : blockAt(board, state, next)
      if (next !== undefined && beside) {
        if (board.alike(n, next)) points += POINTS.alikeBeside
        if (weighs(block, opening) && weighs(beside, opening)) points += POINTS.heavyBeside
      }
    })
    used += wide
  })
  if (groups === 0) return POINTS.empty
  if (scaleOf({ things, clearHeightMm: level.clearHeightMm }) !== undefined) points += POINTS.oneScale
  const part = used / width
  if (part > FULL_PART) points += (POINTS.full * (part - FULL_PART)) / (1 - FULL_PART)
  if (groups > 1 && all > 0) {
    const side = Math.max(left, all - left) / all
    points += POINTS.leaning * (side - 0.5) * 2
    if (side > MOST_ON_A_SIDE) points += POINTS.side
  }
  return points
}

/** The faults of one unit: of its shelves, of what stands over what, of its materials, and of what is heavy at the top. */
export function unitCost(
  board: Board,
  state: State,
  unit: number,
  ofShelf: (bays: readonly number[]) => number = (bays) => shelfCost(board, state, bays),
): number {
  let points = 0
  const seen = new Set<number>()
  const materials = new Map<string, number>()
  let [counted, look, lifted] = [0, 0, 0]
  const levels = board.units[unit]?.levels.filter((l) => l.number > 0).length ?? 1
  board.bays.forEach((bay, b) => {
    if (bay.unit !== unit) return
    if (!seen.has(bay.level.number)) {
      seen.add(bay.level.number)
      points += ofShelf(bay.shelf)
    }
    for (const n of state.bays[b] ?? []) {
      const block = blockAt(board, state, n)
      if (!block) continue
      for (const a of bay.above)
        for (const over of state.bays[a] ?? []) if (board.alike(n, over)) points += POINTS.alikeOver
      const weight = block.look
      look += weight
      lifted += (weight * (bay.level.number - 1)) / Math.max(1, levels - 1)
      for (const t of block.things)
        if (t.kind !== 'books') {
          counted++
          if (t.material !== undefined) materials.set(t.material, (materials.get(t.material) ?? 0) + 1)
        }
    }
  })
  const most = Math.max(0, ...materials.values())
  if (board.units.length > 1 && most >= 3 && 2 * most > counted) points += POINTS.material
  if (counted > 0) points += (POINTS.spread * most) / counted
  // What is heavy belongs low: the middle of all weight below the middle of the unit.
  if (look > 0 && lifted / look > 0.5) points += POINTS.high * (lifted / look - 0.5) * 2
  return points
}

/** What is off view, and what stands otherwise than now. */
export function placeCost(board: Board, state: State): number {
  let points = 0
  board.choices.forEach((c, n) => {
    const at = state.at[n] ?? -1
    if (at < 0) points += c.bay !== undefined && c.ways[0]?.keeps ? POINTS.lovedOff : POINTS.offView
    if ((c.bay ?? -1) !== at) points += POINTS.moved
  })
  return points
}

export const wholeCost = (board: Board, state: State): number =>
  board.units.reduce((sum, _u, u) => sum + unitCost(board, state, u), placeCost(board, state))

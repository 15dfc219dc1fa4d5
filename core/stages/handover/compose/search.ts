import { seededNumbers } from '../../../kernel/random/seededNumbers.js'
import { goesIn, type Board } from './board.js'
import { blockAt, placeCost, shelfCost, unitCost, type State } from './cost.js'

/** What one run of the search found. */
export interface Found {
  readonly state: State
  readonly cost: number
}

export const firstState = (board: Board): State => ({
  bays: board.start.map((row) => [...row]),
  ways: new Uint8Array(board.choices.length),
  at: Int32Array.from(board.choices, (c) => c.bay ?? -1),
})

const copyOf = (s: State): State => ({
  bays: s.bays.map((row) => [...row]),
  ways: Uint8Array.from(s.ways),
  at: Int32Array.from(s.at),
})

/** Whether all that stands in a bay, and on its shelf, goes there. */
export function isLegal(board: Board, state: State, b: number): boolean {
  const bay = board.bays[b]
  if (!bay) return false
  let wide = 0
  for (const n of state.bays[b] ?? []) {
    const block = blockAt(board, state, n)
    if (!block || !goesIn(bay, block)) return false
    wide += block.wideMm
  }
  if (wide > bay.level.clearWidthMm) return false
  if (bay.level.bearsG === undefined) return true
  const grams = bay.shelf
    .flatMap((s) => state.bays[s] ?? [])
    .reduce((sum, n) => sum + (blockAt(board, state, n)?.weightG ?? 0), 0)
  return grams <= bay.level.bearsG
}

/** Takes out of view what is not where it goes, so that every step from here on is legal. */
function madeLegal(board: Board, state: State): void {
  state.bays.forEach((row, b) => {
    while (row.length > 0 && !isLegal(board, state, b)) {
      const worst = [...row].sort(
        (x, y) => (blockAt(board, state, y)?.wideMm ?? 0) - (blockAt(board, state, x)?.wideMm ?? 0),
      )
      const bay = board.bays[b]
      const isTooLarge = (n: number) => {
        const block = blockAt(board, state, n)
        return bay !== undefined && block !== undefined && !goesIn(bay, block)
      }
      const out = worst.find(isTooLarge) ?? worst[0]
      if (out === undefined) break
      row.splice(row.indexOf(out), 1)
      state.at[out] = -1
    }
  })
}

/** One step and how to take it back; undefined where it would not be legal. */
type Step = (() => void) | undefined

function lift(state: State, n: number): () => void {
  const b = state.at[n] ?? -1
  const row = b < 0 ? undefined : state.bays[b]
  const i = row?.indexOf(n) ?? -1
  row?.splice(i, 1)
  state.at[n] = -1
  return () => {
    row?.splice(i, 0, n)
    state.at[n] = b
  }
}

function put(state: State, n: number, b: number, i: number): () => void {
  state.bays[b]?.splice(i, 0, n)
  state.at[n] = b
  return () => {
    state.bays[b]?.splice(i, 1)
    state.at[n] = -1
  }
}

function moved(board: Board, state: State, n: number, b: number, random: () => number): Step {
  const back = lift(state, n)
  const i = Math.floor(random() * ((state.bays[b]?.length ?? 0) + 1))
  const out = put(state, n, b, i)
  const undo = () => {
    out()
    back()
  }
  if (isLegal(board, state, b)) return undo
  undo()
  return undefined
}

function exchanged(board: Board, state: State, n: number, m: number): Step {
  const [a, b] = [state.at[n] ?? -1, state.at[m] ?? -1]
  if (a < 0 || b < 0 || n === m) return undefined
  const [rowA, rowB] = [state.bays[a], state.bays[b]]
  if (!rowA || !rowB) return undefined
  const [i, j] = [rowA.indexOf(n), rowB.indexOf(m)]
  const swap = (x: number, y: number) => {
    rowA[i] = x
    rowB[j] = y
    state.at[x] = a
    state.at[y] = b
  }
  swap(m, n)
  const undo = () => swap(n, m)
  if (isLegal(board, state, a) && isLegal(board, state, b)) return undo
  undo()
  return undefined
}

function turnedOver(board: Board, state: State, n: number): Step {
  if ((board.choices[n]?.ways.length ?? 1) < 2) return undefined
  const was = state.ways[n] ?? 0
  state.ways[n] = 1 - was
  const undo = () => {
    state.ways[n] = was
  }
  const b = state.at[n] ?? -1
  if (b < 0 || isLegal(board, state, b)) return undo
  undo()
  return undefined
}

/** A step drawn by lot: a block moved, two exchanged, books turned over, or something nobody loves taken off view. */
function anyStep(board: Board, state: State, n: number, other: number, random: () => number): Step {
  const kind = random()
  if (kind < 0.45) return moved(board, state, n, Math.floor(random() * board.bays.length), random)
  if (kind < 0.85) return exchanged(board, state, n, other)
  if (kind < 0.95) return turnedOver(board, state, n)
  return (state.at[n] ?? -1) >= 0 && board.choices[n]?.ways[0]?.keeps === false ? lift(state, n) : undefined
}

/** The faults of an arrangement, kept by shelf and by unit, so that a step asks only for what it touched. */
class Sums {
  private readonly shelves = new Map<number, number>()
  private readonly units: number[]

  constructor(
    private readonly board: Board,
    private readonly state: State,
  ) {
    this.units = board.units.map((_u, u) => this.ofUnit(u))
  }

  private readonly ofShelf = (bays: readonly number[]): number => {
    const first = bays[0] ?? -1
    const known = this.shelves.get(first)
    if (known !== undefined) return known
    const cost = shelfCost(this.board, this.state, bays)
    this.shelves.set(first, cost)
    return cost
  }

  private ofUnit(unit: number): number {
    return unitCost(this.board, this.state, unit, this.ofShelf)
  }

  total(): number {
    return this.units.reduce((sum, c) => sum + c, placeCost(this.board, this.state))
  }

  /**
   * Reckons anew what some bays belong to.
   * @returns takes it back
   */
  renew(bays: readonly number[]): () => void {
    const touched = bays.flatMap((b) => this.board.bays[b] ?? [])
    const shelves = touched.map((b) => [b.shelf[0] ?? -1, this.shelves.get(b.shelf[0] ?? -1)] as const)
    const units = touched.map((b) => [b.unit, this.units[b.unit] ?? 0] as const)
    for (const [first] of shelves) this.shelves.delete(first)
    for (const [unit] of units) this.units[unit] = this.ofUnit(unit)
    return () => {
      for (const [first, cost] of shelves)
        if (cost === undefined) this.shelves.delete(first)
        else this.shelves.set(first, cost)
      for (const [unit, cost] of units) this.units[unit] = cost
    }
  }
}

/**
 * Looks for an arrangement with few faults: small steps, at first also some that make it worse, later only those that do not
 * (simulated annealing). Every step is legal; what is loved is never taken off view.
 *
 * @param rounds how many steps are tried
 * @see Kirkpatrick, Gelatt, Vecchi, Science 220, 1983
 */
export function search(
  board: Board,
  seed: number,
  rounds: number,
  told: (part: number) => void = () => undefined,
): Found {
  const random = seededNumbers(seed)
  const state = firstState(board)
  madeLegal(board, state)
  const sums = new Sums(board, state)
  let now = sums.total()
  let best: Found = { state: copyOf(state), cost: now }
  const [many, bays] = [board.choices.length, board.bays.length]
  if (many === 0 || bays === 0) return best
  const some = (n: number) => Math.floor(random() * n)
  for (let round = 0; round < rounds; round++) {
    if (round % 500 === 0) told(round / rounds)
    const [n, other] = [some(many), some(many)]
    const before = [state.at[n] ?? -1, state.at[other] ?? -1]
    const step = anyStep(board, state, n, other, random)
    if (!step) continue
    const back = sums.renew([...before, state.at[n] ?? -1, state.at[other] ?? -1])
    const then = sums.total()
    // Warm at first, cold at the end; a fault counts some points.
    const heat = 4 * (1 - round / rounds) ** 2
    if (then <= now || random() < Math.exp((now - then) / Math.max(heat, 1e-9))) {
      now = then
      if (now < best.cost - 1e-9) best = { state: copyOf(state), cost: now }
    } else {
      step()
      back()
    }
  }
  told(1)
  return best
}

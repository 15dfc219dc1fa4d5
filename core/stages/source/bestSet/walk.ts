import { repaired } from './localSearch.js'
import type { FlatSet } from './problem.js'
import { Relaxation } from './relaxation.js'

/** What the search says while it works: the best found so far and what none can be worth more than. */
export interface SearchState {
  readonly best: number
  readonly bound: number
}

export interface SearchWish {
  /** A selection known to keep all conditions, to start from. */
  readonly start?: Int32Array
  readonly progress?: (state: SearchState) => void
  /** Asked now and then; true ends the search with the best found. */
  readonly stopped?: () => boolean
}

/** The best selection known so far, shared by all walks of one search. */
export interface Best {
  value: number
  /** In indices of the whole problem. */
  selection: Int32Array | undefined
}

const EPSILON = 1e-6
/** How often the multipliers are improved at the root, and at each node. */
export const ROOT_STEPS = 121
const NODE_STEPS = 9

/** A walk through the tree of what is left: bounded and narrowed at the root and at every node. */
export class Walk extends Relaxation {
  ready = false
  nodes = 0
  private bestBound = Infinity
  private readonly kept: Float64Array
  private readonly scratch: Int32Array

  constructor(
    flat: FlatSet,
    private readonly best: Best,
    private readonly from: Int32Array,
    private readonly wish: SearchWish,
  ) {
    super(flat)
    this.kept = new Float64Array(this.multipliers.length)
    this.scratch = new Int32Array(flat.groupCount)
  }

  /** Bounds the whole and strikes out. @returns false when nothing better than the best known is left */
  root(steps: number): boolean {
    this.ready = true
    if (!this.affordable()) return false
    return this.tighten(steps, 2)
  }

  /** How far the bound is above the best known. */
  get gap(): number {
    return this.bestBound - this.best.value
  }

  /**
   * Improves the multipliers for what is left, striking out on the way.
   * @returns false when nothing better than the best known is left
   */
  private tighten(steps: number, reach: number): boolean {
    const { flat, multipliers: m, pick, used, activeRows } = this
    const { capMax, budget } = flat
    const caps = capMax.length
    const { unit, kept, spentOn, best } = this
    let lowest = Infinity
    let scale = reach
    let stale = 0
    this.gather()
    for (let step = 0; step < steps; step++) {
      const active = this.activeCount
      this.relax()
      const { bound, spent } = this
      const wanted = best.value + 1 - EPSILON
      if (bound < wanted) return false
      if (!this.strikeOut(bound - wanted)) return false
      if (bound < lowest - 1e-4) {
        lowest = bound
        kept.set(m)
        stale = 0
      } else if (++stale >= 8) {
        scale /= 2
        stale = 0
        if (scale < 0.01) break
      }
      // The direction: what is over-used gets dearer, what is spare gets cheaper.
      const over = spent - budget
      let norm = (over / unit) ** 2
      let feasible = over <= 0
      for (let i = 0; i < active; i++) {
        const k = activeRows[i]!
        const d = used[k]!
        if (d > 0) {
          feasible = false
          norm += d * d
        } else if (d < 0 && m[k]! > 0) norm += 1
      }
      for (let i = 0; i < caps; i++) {
        const d = spentOn[i]! - capMax[i]!
        if (d > 0) feasible = false
        norm += (d / unit) ** 2
      }
      if (feasible) {
        if (this.apart(pick)) this.offerPick(pick)
      } else if (steps === ROOT_STEPS ? step % 30 === 29 : step === steps - 1 && (this.nodes & 31) === 0)
        this.repair()
      if (norm === 0) break
      const length = (scale * Math.max(bound - Math.max(best.value, 0.97 * bound), 0.5)) / norm
      this.adjust(length)
    }
    if (lowest < Infinity) m.set(kept)
    this.bestBound = lowest
    return true
  }

  private offerPick(pick: Int32Array): void {
    let value = 0
    for (const o of pick) value += this.flat.value[o]!
    if (value <= this.best.value) return
    this.best.value = value
    const selection = new Int32Array(this.flat.groupCount)
    pick.forEach((o, g) => (selection[g] = this.from[o]!))
    this.best.selection = selection
    this.wish.progress?.({ best: value, bound: Math.max(value, Math.floor(this.bestBound)) })
  }

  /** Makes a whole selection of the present picks, and offers it. */
  private repair(): void {
    const found = repaired(this.flat, this.alive, this.pick, this.worth, this.multipliers[this.rowCount]!)
    if (found) this.offerPick(found)
  }

  private apart(selection: Int32Array): boolean {
    const { neighborStart, neighbors, groupOf } = this.flat
    return selection.every((o) => {
      for (let k = neighborStart[o]!; k < neighborStart[o + 1]!; k++)
        if (selection[groupOf[neighbors[k]!]!] === neighbors[k]) return false
      return true
    })
  }

  /** Searches what is left of the present node. @returns false when it was told to stop */
  search(): boolean {
    if ((this.nodes++ & 15) === 0 && this.wish.stopped?.()) return false
    const { flat } = this
    // The group with the fewest ways left, of equal ones the one where the second best costs most.
    let [at, fewest, regret] = [-1, Infinity, -1]
    for (let g = 0; g < flat.groupCount; g++) {
      const n = this.left[g]!
      if (n < 2 || n > fewest) continue
      let [one, two] = [-Infinity, -Infinity]
      for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++) {
        if (!this.alive[o]) continue
        const w = this.worth[o]!
        if (w > one) [one, two] = [w, one]
        else if (w > two) two = w
      }
      if (n < fewest || one - two > regret) [at, fewest, regret] = [g, n, one - two]
    }
    if (at < 0) {
      for (let g = 0; g < flat.groupCount; g++)
        for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++) if (this.alive[o]) this.scratch[g] = o
      // Groups that were left with one option by striking out have not been held against each other.
      if (this.apart(this.scratch)) this.offerPick(this.scratch)
      return true
    }
    const ways: number[] = []
    for (let o = flat.start[at]!; o < flat.start[at + 1]!; o++) if (this.alive[o]) ways.push(o)
    ways.sort((x, y) => this.worth[y]! - this.worth[x]!)
    const before = this.multipliers
    for (const o of ways) {
      const mark = this.trailed
      this.multipliers = before.slice()
      const on = !this.take(o) || !this.tighten(NODE_STEPS, 0.5) || this.search()
      this.undoTo(mark)
      if (!on) return false
    }
    this.multipliers = before
    return true
  }
}

import type { FlatSet } from './problem.js'

const ROUNDS = 8
const PASSES = 20

/**
 * A whole selection near the picks of a relaxation, that keeps budget, caps and conflicts: broken conditions are settled
 * at rising prices, then single and double swaps go up while they gain.
 *
 * @param alive options that may be taken; each group has at least one
 * @param pick one option of each group, dead ones among them perhaps
 * @param worth of each option at the prices of the relaxation
 * @param rate value of one more minor unit there
 * @returns undefined when the conditions could not be settled
 */
export function repaired(
  flat: FlatSet,
  alive: Uint8Array,
  pick: Int32Array,
  worth: Float64Array,
  rate: number,
): Int32Array | undefined {
  const search = new LocalSearch(flat, alive)
  search.begin(pick, worth)
  if (!search.settle(rate)) return undefined
  do while (search.swapOne());
  while (search.swapTwo())
  return search.chosen
}

class LocalSearch {
  readonly chosen: Int32Array
  /** How many of the chosen exclude each option. */
  private readonly blocked: Int32Array
  private readonly spentOn: Float64Array
  private spent = 0

  constructor(
    private readonly flat: FlatSet,
    private readonly alive: Uint8Array,
  ) {
    this.chosen = new Int32Array(flat.groupCount)
    this.blocked = new Int32Array(flat.optionCount)
    this.spentOn = new Float64Array(flat.capMax.length)
  }

  begin(pick: Int32Array, worth: Float64Array): void {
    const { start } = this.flat
    for (let g = 0; g < this.flat.groupCount; g++) {
      let at = pick[g]!
      if (!this.alive[at]) {
        let top = -Infinity
        for (let o = start[g]!; o < start[g + 1]!; o++)
          if (this.alive[o] && worth[o]! > top) {
            top = worth[o]!
            at = o
          }
      }
      this.chosen[g] = at
      this.put(at, 1)
    }
  }

  private put(o: number, by: 1 | -1): void {
    const { neighborStart, neighbors, cost, capOf, groupOf } = this.flat
    for (let k = neighborStart[o]!; k < neighborStart[o + 1]!; k++) this.blocked[neighbors[k]!]! += by
    this.spent += by * cost[o]!
    const cap = capOf[groupOf[o]!]!
    if (cap >= 0) this.spentOn[cap]! += by * cost[o]!
  }

  /** Money past budget and cap with this much more spent. */
  private tooMuch(more: number, cap: number): number {
    const { budget, capMax } = this.flat
    const onCap = cap >= 0 ? Math.max(0, this.spentOn[cap]! + more - capMax[cap]!) : 0
    return Math.max(0, this.spent + more - budget) + onCap
  }

  private keeps(): boolean {
    const { budget, capMax } = this.flat
    if (this.spent > budget) return false
    for (let i = 0; i < capMax.length; i++) if (this.spentOn[i]! > capMax[i]!) return false
    return this.chosen.every((o) => this.blocked[o] === 0)
  }

  /** Each conflict and each unit too much has a price that rises until none is left. */
  settle(rate: number): boolean {
    const { value, budget } = this.flat
    const most = this.chosen.reduce((m, o) => Math.max(m, value[o]!), 1)
    let perConflict = most / 8
    let perMinor = Math.max(rate, most / Math.max(1, budget)) * 1.5
    for (let round = 0; round < ROUNDS; round++) {
      for (let pass = 0; pass < PASSES && this.pass(perConflict, perMinor); pass++);
      if (this.keeps()) return true
      perConflict *= 1.7
      perMinor *= 1.7
    }
    return false
  }

  /** Each group at what is best for it now. @returns whether any moved */
  private pass(perConflict: number, perMinor: number): boolean {
    const { groupCount, start, value, cost, capOf } = this.flat
    let moved = false
    for (let g = 0; g < groupCount; g++) {
      const now = this.chosen[g]!
      this.put(now, -1)
      let top = -Infinity
      let at = now
      for (let o = start[g]!; o < start[g + 1]!; o++) {
        if (!this.alive[o]) continue
        const gain = value[o]! - perConflict * this.blocked[o]! - perMinor * this.tooMuch(cost[o]!, capOf[g]!)
        if (gain > top || (gain === top && o === now)) {
          top = gain
          at = o
        }
      }
      this.put(at, 1)
      this.chosen[g] = at
      moved ||= at !== now
    }
    return moved
  }

  /** Each group at the most it can have with all others as they are. @returns whether any gained */
  swapOne(): boolean {
    const { groupCount, start, value, cost, capOf } = this.flat
    let gained = false
    for (let g = 0; g < groupCount; g++) {
      const now = this.chosen[g]!
      this.put(now, -1)
      let top = value[now]!
      let at = now
      for (let o = start[g]!; o < start[g + 1]!; o++)
        if (
          this.alive[o] &&
          this.blocked[o] === 0 &&
          value[o]! > top &&
          this.tooMuch(cost[o]!, capOf[g]!) === 0
        ) {
          top = value[o]!
          at = o
        }
      this.put(at, 1)
      this.chosen[g] = at
      gained ||= at !== now
    }
    return gained
  }

  /** One option up and another down, together worth more: the least loss that makes room is looked for first. */
  swapTwo(): boolean {
    const { groupCount, optionCount, start, cost, value, groupOf, budget } = this.flat
    const loss = (p: number) => value[this.chosen[groupOf[p]!]!]! - value[p]!
    const downs: number[] = []
    for (let o = 0; o < optionCount; o++)
      if (this.alive[o] && this.blocked[o] === 0 && loss(o) >= 0 && this.chosen[groupOf[o]!] !== o)
        downs.push(o)
    downs.sort((x, y) => loss(x) - loss(y))
    for (let g = 0; g < groupCount; g++) {
      const now = this.chosen[g]!
      for (let o = start[g]!; o < start[g + 1]!; o++) {
        const gain = value[o]! - value[now]!
        if (gain <= 0 || !this.alive[o] || this.blocked[o]! > 1) continue
        for (const p of downs) {
          if (loss(p) >= gain) break
          const h = groupOf[p]!
          const other = this.chosen[h]!
          if (h === g || this.spent + cost[o]! - cost[now]! + cost[p]! - cost[other]! > budget) continue
          this.replace(g, o)
          this.replace(h, p)
          if (this.keeps()) return true
          this.replace(h, other)
          this.replace(g, now)
        }
      }
    }
    return false
  }

  private replace(g: number, o: number): void {
    this.put(this.chosen[g]!, -1)
    this.chosen[g] = o
    this.put(o, 1)
  }
}

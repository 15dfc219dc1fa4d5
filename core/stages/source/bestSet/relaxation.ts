import { atMostOne } from './cliques.js'
import type { FlatSet } from './problem.js'

/**
 * A set of which some options are struck out, and the relaxed problem of what is left: budget, caps and conflicts are
 * taken into the objective with multipliers, each group chooses for itself. On flat arrays, because it is asked some
 * hundred thousand times; what is struck out is kept on a trail and comes back by it.
 */
export class Relaxation {
  readonly alive: Uint8Array
  protected readonly left: Int32Array
  protected readonly trail: Int32Array
  protected trailed = 0
  /** Constraints "at most one of these": bicliques of two groups' conflicts, widened to cliques where they can be. */
  protected readonly memberStart: Int32Array
  protected readonly members: Int32Array
  protected readonly rowStart: Int32Array
  protected readonly rows: Int32Array
  protected readonly rowCount: number
  /** Multipliers: of the rows, then of the budget, then of the caps. */
  protected multipliers: Float64Array
  protected readonly worth: Float64Array
  protected readonly pick: Int32Array
  protected readonly used: Int32Array
  protected readonly spentOn: Float64Array
  /** What the relaxed problem came to and cost at the present multipliers. */
  protected bound = 0
  protected spent = 0
  protected readonly live: Int32Array
  protected readonly liveStart: Int32Array
  protected readonly activeRows: Int32Array
  protected activeCount = 0
  protected readonly cheapest: Float64Array
  protected readonly capLeast: Float64Array
  /** Money is counted in steps of this size beside the conflicts, so that both weigh alike. */
  protected readonly unit: number

  constructor(protected readonly flat: FlatSet) {
    const n = flat.optionCount
    this.alive = new Uint8Array(n).fill(1)
    this.left = Int32Array.from({ length: flat.groupCount }, (_, g) => flat.start[g + 1]! - flat.start[g]!)
    this.trail = new Int32Array(n)
    const rows = atMostOne(flat)
    this.rowCount = rows.length
    this.memberStart = new Int32Array(rows.length + 1)
    rows.forEach((r, k) => (this.memberStart[k + 1] = this.memberStart[k]! + r.length))
    this.members = Int32Array.from(rows.flat())
    const of = Array.from({ length: n }, (): number[] => [])
    rows.forEach((r, k) => {
      for (const o of r) of[o]!.push(k)
    })
    this.rowStart = new Int32Array(n + 1)
    of.forEach((ks, o) => (this.rowStart[o + 1] = this.rowStart[o]! + ks.length))
    this.rows = Int32Array.from(of.flat())
    this.multipliers = new Float64Array(this.rowCount + 1 + flat.capMax.length)
    this.live = new Int32Array(n)
    this.liveStart = new Int32Array(flat.groupCount + 1)
    this.activeRows = new Int32Array(this.rowCount)
    this.cheapest = new Float64Array(flat.groupCount)
    this.capLeast = new Float64Array(flat.capMax.length)
    this.unit = Math.max(1, flat.budget / Math.max(1, flat.groupCount))
    this.worth = new Float64Array(n)
    this.pick = new Int32Array(flat.groupCount)
    this.used = new Int32Array(this.rowCount)
    this.spentOn = new Float64Array(flat.capMax.length)
  }

  protected kill(o: number): boolean {
    if (!this.alive[o]) return true
    this.alive[o] = 0
    this.trail[this.trailed++] = o
    return --this.left[this.flat.groupOf[o]!]! > 0
  }

  protected undoTo(mark: number): void {
    while (this.trailed > mark) {
      const o = this.trail[--this.trailed]!
      this.alive[o] = 1
      this.left[this.flat.groupOf[o]!]!++
    }
  }

  /** Takes an option for its group and strikes out what it excludes; groups left with one option follow. */
  protected take(option: number): boolean {
    const { start, groupOf, neighborStart, neighbors } = this.flat
    const queue = [option]
    for (let o = queue.pop(); o !== undefined; o = queue.pop()) {
      const g = groupOf[o]!
      for (let p = start[g]!; p < start[g + 1]!; p++) if (p !== o) this.kill(p)
      if (!this.alive[o]) return false
      for (let k = neighborStart[o]!; k < neighborStart[o + 1]!; k++) {
        const p = neighbors[k]!
        if (!this.alive[p]) continue
        if (!this.kill(p)) return false
        const h = groupOf[p]!
        if (this.left[h] === 1)
          for (let q = start[h]!; q < start[h + 1]!; q++) if (this.alive[q]) queue.push(q)
      }
    }
    return this.affordable()
  }

  /** Strikes out what cannot be paid even with the cheapest of all else. */
  protected affordable(): boolean {
    const { flat } = this
    let least = 0
    const { capLeast, cheapest } = this
    capLeast.fill(0)
    for (let g = 0; g < flat.groupCount; g++) {
      let c = Infinity
      for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++)
        if (this.alive[o] && flat.cost[o]! < c) c = flat.cost[o]!
      cheapest[g] = c
      least += c
      if (flat.capOf[g]! >= 0) capLeast[flat.capOf[g]!]! += c
    }
    if (!(least <= flat.budget) || capLeast.some((c, i) => !(c <= flat.capMax[i]!))) return false
    for (let g = 0; g < flat.groupCount; g++) {
      const cap = flat.capOf[g]!
      const room =
        Math.min(flat.budget - least, cap >= 0 ? flat.capMax[cap]! - capLeast[cap]! : Infinity) + cheapest[g]!
      for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++)
        if (this.alive[o] && flat.cost[o]! > room && !this.kill(o)) return false
    }
    return true
  }

  /** What is left, side by side: the options of each group, and the rows that could still be broken. */
  protected gather(): void {
    const { alive, live, liveStart, members, memberStart, activeRows, multipliers, flat } = this
    let at = 0
    for (let g = 0; g < flat.groupCount; g++) {
      liveStart[g] = at
      for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++) if (alive[o]) live[at++] = o
    }
    liveStart[flat.groupCount] = at
    let rows = 0
    for (let k = 0; k < this.rowCount; k++) {
      let left = 0
      for (let j = memberStart[k]!; j < memberStart[k + 1]! && left < 2; j++) left += alive[members[j]!]!
      // A row of which one member is left cannot be broken: it needs no multiplier.
      if (left > 1) activeRows[rows++] = k
      else multipliers[k] = 0
    }
    this.activeCount = rows
  }

  /**
   * The relaxed problem at the present multipliers: the best of each group for itself, what that comes to and costs,
   * and how much each row and cap is over-used.
   */
  protected relax(): void {
    const {
      flat,
      multipliers: m,
      worth,
      pick,
      used,
      rowCount,
      rows,
      rowStart,
      live,
      liveStart,
      spentOn,
    } = this
    const { activeRows, activeCount: active } = this
    const { cost, value, capOf, capMax, groupCount, budget } = flat
    const caps = capMax.length
    // The sum of multipliers times what they ration, and the best of each group at these prices.
    const rate = m[rowCount]!
    let bound = rate * budget
    for (let i = 0; i < caps; i++) bound += m[rowCount + 1 + i]! * capMax[i]!
    for (let i = 0; i < active; i++) {
      const k = activeRows[i]!
      used[k] = -1
      bound += m[k]!
    }
    spentOn.fill(0)
    let spent = 0
    for (let g = 0; g < groupCount; g++) {
      const cap = capOf[g]!
      const price = cap >= 0 ? rate + m[rowCount + 1 + cap]! : rate
      let top = -Infinity
      let at = -1
      for (let i = liveStart[g]!, end = liveStart[g + 1]!; i < end; i++) {
        const o = live[i]!
        let w = value[o]! - price * cost[o]!
        for (let j = rowStart[o]!, last = rowStart[o + 1]!; j < last; j++) w -= m[rows[j]!]!
        worth[o] = w
        if (w > top) {
          top = w
          at = o
        }
      }
      pick[g] = at
      bound += top
      spent += cost[at]!
      if (cap >= 0) spentOn[cap]! += cost[at]!
      for (let j = rowStart[at]!, last = rowStart[at + 1]!; j < last; j++) used[rows[j]!]!++
    }
    this.bound = bound
    this.spent = spent
  }

  /** Strikes out what cannot come to anything better. @returns false when nothing is left */
  protected strikeOut(slack: number): boolean {
    const { worth, pick, live, liveStart } = this
    // An option whose taking brings the bound below what is known can go.
    let struck = false
    for (let g = 0; g < this.flat.groupCount; g++) {
      const limit = worth[pick[g]!]! - slack
      for (let i = liveStart[g]!, end = liveStart[g + 1]!; i < end; i++)
        if (worth[live[i]!]! < limit) {
          struck = true
          if (!this.kill(live[i]!)) return false
        }
    }
    if (struck) {
      if (!this.affordable()) return false
      this.gather()
    }
    return true
  }

  /** Makes dearer what is over-used, and cheaper what is spare. */
  protected adjust(length: number): void {
    const { multipliers: m, used, activeRows, rowCount, unit, spentOn } = this
    const { capMax, budget } = this.flat
    for (let i = 0; i < this.activeCount; i++) {
      const k = activeRows[i]!
      const d = used[k]!
      if (d > 0 || m[k]! > 0) m[k] = Math.max(0, m[k]! + length * d)
    }
    const money = length / (unit * unit)
    m[rowCount] = Math.max(0, m[rowCount]! + money * (this.spent - budget))
    for (let i = 0; i < capMax.length; i++)
      m[rowCount + 1 + i] = Math.max(0, m[rowCount + 1 + i]! + money * (spentOn[i]! - capMax[i]!))
  }
}

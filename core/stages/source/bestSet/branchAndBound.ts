import { atMostOne } from './cliques.js'
import { repaired } from './localSearch.js'
import { narrowed, type FlatSet } from './problem.js'

/** What the search says while it works: the best found so far and what none can be worth more than. */
export interface SearchState {
  readonly best: number
  readonly bound: number
}

export interface Search {
  /** Options taken, one of each group, as indices of the flat problem; undefined when nothing fits. */
  readonly selection: Int32Array | undefined
  readonly value: number
  readonly proven: boolean
  readonly nodes: number
}

export interface SearchWish {
  /** A selection known to keep all conditions, to start from. */
  readonly start?: Int32Array
  readonly progress?: (state: SearchState) => void
  /** Asked now and then; true ends the search with the best found. */
  readonly stopped?: () => boolean
}

const EPSILON = 1e-6
const ROOT_STEPS = 121
const NODE_STEPS = 9

/**
 * The best selection with conflicts and caps, proven, by branch and bound. The budget, the caps and the conflicts are
 * taken into the objective with multipliers (Lagrangian relaxation; Held, Wolfe & Crowder, Validation of subgradient
 * optimization, Mathematical Programming 6, 1974, from memory), which leaves one easy choice in each group and a bound;
 * options that cannot be part of anything better are struck out by it, at the root and at every node.
 */
export function branchAndBound(flat: FlatSet, wish: SearchWish = {}): Search {
  const best: Best = { value: -1, selection: undefined }
  if (wish.start) offer(flat, wish.start, best)
  // The root is narrowed until striking out helps no more; the rest is searched on arrays that hold only what is left.
  let problem = flat
  let from = Int32Array.from({ length: flat.optionCount }, (_, o) => o)
  let walk = new Walk(problem, best, from, wish)
  for (let round = 0; round < 4; round++) {
    if (!walk.root(ROOT_STEPS)) return result(best, true, walk.nodes)
    const left = walk.alive.reduce((n, a) => n + a, 0)
    if (left > 0.7 * problem.optionCount) {
      // Little went: while bound and best are far apart the multipliers are worth another round.
      if (round < 3 && walk.gap > 2 && problem.optionCount > 300) continue
      break
    }
    const next = narrowed(problem, walk.alive)
    from = Int32Array.from(next.from, (o) => from[o]!)
    problem = next.flat
    walk = new Walk(problem, best, from, wish)
  }
  if (!walk.ready && !walk.root(ROOT_STEPS)) return result(best, true, walk.nodes)
  const proven = walk.search()
  return result(best, proven, walk.nodes)
}

interface Best {
  value: number
  /** In indices of the whole problem. */
  selection: Int32Array | undefined
}

const result = (best: Best, proven: boolean, nodes: number): Search => ({
  selection: best.selection,
  value: Math.max(0, best.value),
  proven,
  nodes,
})

/** Takes a selection of the whole problem as the best when it keeps everything and is worth more. */
function offer(flat: FlatSet, selection: Int32Array, best: Best): void {
  let [cost, value] = [0, 0]
  const spent = new Float64Array(flat.capMax.length)
  const taken = new Uint8Array(flat.optionCount)
  for (const o of selection) taken[o] = 1
  for (const o of selection) {
    cost += flat.cost[o]!
    value += flat.value[o]!
    const cap = flat.capOf[flat.groupOf[o]!]!
    if (cap >= 0) spent[cap]! += flat.cost[o]!
    for (let k = flat.neighborStart[o]!; k < flat.neighborStart[o + 1]!; k++)
      if (taken[flat.neighbors[k]!]) return
  }
  if (cost > flat.budget || spent.some((s, i) => s > flat.capMax[i]!) || value <= best.value) return
  best.value = value
  best.selection = selection.slice()
}

class Walk {
  readonly alive: Uint8Array
  ready = false
  nodes = 0
  private readonly left: Int32Array
  private readonly trail: Int32Array
  private trailed = 0
  /** Constraints "at most one of these": bicliques of two groups' conflicts, widened to cliques where they can be. */
  private readonly memberStart: Int32Array
  private readonly members: Int32Array
  private readonly rowStart: Int32Array
  private readonly rows: Int32Array
  private readonly rowCount: number
  /** Multipliers: of the rows, then of the budget, then of the caps. */
  private multipliers: Float64Array
  private readonly worth: Float64Array
  private readonly pick: Int32Array
  private readonly used: Int32Array
  private readonly spentOn: Float64Array
  private readonly scratch: Int32Array
  private bestBound = Infinity
  /** What the relaxed problem came to and cost at the present multipliers. */
  private bound = 0
  private spent = 0
  private readonly kept: Float64Array
  private readonly live: Int32Array
  private readonly liveStart: Int32Array
  private readonly activeRows: Int32Array
  private activeCount = 0
  private readonly cheapest: Float64Array
  private readonly capLeast: Float64Array
  /** Money is counted in steps of this size beside the conflicts, so that both weigh alike. */
  private readonly unit: number

  constructor(
    private readonly flat: FlatSet,
    private readonly best: Best,
    private readonly from: Int32Array,
    private readonly wish: SearchWish,
  ) {
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
    this.kept = new Float64Array(this.multipliers.length)
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

  search(): boolean {
    return this.branch()
  }

  private kill(o: number): boolean {
    if (!this.alive[o]) return true
    this.alive[o] = 0
    this.trail[this.trailed++] = o
    return --this.left[this.flat.groupOf[o]!]! > 0
  }

  private undoTo(mark: number): void {
    while (this.trailed > mark) {
      const o = this.trail[--this.trailed]!
      this.alive[o] = 1
      this.left[this.flat.groupOf[o]!]!++
    }
  }

  /** Takes an option for its group and strikes out what it excludes; groups left with one option follow. */
  private take(option: number): boolean {
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
  private affordable(): boolean {
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
  private gather(): void {
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

  /**
   * The relaxed problem at the present multipliers: the best of each group for itself, what that comes to and costs,
   * and how much each row and cap is over-used.
   */
  private relax(): void {
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
  private strikeOut(slack: number): boolean {
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
  private adjust(length: number): void {
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
  private branch(): boolean {
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
      const on = !this.take(o) || !this.tighten(NODE_STEPS, 0.5) || this.branch()
      this.undoTo(mark)
      if (!on) return false
    }
    this.multipliers = before
    return true
  }
}

/** One way to fill a group. Cost and value are whole numbers, at least 0; cost in minor units. */
export interface SetOption {
  readonly id: string
  readonly costMinor: number
  readonly value: number
}

/** Things of which one is taken, or none when the group is not required. */
export interface SetGroup {
  readonly id: string
  readonly required: boolean
  readonly options: readonly SetOption[]
  /** Name of the cap its cost counts towards. */
  readonly cap?: string
}

/**
 * One option of each group within a budget, the sum of values as high as can be: a multiple-choice knapsack with pairs
 * that exclude each other.
 */
export interface SetProblem {
  readonly budgetMinor: number
  readonly groups: readonly SetGroup[]
  /** Pairs of option ids that may not be taken together. */
  readonly conflicts: readonly (readonly [string, string])[]
  readonly caps?: readonly { readonly name: string; readonly maxMinor: number }[]
}

export interface SetAnswer {
  /** False when no selection keeps to the budget, the caps and the conflicts. */
  readonly feasible: boolean
  readonly value: number
  readonly costMinor: number
  /** Id of the option taken in each group, in the order of the groups; undefined for none. */
  readonly chosen: readonly (string | undefined)[]
  /** False when the search was stopped before it could prove that nothing is better. */
  readonly proven: boolean
}

export const NOTHING_FITS: SetAnswer = {
  feasible: false,
  value: 0,
  costMinor: 0,
  chosen: [],
  proven: true,
}

/**
 * A problem laid out in flat arrays. Options of one group lie side by side; a group that is not required has one more,
 * free and worth nothing, with the index −1 in `source`. Neighbors are the options an option excludes.
 */
export interface FlatSet {
  readonly groupCount: number
  readonly optionCount: number
  readonly start: Int32Array
  readonly groupOf: Int32Array
  readonly cost: Float64Array
  readonly value: Float64Array
  /** Index of the option within its group as it was given; −1 for none. */
  readonly source: Int32Array
  readonly neighborStart: Int32Array
  readonly neighbors: Int32Array
  readonly capOf: Int32Array
  readonly capMax: Float64Array
  readonly budget: number
}

/**
 * Lays a problem out flat.
 * @throws {RangeError} for a cost or value that is no whole number from 0, an id given twice, an unknown id or cap
 */
export function flatSet(problem: SetProblem): FlatSet {
  const groupCount = problem.groups.length
  const start = new Int32Array(groupCount + 1)
  problem.groups.forEach((g, i) => {
    start[i + 1] = (start[i] ?? 0) + g.options.length + (g.required ? 0 : 1)
  })
  const optionCount = start[groupCount] ?? 0
  const [cost, value] = [new Float64Array(optionCount), new Float64Array(optionCount)]
  const [groupOf, source] = [new Int32Array(optionCount), new Int32Array(optionCount)]
  const capNames = (problem.caps ?? []).map((c) => c.name)
  const capOf = new Int32Array(groupCount).fill(-1)
  const indexOf = new Map<string, number>()
  problem.groups.forEach((g, i) => {
    if (g.cap !== undefined) {
      capOf[i] = capNames.indexOf(g.cap)
      if (capOf[i] === -1) throw new RangeError(`Group ${g.id} counts towards a cap nobody set: ${g.cap}`)
    }
    let at = start[i] ?? 0
    g.options.forEach((o, k) => {
      if (!isCount(o.costMinor) || !isCount(o.value))
        throw new RangeError(`Option ${o.id}: cost and value must be whole numbers from 0`)
      if (indexOf.has(o.id)) throw new RangeError(`Option ${o.id} is given twice`)
      indexOf.set(o.id, at)
      cost[at] = o.costMinor
      value[at] = o.value
      source[at] = k
      groupOf[at++] = i
    })
    if (!g.required) {
      source[at] = -1
      groupOf[at] = i
    }
  })
  const pairs: (readonly [number, number])[] = []
  const seen = new Set<number>()
  for (const [a, b] of problem.conflicts) {
    const [x, y] = [indexOf.get(a), indexOf.get(b)]
    if (x === undefined || y === undefined)
      throw new RangeError(`A conflict names an option nobody gave: ${x === undefined ? a : b}`)
    const key = Math.min(x, y) * optionCount + Math.max(x, y)
    if (groupOf[x] === groupOf[y] || seen.has(key)) continue
    seen.add(key)
    pairs.push([x, y])
  }
  return {
    groupCount,
    optionCount,
    start,
    groupOf,
    cost,
    value,
    source,
    ...rowsOf(optionCount, pairs),
    capOf,
    capMax: Float64Array.from((problem.caps ?? []).map((c) => c.maxMinor)),
    budget: problem.budgetMinor,
  }
}

const isCount = (n: number) => Number.isSafeInteger(n) && n >= 0

function rowsOf(
  optionCount: number,
  pairs: readonly (readonly [number, number])[],
): Pick<FlatSet, 'neighborStart' | 'neighbors'> {
  const neighborStart = new Int32Array(optionCount + 1)
  for (const pair of pairs) for (const o of pair) neighborStart[o + 1]!++
  for (let o = 0; o < optionCount; o++) neighborStart[o + 1]! += neighborStart[o]!
  const neighbors = new Int32Array(pairs.length * 2)
  const at = neighborStart.slice()
  for (const [x, y] of pairs) {
    neighbors[at[x]!++] = y
    neighbors[at[y]!++] = x
  }
  return { neighborStart, neighbors }
}

/** The same problem with only the options that `keep` marks; `from` tells their old indices. */
export function narrowed(flat: FlatSet, keep: Uint8Array): { flat: FlatSet; from: Int32Array } {
  const from: number[] = []
  const to = new Int32Array(flat.optionCount).fill(-1)
  const start = new Int32Array(flat.groupCount + 1)
  for (let g = 0; g < flat.groupCount; g++) {
    for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++) {
      if (!keep[o]) continue
      to[o] = from.length
      from.push(o)
    }
    start[g + 1] = from.length
  }
  const neighborStart = new Int32Array(from.length + 1)
  const neighbors: number[] = []
  from.forEach((o, i) => {
    for (let k = flat.neighborStart[o]!; k < flat.neighborStart[o + 1]!; k++) {
      const other = to[flat.neighbors[k]!]!
      if (other >= 0) neighbors.push(other)
    }
    neighborStart[i + 1] = neighbors.length
  })
  const pick = (a: Float64Array) => Float64Array.from(from, (o) => a[o]!)
  return {
    from: Int32Array.from(from),
    flat: {
      ...flat,
      optionCount: from.length,
      start,
      groupOf: Int32Array.from(from, (o) => flat.groupOf[o]!),
      cost: pick(flat.cost),
      value: pick(flat.value),
      source: Int32Array.from(from, (o) => flat.source[o]!),
      neighborStart,
      neighbors: Int32Array.from(neighbors),
    },
  }
}

/**
 * Options that none can miss: of two in one group, the one that costs no less, is worth no more and excludes all that
 * the other excludes, is left out.
 */
export function withoutDominated(flat: FlatSet): { flat: FlatSet; from: Int32Array } {
  const keep = new Uint8Array(flat.optionCount).fill(1)
  const near = (o: number) => flat.neighbors.subarray(flat.neighborStart[o], flat.neighborStart[o + 1])
  const free = (o: number) => flat.neighborStart[o] === flat.neighborStart[o + 1]
  for (let g = 0; g < flat.groupCount; g++)
    for (let o = flat.start[g]!; o < flat.start[g + 1]!; o++)
      for (let p = flat.start[g]!; p < flat.start[g + 1]! && keep[o]; p++) {
        if (p === o || !keep[p]) continue
        if (flat.cost[p]! > flat.cost[o]! || flat.value[p]! < flat.value[o]!) continue
        if (free(p) || near(p).every((x) => near(o).includes(x))) keep[o] = 0
      }
  return narrowed(flat, keep)
}

/**
 * An answer in the ids of the problem.
 * @param from index in the whole problem of each option of the selection; absent when they are the same
 */
export function answerOf(
  problem: SetProblem,
  whole: FlatSet,
  selection: Int32Array | undefined,
  from: Int32Array | undefined,
  proven: boolean,
): SetAnswer {
  if (!selection) return { ...NOTHING_FITS, proven }
  let [value, costMinor] = [0, 0]
  const chosen = problem.groups.map((g, i) => {
    const o = from ? from[selection[i]!]! : selection[i]!
    value += whole.value[o]!
    costMinor += whole.cost[o]!
    return whole.source[o]! < 0 ? undefined : g.options[whole.source[o]!]?.id
  })
  return { feasible: true, value, costMinor, chosen, proven }
}

import type { FlatSet } from './problem.js'

/** Covers all conflicts by sets of options of which at most one may be taken. */
export function atMostOne(flat: FlatSet): number[][] {
  const { groupOf, neighborStart, neighbors } = flat
  const near = Array.from(
    { length: flat.optionCount },
    (_, o) => new Set(neighbors.subarray(neighborStart[o], neighborStart[o + 1])),
  )
  const covered = new Set<number>()
  const key = (a: number, b: number) => Math.min(a, b) * flat.optionCount + Math.max(a, b)
  const sets: number[][] = []
  const order = Array.from({ length: flat.optionCount }, (_, o) => o).sort(
    (x, y) => near[y]!.size - near[x]!.size,
  )
  for (const o of order)
    for (const first of near[o]!) {
      if (covered.has(key(o, first))) continue
      // All of one other group that o excludes, and all beside o that exclude the same.
      const theirs = [...near[o]!].filter((p) => groupOf[p] === groupOf[first])
      const mine: number[] = []
      for (let q = flat.start[groupOf[o]!]!; q < flat.start[groupOf[o]! + 1]!; q++)
        if (theirs.every((p) => near[q]!.has(p))) mine.push(q)
      const set = [...mine, ...theirs]
      // Options of further groups that exclude every one of them make the set stronger.
      for (const q of near[o]!)
        if (set.every((p) => p === q || near[q]!.has(p) || groupOf[p] === groupOf[q]) && !set.includes(q))
          set.push(q)
      for (let i = 0; i < set.length; i++)
        for (let j = 0; j < i; j++)
          if (groupOf[set[i]!] !== groupOf[set[j]!]) covered.add(key(set[i]!, set[j]!))
      sets.push(set)
    }
  return sets
}

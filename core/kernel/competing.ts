/** Things that compete for places which cannot serve them all. */
export interface Competing {
  readonly things: readonly number[]
  readonly places: readonly number[]
}

/**
 * Which of some things cannot all be served at once by places that serve a few each. Whatever the order, the answer is the
 * same: the part of a bipartite graph that alternating paths reach from what a largest matching leaves over (Dulmage and
 * Mendelsohn, Canadian Journal of Mathematics 10, 1958; from memory).
 *
 * @param reach the places each thing reaches; one that reaches none competes for nothing
 * @param serves how many things a place serves
 */
export function competing(reach: readonly (readonly number[])[], serves: number): readonly Competing[] {
  const at = new Map<number, number[]>()
  const served = (place: number): number[] => at.get(place) ?? []

  /** Finds a place for a thing, and moves others on where that makes room. */
  function place(thing: number, tried: Set<number>): boolean {
    for (const p of reach[thing] ?? []) {
      if (tried.has(p)) continue
      tried.add(p)
      const now = served(p)
      const moved = now.length < serves ? thing : now.find((other) => place(other, tried))
      if (moved === undefined) continue
      at.set(p, [...now.filter((other) => other !== moved), thing])
      return true
    }
    return false
  }
  const left = reach.flatMap((places, thing) =>
    places.length > 0 && !place(thing, new Set()) ? [thing] : [],
  )

  const groups: { things: Set<number>; places: Set<number> }[] = []
  for (const start of left) {
    const things = new Set([start])
    const places = new Set<number>()
    for (const thing of things)
      for (const p of reach[thing] ?? []) {
        places.add(p)
        served(p).forEach((other) => things.add(other))
      }
    const met = groups.filter((g) => [...places].some((p) => g.places.has(p)))
    met.forEach((g) => groups.splice(groups.indexOf(g), 1))
    groups.push({
      things: new Set([...things, ...met.flatMap((g) => [...g.things])]),
      places: new Set([...places, ...met.flatMap((g) => [...g.places])]),
    })
  }
  const sorted = (set: ReadonlySet<number>) => [...set].sort((a, b) => a - b)
  return groups.map((g) => ({ things: sorted(g.things), places: sorted(g.places) }))
}

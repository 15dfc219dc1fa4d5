import type { SetDown } from './stylingFacts.js'

/** What stands under a thing, down to the shelf; nothing where the row it names is elsewhere, or names it back. */
export function under(things: readonly SetDown[], thing: SetDown): SetDown[] {
  const below: SetDown[] = []
  for (let at = thing; at.onId !== null;) {
    const next = things.find((t) => t.id === at.onId)
    if (!next || next === thing || below.includes(next)) return []
    below.push(next)
    at = next
  }
  return below
}

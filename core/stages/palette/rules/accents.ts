import { chroma, hueDeg, hueTurn, type LabD65 } from '../../../kernel/color/lab.js'
import { HUE_CHROMA } from '../hueFamilies.js'
import { seen, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { wornPieces } from './about.js'

// Two colors are the same one seen again within this hue and lightness (common practice).
const SAME_HUE_DEG = 25
const SAME_LIGHTNESS = 25

// A clay wall is no gold cushion: so far apart in strength two colors of one hue are not the same one (common practice).
const SAME_CHROMA = 30

/** True when one color repeats the other: an echo of it, and not far in strength. */
export const repeats = (one: LabD65, two: LabD65): boolean =>
  echoes(one, two) && Math.abs(chroma(one) - chroma(two)) <= SAME_CHROMA

/** True when one color echoes the other, however pale it is: of one family and not far in lightness; near-neutrals by lightness. */
export function echoes(one: LabD65, two: LabD65): boolean {
  const [c1, c2] = [chroma(one), chroma(two)]
  if (Math.abs(one.l - two.l) > SAME_LIGHTNESS) return false
  if (c1 < HUE_CHROMA && c2 < HUE_CHROMA) return true
  if (c1 < HUE_CHROMA || c2 < HUE_CHROMA) return false
  return Math.abs(hueTurn(hueDeg(one), hueDeg(two))) <= SAME_HUE_DEG
}

/** A place where a color is seen: a surface or a piece, and the wall it is at when that is known. */
export interface Occurrence {
  readonly name: string
  readonly wallId: string | null
}

/** Where in the room a color is seen, counting the further colors of patterned finishes. */
export function occurrences(facts: PaletteFacts, lab: LabD65): Occurrence[] {
  const holds = (f: FinishFacts) =>
    [f.lab, ...f.finish.colors].some((c) => repeats({ l: c.l, a: c.a, b: c.b }, lab))
  const surfaces = facts.finishAssignments.flatMap((p): Occurrence[] => {
    const finish = facts.finishes.find((f) => f.finish.id === p.finishId)
    if (!finish || !holds(finish)) return []
    const named = finish.where.find((w) => w.id === p.surface)?.name ?? p.surface
    return [{ name: named, wallId: p.surface.startsWith('wall:') ? p.surface.slice(5) : null }]
  })
  return [
    ...surfaces,
    ...wornPieces(facts)
      .filter(({ finish }) => holds(finish))
      .flatMap(({ piece }): Occurrence[] =>
        Array.from({ length: piece.count }, () => ({ name: piece.name, wallId: piece.wallId })),
      ),
  ]
}

/** The finishes meant as accent that are seen. */
const accentsOf = (facts: PaletteFacts): FinishFacts[] =>
  seen(facts).filter((f) => f.finish.role === 'accent')

/** Accents of one color taken together: a red chair and red cushions are one accent. */
export function accentGroups(facts: PaletteFacts): FinishFacts[][] {
  const groups: FinishFacts[][] = []
  for (const accent of accentsOf(facts)) {
    const group = groups.find((g) => g[0] && repeats(g[0].lab, accent.lab))
    if (group) group.push(accent)
    else groups.push([accent])
  }
  return groups
}

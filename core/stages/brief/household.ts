import type { Person } from '../../model/rows/people.js'
import type { Formatter } from '../../kernel/units/formatter.js'

// Pictures are centered 57 to 60 in (1 450 to 1 520 mm) above the floor where nobody's eyes are known (common practice).
const CUSTOMARY_MM = 1_480

export interface HangingHeight {
  readonly mm: number
  readonly says: string
}

/**
 * The height to propose for the middle of a picture: halfway between the lowest and the highest standing eye of those
 * who are grown, so that nobody looks farther up than another looks down (common practice).
 */
export function proposedHanging(people: readonly Person[], says: Formatter): HangingHeight {
  const eyes = people
    .filter((p) => p.kind === 'adult' && p.standingEyeMm != null)
    .map((p) => ({ name: p.name, mm: p.standingEyeMm ?? 0 }))
    .sort((x, y) => x.mm - y.mm)
  const [low, high] = [eyes[0], eyes[eyes.length - 1]]
  if (!low || !high) return { mm: CUSTOMARY_MM, says: 'customary, since nobody’s eye height is known' }
  if (eyes.length === 1) return { mm: low.mm, says: `the eyes of ${low.name}` }
  return {
    mm: Math.round((low.mm + high.mm) / 20) * 10,
    says: `halfway between ${low.name} at ${says.drawn(low.mm)} and ${high.name} at ${says.drawn(high.mm)}`,
  }
}

/** Who in the house arms the cautions; unknown while nobody is entered. */
export function household(people: readonly Person[]): {
  readonly known: boolean
  readonly children: readonly Person[]
  readonly smallChildren: readonly Person[]
  readonly pets: readonly Person[]
} {
  const children = people.filter((p) => p.kind === 'child')
  return {
    known: people.length > 0,
    children,
    smallChildren: children.filter((p) => p.ageYears == null || p.ageYears < 6),
    pets: people.filter((p) => p.kind === 'dog' || p.kind === 'cat' || p.kind === 'other pet'),
  }
}

import type { Finding, Rule } from '../../../findings/finding.js'
import { onView, type SetDown, type StylingFacts } from '../stylingFacts.js'
import { areAlike } from './alikeStacked.js'
import { namesOf, placeRef } from './places.js'

/** Things whose number is their nature, or that are looked at and not used. */
const OF_MANY: ReadonlySet<string> = new Set([
  'books',
  'trunk',
  'plant',
  'picture',
  'cushion',
  'throw',
  'lamp',
])

/** Things of one kind, material and size that serve the very same uses, each group of two or more. */
function sameUses(things: readonly SetDown[]): SetDown[][] {
  const groups: SetDown[][] = []
  const usesOf = (t: SetDown) => [...t.serves].sort().join(' ')
  const bySize = [...things].sort((a, b) => a.wideMm * a.highMm * a.deepMm - b.wideMm * b.highMm * b.deepMm)
  for (const t of bySize) {
    if (OF_MANY.has(t.kind) || t.serves.length === 0) continue
    const group = groups.find((g) =>
      g.every((o) => o.kind === t.kind && usesOf(o) === usesOf(t) && areAlike(o, t)),
    )
    if (group) group.push(t)
    else groups.push([t])
  }
  // What is the same to the millimeter is a set, whether it was entered as one row or as several.
  const looks = (t: SetDown) => [t.wideMm, t.highMm, t.deepMm, t.material].join(' ')
  return groups.filter((group) => new Set(group.map(looks)).size > 1)
}

export const doesTheSame: Rule<StylingFacts> = {
  name: 'handover.does-the-same',
  title: 'Two things on view that do the same',
  numbers:
    'Two pieces of one kind, material and size (no side half as long again) that serve the very same uses, both on view; what is the same to the millimeter is a set. Books, bins, plants, pictures, lamps and cloth are none; what is loved stays.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    sameUses(facts.units.flatMap((u) => onView(u).flatMap((l) => l.things))).flatMap((group): Finding[] => {
      const off = group.filter((t) => !t.loved && !t.focal)
      if (off.length === 0 || group.length < 2) return []
      const going = off.length === group.length ? off.slice(1) : off
      return [
        {
          rule: 'handover.does-the-same',
          severity: 'note',
          about: group.map(placeRef),
          title: `${namesOf(group)}: they do the same`,
          measured: `${group.length} on view`,
          wanted: 'one on view; the rest kept, and not shown',
          because:
            'Of things that do the same, one is enough to look at. What is off display is not discarded.',
          fixes: (off.length === group.length ? group : [undefined])
            .map((keep) => (keep ? group.filter((t) => t !== keep) : going))
            .map((rest) => ({
              label: `Take ${namesOf(rest)} off view`,
              changes: rest.map((t) => ({
                collection: 'shelfPlacements' as const,
                id: t.id,
                remove: true as const,
              })),
            })),
          quantity: { value: group.length, better: 'less' },
        },
      ]
    }),
}

import type { Finding, Rule } from '../../../findings/finding.js'
import { onView, type SetDown, type StylingFacts, type Unit } from '../stylingFacts.js'
import { allLevels, hasRoom, moveTo, namesOf, placeRef, roomiestFirst, unitRef } from './places.js'

/** So many groups of one material in one unit are too much, when they are more than half of what stands there (common practice). */
const MANY = 3

/** The material a unit holds too much of, with the things that are of it. */
export function crowdedBy(unit: Unit): { readonly material: string; readonly things: SetDown[] } | undefined {
  const things = onView(unit)
    .flatMap((l) => l.things)
    .filter((t) => t.kind !== 'books')
  const by = new Map<string, SetDown[]>()
  for (const t of things) if (t.material !== undefined) by.set(t.material, [...(by.get(t.material) ?? []), t])
  const [most] = [...by].sort((a, b) => b[1].length - a[1].length)
  return most && most[1].length >= MANY && 2 * most[1].length > things.length
    ? { material: most[0], things: most[1] }
    : undefined
}

export const oneMaterial: Rule<StylingFacts> = {
  name: 'handover.one-material',
  title: 'Too much of one material in one unit',
  numbers:
    'Three groups of one material or more on view in one unit, more than half of what stands there, while another unit holds less of it. Books are none.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.units.flatMap((unit): Finding[] => {
      const crowd = crowdedBy(unit)
      if (!crowd) return []
      const { material, things } = crowd
      const holds = (u: Unit) =>
        onView(u)
          .flatMap((l) => l.things)
          .filter((t) => t.material === material).length
      const others = facts.units.filter(
        (u) =>
          u.id !== unit.id && u.levels.some((l) => l.number > 0 && !l.closed) && holds(u) + 1 < things.length,
      )
      if (others.length === 0) return []
      const places = roomiestFirst(allLevels(facts).filter((p) => others.includes(p.unit)))
      return [
        {
          rule: 'handover.one-material',
          severity: 'look',
          about: [unitRef(unit), ...things.map(placeRef)],
          title: `${unit.name} holds most of the ${material}: ${things.length} groups`,
          measured: namesOf(things),
          wanted: `some of the ${material} in ${others
            .map((u) => u.name)
            .sort()
            .join(' or ')}`,
          because:
            'One material gathered in one place weighs on that side; spread, it ties the units together.',
          fixes: things.flatMap((thing) =>
            places
              .filter((p) => hasRoom(p.level, thing))
              .slice(0, 1)
              .map((p) => moveTo(thing, p.unit, p.level)),
          ),
        },
      ]
    }),
}

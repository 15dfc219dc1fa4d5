import type { Finding, Rule } from '../../../findings/finding.js'
import type { RowChange } from '../../../model/changes.js'
import { countOf, onView, type StylingFacts } from '../stylingFacts.js'
import { namesOf, unitRef } from './places.js'

/** A basket or box on a shelf hides what is in it: a row of one kind is as quiet as a door. */
const isBin = (t: { readonly kind: string }): boolean => t.kind === 'trunk'

/** On view one thing that deserves it (common practice). */
const DESERVES = 1

export const openDisplay: Rule<StylingFacts> = {
  name: 'handover.open-display',
  title: 'Open shelves where all is to be behind doors',
  numbers: 'More than one thing on the open shelves of a unit, its top, books and bins alike left out.',
  source: 'common practice',
  schools: ['closed, in baskets'],
  check: (facts) =>
    facts.school !== 'closed, in baskets'
      ? []
      : facts.units.flatMap((unit): Finding[] => {
          const open = onView(unit).filter((l) => l.number > 0)
          const things = open.flatMap((l) => l.things).filter((t) => t.kind !== 'books' && !isBin(t))
          const n = countOf(things)
          if (n <= DESERVES) return []
          const focal = things.find((t) => t.focal) ?? things.find((t) => t.loved)
          const off = things.filter((t) => t !== focal)
          return [
            {
              rule: 'handover.open-display',
              severity: 'look',
              about: [unitRef(unit)],
              title: `${n} things on view in ${unit.name}`,
              measured:
                facts.floorMm2 === undefined
                  ? namesOf(things)
                  : `${n} in a room of ${facts.says.area(facts.floorMm2)}`,
              wanted: 'one thing that deserves it; the rest behind doors or in bins alike in a row',
              because:
                'Open shelves are a trap where space is short: each thing on them is one more to look at.',
              school: 'closed, in baskets',
              fixes: [
                {
                  label: focal ? `Leave ${focal.name} on view, the rest off it` : 'Take them off view',
                  changes: off.map((t): RowChange => ({
                    collection: 'shelfPlacements',
                    id: t.id,
                    remove: true,
                  })),
                },
              ],
              quantity: { value: n, better: 'less' },
            },
          ]
        }),
}

import type { Finding, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import { onView, type StylingFacts } from '../stylingFacts.js'
import { levelName, placeRef } from './places.js'

/** Of a set so large some are enough, and so many are shown (common practice). */
const LARGE = 7
const SOME = 3

/** A row of books or of bins alike is quiet. */
const QUIET: ReadonlySet<string> = new Set(['books', 'trunk'])

export const largeSet: Rule<StylingFacts> = {
  name: 'handover.large-set',
  title: 'All of a large set on view',
  numbers:
    'Seven or more of one piece on one shelf on view. Books and bins are none, nor what is loved or meant to be looked at.',
  source: 'common practice',
  schools: ['open and composed'],
  check: (facts) =>
    facts.school !== 'open and composed'
      ? []
      : facts.units.flatMap((unit) =>
          onView(unit)
            .filter((l) => l.number > 0)
            .flatMap((level) =>
              level.things
                .filter((t) => t.count >= LARGE && !QUIET.has(t.kind) && !t.loved && !t.focal)
                .map((t): Finding => ({
                  rule: 'handover.large-set',
                  severity: 'note',
                  about: [placeRef(t)],
                  title: `All ${t.count} of ${t.name} stand on ${levelName(unit, level)}`,
                  measured: `${t.count} on view`,
                  wanted: `some of them, such as ${SOME}`,
                  because: 'Of a large set some say what all would; the rest is kept and shown by turns.',
                  school: 'open and composed',
                  fixes: [
                    {
                      label: `Leave ${SOME} on view`,
                      changes: [put('shelfPlacements', t.id, { count: SOME })],
                    },
                  ],
                  quantity: { value: t.count, better: 'less' },
                })),
            ),
        ),
}

import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'

/** A price in another currency that nobody has turned into the job's. */
export const rateNotGiven: Rule<SourceFacts> = {
  name: 'source.rate-not-given',
  title: 'A price in another currency has no rate',
  numbers: 'Every price in another currency has a rate with its day.',
  source: 'common practice',
  schools: 'all',
  check: ({ items }) =>
    items.flatMap((i) =>
      i.options.flatMap((o): Finding[] =>
        o.rateMissing === undefined
          ? []
          : [
              {
                rule: 'source.rate-not-given',
                severity: o.chosen && i.undecided ? 'stop' : 'look',
                about: [
                  { kind: 'item', id: i.id, name: i.name },
                  { kind: 'option', id: o.id, name: o.name },
                ],
                title: `${o.name} is priced in ${o.rateMissing} without a rate`,
                measured: `${o.rateMissing}, no rate`,
                wanted: 'a rate and its day, under “Price history, stock and currency”',
                because:
                  'Until then its figure counts as if it were in the money of the job, which it is not.',
                fixes: [],
              },
            ],
      ),
    ),
}

import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { put } from '../../../model/changes.js'

/** A price that lost its hundreds. */
export const slipOfAHundred: Rule<SourceFacts> = {
  name: 'source.slip-of-a-hundred',
  title: 'A price may have lost its hundreds',
  numbers:
    'A marked-down price above an earlier one; or a price under a twentieth of target and other options, which a hundredfold brings among them.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, says }) =>
    items.flatMap((i) =>
      i.options.flatMap((o): Finding[] => {
        if (!o.slip) return []
        const likely = o.slip.likely.at(-1) ?? o.priceMinor
        return [
          {
            rule: 'source.slip-of-a-hundred',
            severity: 'look',
            about: [
              { kind: 'item', id: i.id, name: i.name },
              { kind: 'option', id: o.id, name: o.name },
            ],
            title: `${o.name} at ${says.money(o.priceMinor)}: are the prices right?`,
            measured: [
              ...o.history.points.map((p) => p.priceMinor),
              ...(o.history.points.length > 0 ? [] : [o.priceMinor]),
            ]
              .map(says.money)
              .join(' → '),
            wanted: `likely ${o.slip.likely.map(says.money).join(' → ')}`,
            because: `Spoken prices lose their hundreds: ${o.slip.why}.`,
            fixes:
              likely === o.priceMinor
                ? []
                : [
                    {
                      label: `It is ${says.money(likely)}`,
                      changes: [put('options', o.id, { priceMinor: likely })],
                    },
                  ],
          },
        ]
      }),
    ),
}

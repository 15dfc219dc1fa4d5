import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'

/** Something of the kind is owned already. */
export const houseFirst: Rule<SourceFacts> = {
  name: 'source.house-first',
  title: 'Shop the house first',
  numbers: 'An open item of the same kind as an owned piece that is to move or be reworked.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, owned, newOption }) =>
    owned.flatMap((p): Finding[] => {
      const i = items.find(
        (x) => x.open && x.pieceKind === p.kind && !x.options.some((o) => o.kind === 'owned'),
      )
      if (!i) return []
      return [
        {
          rule: 'source.house-first',
          severity: 'note',
          about: [
            { kind: 'item', id: i.id, name: i.name },
            { kind: 'piece', id: p.id, name: p.name },
          ],
          title: `${p.name} could fill ${i.name}`,
          measured: 'nobody has looked whether the owned one serves',
          wanted: 'the owned one among the options',
          because: 'What is owned already costs only what its rework costs.',
          fixes: [
            {
              label: `Add ${p.name} as an option`,
              changes: [
                {
                  collection: 'options',
                  add: newOption({ itemId: i.id, kind: 'owned', name: p.name, pieceId: p.id, priceMinor: 0 }),
                },
              ],
            },
          ],
        },
      ]
    }),
}

import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { about } from './chosen.js'

/** What the choice calls for besides itself. */
export const companionMissing: Rule<SourceFacts> = {
  name: 'source.companion-missing',
  title: 'A choice calls for another line',
  numbers:
    'Print and frame, lamp and bulb, rug and underlay, tall storage and anchor, open base and what shows behind it.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, newItem }) =>
    items.flatMap((i) =>
      i.missing.map((c): Finding => ({
        rule: 'source.companion-missing',
        severity: 'look',
        about: [...about(i), { kind: 'option', id: `${i.id} ${c.what}`, name: c.what }],
        title: `${i.name} calls for: ${c.what}`,
        measured: `no line for ${c.what}`,
        wanted: 'a line of its own, or accepted as there already',
        because: `${c.why} What is forgotten now is bought in a hurry later.`,
        fixes: [
          {
            label: `Add the line “${c.what}”`,
            changes: [
              {
                collection: 'items',
                add: newItem({
                  name: `${c.what[0]?.toUpperCase() ?? ''}${c.what.slice(1)} for ${i.name}`.slice(0, 120),
                  category: c.category,
                  forItemId: i.id,
                  companion: c.what,
                  position: i.position,
                }),
              },
            ],
          },
        ],
      })),
    ),
}

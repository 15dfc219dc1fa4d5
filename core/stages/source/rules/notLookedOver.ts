import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { chosenOf, about } from './chosen.js'
import { put } from '../../../model/changes.js'

/** A second-hand thing chosen before it was looked over. */
export const notLookedOver: Rule<SourceFacts> = {
  name: 'source.not-looked-over',
  title: 'A second-hand thing is not looked over',
  numbers:
    'Size, structure, smell, insects, stains, pilling, wiring, label: at least four of them before it is paid.',
  source: 'common practice',
  schools: 'all',
  check: ({ items }) =>
    items.flatMap((i) => {
      const o = chosenOf(i)
      if (!o || !i.undecided || o.kind !== 'second-hand' || o.lookedAt.length >= 4) return []
      const finding: Finding = {
        rule: 'source.not-looked-over',
        severity: 'look',
        about: about(i, o),
        title: `${o.name}: not looked over`,
        measured: o.lookedAt.length === 0 ? 'nothing ticked' : `only ${o.lookedAt.join(', ')}`,
        wanted: 'size, structure, smell and insects at least; wiring on anything with a plug',
        because: 'Second-hand seldom goes back: what is found at home is kept at home.',
        fixes: [
          {
            label: 'It is looked over: size, structure, smell, insects',
            changes: [put('options', o.id, { lookedAt: ['size', 'structure', 'smell', 'insects'] })],
          },
        ],
      }
      return [finding]
    }),
}

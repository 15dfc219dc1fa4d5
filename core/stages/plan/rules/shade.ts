import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, pieceRef } from './about.js'
import { ASK } from './cautions.js'
import { put } from '../../../model/changes.js'

export const shade: Rule<PlanFacts> = {
  name: 'plan.shade',
  title: 'A shade of cloth, paper or wood round a lamp',
  numbers:
    'Asks the lamp before anything is made: a cool LED with a clear gap all round only; a hot lamp or contact is a stop.',
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      if (!has(p, 'cloth, paper or wood shade')) return []
      const hot = has(p, 'hot lamp') || (p.lampType?.startsWith('filament') ?? false)
      if (!hot && has(p, 'cool lamp, clear gap all round')) return []
      return [
        {
          rule: 'plan.shade',
          severity: hot ? 'stop' : 'look',
          about: [pieceRef(p)],
          title: hot ? `${p.name}: no hot lamp in this shade` : `${p.name}: which lamp goes into it?`,
          measured: hot ? 'a hot lamp' : 'lamp and gap not known',
          wanted: 'a cool LED with a clear gap on every side, in a certified light set',
          because: `Wood, paper and cloth char and catch. ${ASK}`,
          fixes: [
            {
              label: 'A cool LED, clear on every side',
              changes: [
                put('pieces', p.id, {
                  lampType: 'LED, 2 700 K',
                  traits: [...p.traits.filter((t) => t !== 'hot lamp'), 'cool lamp, clear gap all round'],
                }),
              ],
            },
          ],
        },
      ]
    }),
}

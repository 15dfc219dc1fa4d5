import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { harmOf } from '../poisonous.js'
import { pieceRef } from './about.js'
import { capital } from '../../../kernel/capital.js'
import type { PlanPiece } from '../standing.js'
import { put } from '../../../model/changes.js'

export const plants: Rule<PlanFacts> = {
  name: 'plan.plants',
  title: 'A plant that is poisonous to those who live there',
  numbers:
    'By what plant it is, with children or pets in the household; asked as a question while nobody is entered, and while it is not known which plant it is.',
  source: 'common knowledge of the trade; a poison center decides',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const { known, children, pets } = facts.household
      if (p.kind !== 'plant' || (known && !children && !pets)) return []
      const harm = harmOf(p.species)
      if (!harm) return p.species.trim() === '' && known ? [whichPlant(p)] : []
      return [
        {
          rule: 'plan.plants',
          severity: 'look',
          about: [pieceRef(p)],
          title: known
            ? `${p.name} is poisonous to ${[children && 'children', pets && 'pets'].filter(Boolean).join(' and ')}`
            : `${p.name} is poisonous: children or pets?`,
          measured: harm.name,
          wanted: `out of reach, or ${harm.instead}`,
          because: 'They chew what they find. A poison center and the grower know more.',
          fixes: [
            {
              label: `Take ${harm.instead.split(' or ')[0] ?? 'another'} instead`,
              changes: [
                put('pieces', p.id, {
                  name: capital(harm.instead.split(' or ')[0] ?? 'Another plant'),
                  species: harm.instead.split(' or ')[0] ?? '',
                }),
              ],
            },
          ],
        },
      ]
    }),
}

const whichPlant = (p: PlanPiece): Finding => ({
  rule: 'plan.plants',
  severity: 'note',
  about: [pieceRef(p)],
  title: `Which plant is ${p.name}?`,
  measured: 'not known',
  wanted: 'its name, from the label or the grower',
  because: 'Some are poisonous to children and pets who chew what they find. A poison center knows more.',
  fixes: [],
})

import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, withTraits } from './about.js'

export const rugGrip: Rule<PlanFacts> = {
  name: 'plan.rug-grip',
  title: 'Rugs without underlay or gripper',
  numbers:
    'Every rug, runner, layered rug and bath mat until an underlay or a gripping back is noted; a taped seam is a trip edge besides.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces
      .filter((p) => p.kind === 'rug')
      .flatMap((p): Finding[] => {
        const bath = /bath|shower/i.test(p.name) || facts.room.kind === 'wet room'
        const gripped = bath
          ? has(p, 'gripping back') && has(p, 'washable')
          : has(p, 'underlay or gripper', 'gripping back')
        const seam = has(p, 'joined by a taped seam')
        if (gripped && !seam) return []
        return [
          {
            rule: 'plan.rug-grip',
            severity: 'look',
            about: [{ kind: 'piece', id: p.id, name: p.name }],
            title: seam
              ? `${p.name}: a taped seam is an edge to trip on`
              : bath
                ? `${p.name}: washable, with a gripping back?`
                : `${p.name} wants a gripper`,
            measured: gripped ? 'joined by tape' : 'no underlay is planned',
            wanted: bath
              ? 'washable and with a gripping back'
              : seam
                ? 'sewn together, and an underlay under both'
                : 'an underlay or gripper, on the list of what is bought',
            because: 'Rugs slide and curl; follow the maker’s instructions for the floor beneath.',
            fixes: [
              bath
                ? withTraits(p, 'It is washable and grips', ['gripping back', 'washable'])
                : withTraits(
                    p,
                    seam ? 'It is sewn, with an underlay' : 'An underlay is on the list',
                    ['underlay or gripper'],
                    ['joined by a taped seam'],
                  ),
            ],
          },
        ]
      }),
}

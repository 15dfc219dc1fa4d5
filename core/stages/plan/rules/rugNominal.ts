import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, lower, withTraits } from './about.js'

export const rugNominal: Rule<PlanFacts> = {
  name: 'plan.rug-nominal',
  title: 'Only the nominal size of a rug is known',
  numbers: 'A rug, bed or frame marked so.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces
      .filter((p) => has(p, 'only the nominal size is known'))
      .map((p): Finding => ({
        rule: 'plan.rug-nominal',
        severity: 'look',
        about: [{ kind: 'piece', id: p.id, name: p.name }],
        title: `Measure ${lower(p.name)} itself`,
        measured: `${facts.says.length(p.widthMm)} × ${facts.says.length(p.depthMm)} by name`,
        wanted: 'the maker’s actual size',
        because:
          'Names of sizes are not sizes: rugs, boards and mattresses come out smaller, and a few centimeters decide.',
        fixes: [withTraits(p, 'It has been measured', [], ['only the nominal size is known'])],
      })),
}

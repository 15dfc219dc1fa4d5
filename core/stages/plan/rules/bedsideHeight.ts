import { boxGap } from '../../../kernel/geometry/box.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { lower, ref } from './about.js'

// One puts a glass down lying: the top is level with the mattress, give or take this (common practice).
const LEVEL_MM = 100
const BESIDE_MM = 300

export const bedsideHeight: Rule<PlanFacts> = {
  name: 'plan.bedside-height',
  title: 'A bedside top far above or below the mattress',
  numbers: `The top of what stands beside a bed within ${LEVEL_MM} mm of the top of the mattress, once that is known.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.standings.flatMap((bed) => {
      const { mattressMm } = bed.piece
      if (bed.kind !== 'bed' || mattressMm === null) return []
      return facts.standings.flatMap((s): Finding[] => {
        const off = s.raisedMm + s.heightMm - mattressMm
        if (s.kind !== 'side table' || boxGap(s.box, bed.box) > BESIDE_MM || Math.abs(off) <= LEVEL_MM)
          return []
        return [
          {
            rule: 'plan.bedside-height',
            severity: 'note',
            about: [ref(s), ref(bed)],
            title: `${s.name} is ${facts.says.length(Math.abs(off))} ${off > 0 ? 'above' : 'below'} the mattress`,
            measured: `its top at ${facts.says.length(s.raisedMm + s.heightMm)}, the mattress at ${facts.says.length(mattressMm)}`,
            quantity: { value: Math.abs(off), better: 'less' },
            wanted: facts.says.span(mattressMm - LEVEL_MM, mattressMm + LEVEL_MM),
            because: `A glass is put down lying. A bed made lower or higher takes ${lower(s.name)} with it.`,
            fixes: [],
          },
        ]
      })
    }),
}

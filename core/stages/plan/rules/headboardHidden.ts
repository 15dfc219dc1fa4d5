import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { furnitureUnder } from './hanging.js'
import { lower, ref } from './about.js'

// How high pillows stand on a made bed when nobody has measured them (common practice).
export const USUAL_PILLOWS_MM = 450

/** What is left to see behind the pillows of a bed: below 0 the headboard, or what hangs behind, ends under their top. */
export function headboardSeen(facts: PlanFacts, bed: PlanFacts['standings'][number]) {
  const { mattressMm, pillowsMm } = bed.piece
  if (mattressMm === null) return undefined
  const pillowTopMm = mattressMm + (pillowsMm ?? USUAL_PILLOWS_MM)
  const behind = facts.wallPlacements.filter(
    (h) => h.bottomMm <= pillowTopMm && furnitureUnder(facts, h)?.standing.id === bed.id,
  )
  const topMm = Math.max(bed.heightMm, ...behind.map((h) => h.topMm))
  return { pillowTopMm, topMm, seenMm: topMm - pillowTopMm, hasHeadboard: topMm > mattressMm }
}

export const headboardHidden: Rule<PlanFacts> = {
  name: 'plan.headboard-hidden',
  title: 'A headboard that the pillows hide',
  numbers: `The top of the headboard, or of what is fixed behind the bed, against the top of the pillows; these stand ${USUAL_PILLOWS_MM} mm above the mattress where they are not measured. Asked once the top of the mattress is known.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.standings.flatMap((s): Finding[] => {
      const seen = s.kind === 'bed' || s.kind === 'sofa bed' ? headboardSeen(facts, s) : undefined
      if (!seen || !seen.hasHeadboard || seen.seenMm > 0) return []
      return [
        {
          rule: 'plan.headboard-hidden',
          severity: 'look',
          about: [ref(s)],
          title: `The pillows of ${lower(s.name)} hide its headboard`,
          measured: `its top at ${facts.says.length(seen.topMm)}, the pillows up to ${facts.says.length(seen.pillowTopMm)}${s.piece.pillowsMm === null ? ', as pillows usually stand' : ''}`,
          quantity: { value: seen.seenMm, better: 'more' },
          wanted: `a top above ${facts.says.length(seen.pillowTopMm)}`,
          because: 'With the bed made nothing of it is seen: raise it, or fix a panel behind.',
          fixes: [],
        },
      ]
    }),
}

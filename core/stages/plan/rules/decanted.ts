import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import type { PlanPiece } from '../standing.js'
import { has, pieceRef, withTraits } from './about.js'
import { ASK } from './cautions.js'

// Where a child that climbs on nothing does not reach (common practice).
const OUT_OF_REACH_MM = 1_500

export const decanted: Rule<PlanFacts> = {
  name: 'plan.decanted',
  title: 'A cleaner or powder in a pretty jar',
  numbers: `Until it is labeled; with children or pets, and while nobody is entered, also until it stands ${OUT_OF_REACH_MM} mm high or behind a lock. With children or pets it stops.`,
  source: 'common practice; a poison center advises',
  schools: 'all',
  caution: true,
  check: (facts) => {
    const { known, children, pets } = facts.household
    const reached = children || pets || !known
    return facts.pieces.flatMap((p): Finding[] => {
      if (!has(p, 'decanted cleaner or powder')) return []
      const labeled = has(p, 'labeled with contents and warning')
      const away = has(p, 'behind a lock or latch') || standsHigh(facts, p)
      if (labeled && (away || !reached)) return []
      const missing = [
        ...(labeled ? [] : ['a label with contents and warning']),
        ...(away || !reached
          ? []
          : [`a place ${facts.says.length(OUT_OF_REACH_MM)} high or more, or a lock`]),
      ]
      return [
        {
          rule: 'plan.decanted',
          severity: children || pets ? 'stop' : 'look',
          about: [
            pieceRef(p),
            ...(labeled ? [] : [{ kind: 'job' as const, id: 'label', name: 'Label' }]),
            ...(away || !reached ? [] : [{ kind: 'job' as const, id: 'reach', name: 'Reach' }]),
          ],
          title: `${p.name}: what is in it, and who reaches it?`,
          measured: `${labeled ? 'labeled' : 'no label'}, ${away ? 'out of reach' : 'within reach'}`,
          wanted: missing.join(' and '),
          because: `Powder in a jar is taken for food. Keep the packet, never mix, never in a food vessel. ${ASK}`,
          fixes: [
            ...(labeled
              ? []
              : [
                  {
                    ...withTraits(p, 'It is labeled', ['labeled with contents and warning']),
                    kind: 'answer' as const,
                  },
                ]),
            ...(away || !reached
              ? []
              : [
                  {
                    ...withTraits(p, 'It stands behind a lock', ['behind a lock or latch']),
                    kind: 'answer' as const,
                  },
                ]),
          ],
        },
      ]
    })
  },
}

/** Every one of it stands that high. */
function standsHigh(facts: PlanFacts, p: PlanPiece): boolean {
  const at = facts.standings.filter((s) => s.pieceId === p.id)
  return at.length > 0 && at.every((s) => s.raisedMm >= OUT_OF_REACH_MM)
}

import { inRoom } from '../../../model/inRoom.js'
import type { Rule, Finding, Fix } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { canTip, TIPS_TEXT } from '../../../findings/canTip.js'
import { household } from '../household.js'
import { held } from './tenure.js'
import { put } from '../../../model/changes.js'

export const tipOverRented: Rule<BriefFacts> = {
  name: 'brief.tip-over-rented',
  title: 'What must be anchored may not be drilled',
  numbers: `${TIPS_TEXT}, that stand free or lean in a rented home; stop with children in the household, look without. A piece that is set out in the plan is told there.`,
  source: 'common practice',
  schools: ['rented'],
  caution: true,
  check: ({ job, says, toldInPlan }) => {
    if (job.schools.tenure !== 'rented') return []
    const { smallChildren, known } = household(job.people)
    return held(job).flatMap(({ row, kind, collection, pieceKind, heightMm, depthMm }): Finding[] => {
      const loose = row.fixing === 'stands free' || row.fixing === 'leans' || row.fixing === 'adhesive strips'
      if (!loose || heightMm === null) return []
      const widthMm = 'widthMm' in row ? row.widthMm : null
      if (!canTip({ kind: pieceKind, heightMm, widthMm, depthMm })) return []
      // What stands in the plan is told there, with both sides.
      if (kind === 'piece' && toldInPlan.has(row.id)) return []
      if ('verdict' in row && !inRoom(row)) return []
      // Consent to drill for this one thing, or anywhere, settles the landlord's side; the anchor is then the fixing.
      return [
        {
          rule: 'brief.tip-over-rented',
          severity: smallChildren.length > 0 ? 'stop' : 'look',
          about: [{ kind, id: row.id, name: row.name }],
          title: `${row.name} can tip, and its anchor may not be drilled`,
          measured: `${says.length(heightMm)} high, ${row.fixing}${smallChildren.length > 0 ? `; ${smallChildren.map((c) => c.name).join(', ')} in the house` : known ? '' : '; the household is not entered'}`,
          wanted: 'a restraint to the building with written consent, or a piece that needs none',
          because:
            'Safety and tenancy collide, and neither silences the other. Pads and strips are no restraint. Follow the maker’s instructions and local rules.',
          school: 'rented',
          fixes: [
            {
              label: `Anchor ${row.name} to the wall, and ask for consent to that`,
              kind: 'promise',
              changes: [put(collection, row.id, { fixing: 'screwed to the wall' })],
            },
            ...(kind === 'piece'
              ? ([
                  {
                    label: `Let ${row.name} leave the room`,
                    changes: [put('pieces', row.id, { verdict: 'move' })],
                  },
                ] satisfies Fix[])
              : []),
          ],
        },
      ]
    })
  },
}

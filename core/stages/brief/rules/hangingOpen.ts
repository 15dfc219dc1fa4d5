import type { Rule } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { proposedHanging } from '../household.js'
import { put } from '../../../model/changes.js'

export const hangingOpen: Rule<BriefFacts> = {
  name: 'brief.hanging-open',
  title: 'The hanging height is not agreed',
  numbers:
    'Proposed halfway between the lowest and the highest standing eye of the adults, rounded to 10 mm.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, says }) => {
    const known = job.people.filter((p) => p.kind === 'adult' && p.standingEyeMm != null)
    if (job.brief.hangingMm != null || known.length === 0) return []
    const proposal = proposedHanging(job.people, says)
    const text = says.typed(proposal.mm)
    return [
      {
        rule: 'brief.hanging-open',
        severity: 'note',
        about: [{ kind: 'job', id: 'hanging', name: 'Hanging height' }],
        title: `Agree the hanging height: ${text}?`,
        measured: `Eyes at ${known.map((p) => `${says.typed(p.standingEyeMm ?? 0)} (${p.name})`).join(', ')}`,
        wanted: 'one height for the middle of every picture',
        because: `Proposed: ${proposal.says}.`,
        fixes: [
          {
            label: `Agree ${text}`,
            kind: 'answer',
            changes: [put('brief', 'brief', { hangingMm: proposal.mm })],
          },
        ],
      },
    ]
  },
}

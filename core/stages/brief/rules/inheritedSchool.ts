import { put } from '../../../model/changes.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import type { BriefFacts } from '../briefFacts.js'

type Inherited = NonNullable<JobSnapshot['schools']['inherited']>
type Verdict = NonNullable<JobSnapshot['pieces'][number]['verdict']>

/** What each school leaves to be done with an inherited piece. Letting one go is a rule of its own. */
const MAY: Readonly<Record<Inherited, readonly Verdict[]>> = {
  locked: ['keep'],
  'may move': ['keep', 'move'],
  'may be recolored': ['keep', 'move', 'rework'],
  'may go': ['keep', 'move', 'rework', 'let go'],
}

const WORDS: Readonly<Record<Verdict, string>> = {
  keep: 'kept',
  rework: 'reworked',
  move: 'moved to another room',
  'let go': 'let go',
}

export const inheritedSchool: Rule<BriefFacts> = {
  name: 'brief.inherited-school',
  title: 'An inherited piece is treated otherwise than agreed',
  numbers:
    'A sentimental piece: under “locked” reworked or moved, under “may move” reworked. What leaves is a finding of its own.',
  source: 'common practice',
  schools: ['locked', 'may move'],
  check: ({ job }) => {
    const school = job.schools.inherited
    if (!school) return []
    return job.pieces.flatMap((p): Finding[] => {
      if (!p.sentimental || !p.verdict || p.verdict === 'let go' || MAY[school].includes(p.verdict)) return []
      return [
        {
          rule: 'brief.inherited-school',
          severity: 'look',
          about: [{ kind: 'piece', id: p.id, name: p.name }],
          title: `${p.name} is to be ${WORDS[p.verdict]}`,
          measured: `verdict: ${p.verdict}`,
          wanted: MAY[school].map((v) => WORDS[v]).join(' or '),
          because: 'What was inherited stays as the family agreed; the room is built round it.',
          school,
          fixes: [{ label: `Keep ${p.name} as it is`, changes: [put('pieces', p.id, { verdict: 'keep' })] }],
        },
      ]
    })
  },
}

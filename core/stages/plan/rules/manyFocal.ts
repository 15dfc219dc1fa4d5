import type { Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { pieceRef, listed, lower } from './about.js'
import { put } from '../../../model/changes.js'

export const manyFocal: Rule<PlanFacts> = {
  name: 'plan.focus-many',
  title: 'Several things want to be the focus',
  numbers: 'More than one piece marked as focal stands or hangs in the room.',
  source: 'common practice',
  schools: 'all',
  check: ({ pieces }) => {
    const focal = pieces.filter((p) => p.focal)
    const [first, ...rest] = focal
    if (!first || rest.length === 0) return []
    return [
      {
        rule: 'plan.focus-many',
        severity: 'look',
        about: focal.map(pieceRef),
        title: `${focal.length} things want to be the focus`,
        measured: listed(focal.map((p) => p.name)),
        wanted: 'one thing that draws the eye on entering',
        because: 'Several focal things cancel each other.',
        fixes: focal.slice(0, 3).map((keep) => ({
          label: `Only ${lower(keep.name)}`,
          changes: focal.filter((p) => p !== keep).map((p) => put('pieces', p.id, { focal: false })),
        })),
      },
    ]
  },
}

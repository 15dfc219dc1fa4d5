import type { Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { lower } from './about.js'
import { put } from '../../../model/changes.js'

export const sightEnds: Rule<PlanFacts> = {
  name: 'plan.sight-end',
  title: 'The view from the door ends on nothing',
  numbers:
    'The line straight in from the middle of the door, or to the piece meant as the focus; pieces under 1 200 mm are looked over. A door or an opening at its end leads on.',
  source: 'common practice',
  schools: 'all',
  check: ({ sight, standings }) => {
    if (!sight || sight.rests || standings.length === 0) return []
    return [
      {
        rule: 'plan.sight-end',
        severity: 'note',
        about: [{ kind: 'job', id: 'sight', name: 'Sight line' }],
        title: `From the door one looks at ${sight.endsOn}`,
        measured: sight.endsOn,
        wanted: 'a picture, a window, or the piece meant as the focus',
        because: 'The first view is the room; finish it before the rest.',
        fixes: sight.before
          ? standings
              .filter((s) => s.name === sight.before)
              .map((s) => ({
                label: `Make ${lower(s.name)} the focus`,
                changes: [put('pieces', s.pieceId, { focal: true })],
              }))
          : [],
      },
    ]
  },
}

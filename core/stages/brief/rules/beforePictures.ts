import type { Rule } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'

export const beforePictures: Rule<BriefFacts> = {
  name: 'brief.before-pictures',
  title: 'Before pictures are missing',
  numbers:
    'One of every wall and every corner; walls under 500 mm are seen in their neighbor’s picture. Asked for once the walls are entered.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, standpoints }) => {
    const missing = standpoints.filter((s) => s.photos.length === 0)
    if (missing.length === 0 || job.brief.beforeReason.trim() !== '') return []
    const moving = job.pieces.filter((p) => p.verdict === 'move' || p.verdict === 'let go')
    return [
      {
        rule: 'brief.before-pictures',
        severity: 'look',
        about: [{ kind: 'job', id: 'before', name: 'Before pictures' }],
        title: `${missing.length} of ${standpoints.length} before pictures missing`,
        measured: `Missing: ${missing.map((s) => s.name).join(', ')}`,
        wanted:
          moving.length > 0
            ? `all of them before ${moving.map((p) => p.name).join(', ')} ${moving.length === 1 ? 'is' : 'are'} moved`
            : 'all of them before anything moves',
        because: 'The one thing that cannot be made good later, and often regretted.',
        fixes: [],
      },
    ]
  },
}

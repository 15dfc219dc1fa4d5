import type { Rule, Finding } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'

export const focalPointEmpty: Rule<BriefFacts> = {
  name: 'brief.focal-point-empty',
  title: 'A promised focus point with nothing planned for it',
  numbers: 'One to three focus points are usual; each wants at least one item.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.items.length === 0
      ? []
      : job.focalPoints
          .filter((f) => !job.items.some((i) => i.focalPointId === f.id))
          .map((f): Finding => ({
            rule: 'brief.focal-point-empty',
            severity: 'look',
            about: [{ kind: 'job', id: f.id, name: f.name }],
            title: `${f.name} was promised, and nothing is planned for it`,
            measured: `0 of ${job.items.length} items are for it`,
            wanted: 'at least one',
            because: 'Focus points are promises; purchases drift to the easiest of them.',
            fixes: [],
          })),
}

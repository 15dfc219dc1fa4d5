import type { Rule } from '../../../findings/finding.js'
import type { RecordFacts } from '../recordFacts.js'

export const afterPictures: Rule<RecordFacts> = {
  name: 'handover.after-pictures',
  title: 'After pictures are missing',
  numbers: 'One from every standpoint of which there is a picture of before, once the work is done.',
  source: 'common practice',
  schools: 'all',
  check: ({ pairs, isDone }) => {
    const missing = pairs.filter((p) => p.before && !p.after)
    if (!isDone || missing.length === 0) return []
    return [
      {
        rule: 'handover.after-pictures',
        severity: 'look',
        about: [{ kind: 'job', id: 'after', name: 'After pictures' }],
        title: `${missing.length} of ${pairs.filter((p) => p.before).length} after pictures missing`,
        measured: `Missing: ${missing.map((p) => p.name).join(', ')}`,
        wanted: 'one from each standpoint of before',
        because:
          'The two side by side are what the client shows, and only from one standpoint do they compare.',
        fixes: [],
        quantity: { value: missing.length, better: 'less' },
      },
    ]
  },
}

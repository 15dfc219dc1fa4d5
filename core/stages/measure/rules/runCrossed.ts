import type { Rule } from '../../../findings/finding.js'
import type { MeasureFacts } from '../measureFacts.js'

export const runCrossed: Rule<MeasureFacts> = {
  name: 'measure.crossed',
  title: 'The walls cross each other',
  numbers: 'Two walls that are not neighbors meet.',
  source: 'common practice',
  schools: 'all',
  check: ({ closure, nameOf, walls }) =>
    closure.state !== 'crossed' || !closure.crossed
      ? []
      : [
          {
            rule: 'measure.crossed',
            severity: 'stop',
            about: closure.crossed.map((i) => ({
              kind: 'wall' as const,
              id: walls[i]?.id ?? '',
              name: nameOf(walls[i]?.id ?? ''),
            })),
            title: closure.crossed.map((i) => nameOf(walls[i]?.id ?? '')).join(' crosses '),
            measured: 'The outline cuts through itself',
            wanted: 'an outline that runs round the room once',
            because: 'A corner is turned the wrong way, or two lengths are exchanged. No area can be given.',
            fixes: [],
          },
        ],
}

import type { Rule } from '../../../findings/finding.js'
import type { MeasureFacts } from '../measureFacts.js'
import { fixOf } from './suspectFix.js'

export const runOpen: Rule<MeasureFacts> = {
  name: 'measure.run-open',
  title: 'The run of walls is not finished',
  numbers:
    'Turns that do not add up to 360°, with half a degree allowed for each corner, growing as its square root.',
  source: 'common practice',
  schools: 'all',
  check: ({ closure, suspects, walls, says }) =>
    closure.state !== 'open' || walls.length < 3
      ? []
      : [
          {
            rule: 'measure.run-open',
            severity: 'look',
            about: [{ kind: 'job', id: 'run', name: 'Wall run' }],
            title: `${closure.run.stillToTurnDeg}° still to turn`,
            measured: `Turns come to ${Math.round(Math.abs(closure.run.turnDeg) * 10) / 10}° over ${walls.length} walls`,
            wanted: '360° once round',
            because:
              suspects.length > 0
                ? suspects.map((s) => `${s.wallName}: ${s.because}`).join('. ')
                : 'Walk on to the corner where you began; the last wall is the check of all the others.',
            fixes: suspects.map((s) => fixOf(s, walls, says)),
          },
        ],
}

import type { MeasureFacts } from '../measureFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { gapWords } from '../explainGap.js'
import { fixOf } from './suspectFix.js'

function notClosed({ closure, suspects, walls, says }: MeasureFacts): Finding[] {
  const { run, state, toleranceMm } = closure
  if (state !== 'gap') return []
  const names = [...new Set(suspects.map((s) => s.wallName))]
  return [
    {
      rule: 'measure.not-closed',
      severity: 'stop',
      about: [{ kind: 'job', id: 'run', name: 'Wall run' }],
      title: `The walls do not close: ${says.length(run.gapMm)} apart`,
      measured: `From the end of the last wall to the first: ${gapWords(run.gap, says.length)}, in a run of ${says.length(run.lengthMm)}`,
      wanted: `at most ${says.length(toleranceMm)}`,
      because:
        names.length > 0
          ? `One wrong length moves the end along its own wall. Measure again, likeliest first: ${names.join(', ')}.${names.length > 1 && closure.diagonals.length === 0 ? ' A diagonal tells them apart.' : ''}`
          : 'No single reading explains it: two are wrong, or a corner is not what it seems. Measure a diagonal.',
      fixes: suspects.map((s) => fixOf(s, walls, says)),
    },
  ]
}

export const runNotClosed: Rule<MeasureFacts> = {
  name: 'measure.not-closed',
  title: 'The run of walls does not close',
  numbers:
    'Closing error over 15 mm and over one part in 400 of the run. Below that it is spread by the compass (Bowditch) rule.',
  source: 'common practice; compass rule as in surveying handbooks',
  schools: 'all',
  check: notClosed,
}

import type { Rule, Finding } from '../../../findings/finding.js'
import { type MeasureFacts, misfits } from '../measureFacts.js'

export const pastWall: Rule<MeasureFacts> = {
  name: 'measure.past-wall',
  title: 'An opening or fixture does not fit in its wall',
  numbers:
    'From left and width past the end of the wall; sill and height past the ceiling there; outdoors there is none.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    misfits(facts).map((m): Finding => ({
      rule: 'measure.past-wall',
      severity: 'look',
      about: [{ kind: 'opening', id: m.id, name: m.name }],
      title: `${m.name} does not fit in its wall`,
      measured: m.text,
      wanted: 'inside its wall and under its ceiling',
      because: 'What stands out of the wall is cut off in every area until it is put right.',
      fixes: [],
    })),
}

import type { Rule, Finding } from '../../../findings/finding.js'
import type { MeasureFacts } from '../measureFacts.js'

export const wayInIncomplete: Rule<MeasureFacts> = {
  name: 'measure.way-in-incomplete',
  title: 'A part of the way in lacks a measure',
  numbers: 'Lift cars, landings and turns need a third measure before a large piece can be tried in them.',
  source: 'common practice',
  schools: 'all',
  check: ({ wayIn }) =>
    wayIn.incomplete.map((p): Finding => ({
      rule: 'measure.way-in-incomplete',
      severity: 'note',
      about: [{ kind: 'passage', id: p.id, name: p.name || p.kind }],
      title: `${p.name || p.kind}: ${p.kind === 'turn' ? 'the width after the turn' : 'the depth'} is missing`,
      measured: 'Width and height only',
      wanted: p.kind === 'turn' ? 'the width on both sides of the turn' : 'width, height and depth',
      because: 'A large piece is tilted and turned there; two measures do not say whether it goes.',
      fixes: [],
    })),
}

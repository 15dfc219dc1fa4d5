import type { Rule } from '../../../findings/finding.js'
import type { MeasureFacts } from '../measureFacts.js'

export const northUnknown: Rule<MeasureFacts> = {
  name: 'measure.north-unknown',
  title: 'Windows without a compass direction',
  numbers: 'A window is entered and the bearing of the first wall, or the latitude, is not.',
  source: 'common practice',
  schools: 'all',
  check: ({ measures: { room, openings } }) => {
    const missing = [
      room.northDeg == null && 'the bearing of the first wall',
      room.latitudeDeg == null && 'the latitude',
    ].filter(Boolean)
    if (missing.length === 0 || !openings.some((o) => o.kind === 'window')) return []
    return [
      {
        rule: 'measure.north-unknown',
        severity: 'note',
        about: [{ kind: 'job', id: 'north', name: 'North' }],
        title: 'Which way do the windows look?',
        measured: `Not known: ${missing.join(' and ')}`,
        wanted: 'one bearing for the whole room, and where on earth it lies',
        because: 'Colors are judged in the room’s own light: when the sun comes in depends on both.',
        fixes: [],
      },
    ]
  },
}

import type { MeasureFacts } from '../../stages/measure/measureFacts.js'
import { example } from './indexRooms.js'

function passageFacts(lengthMm: number | null): MeasureFacts['wayIn'] {
  const passage = {
    id: 'p',
    position: 0,
    kind: 'lift car' as const,
    name: '',
    widthMm: 1100,
    heightMm: 2100,
    lengthMm,
  }
  return {
    passages: [passage],
    narrowest: passage,
    lowest: passage,
    incomplete: lengthMm === null ? [passage] : [],
  }
}

/** Breaks the rule `measure.way-in-incomplete`. */
export const violates = (): MeasureFacts => ({
  ...example([4200, 3600, 4200, 3600]),
  wayIn: passageFacts(null),
})

/** Keeps it, by as little as matters. */
export const complies = (): MeasureFacts => ({
  ...example([4200, 3600, 4200, 3600]),
  wayIn: passageFacts(1400),
})

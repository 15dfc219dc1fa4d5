import type { MeasureFacts } from '../../stages/measure/measureFacts.js'
import { example, opening } from './indexRooms.js'

const with2 = (startMm: number) =>
  example([4200, 3600, 4200, 3600], {
    openings: [opening(0), { ...opening(startMm), id: 'p', name: 'Pantry' }],
  })

/** Breaks the rule `measure.openings-meet`. */
export const violates = (): MeasureFacts => with2(780)

/** Keeps it, by as little as matters. */
export const complies = (): MeasureFacts => with2(800)

import { example, opening } from './indexRooms.js'
import type { MeasureFacts } from '../../stages/measure/measureFacts.js'

/** Breaks the rule `measure.north-unknown`. */
export const violates = (): MeasureFacts => {
  const facts = example([4200, 3600, 4200, 3600], { openings: [{ ...opening(1000), kind: 'window' }] })
  return { ...facts, measures: { ...facts.measures, room: { ...facts.measures.room, northDeg: null } } }
}

/** Keeps it, by as little as matters. */
export const complies = (): MeasureFacts =>
  example([4200, 3600, 4200, 3600], { openings: [{ ...opening(1000), kind: 'window' }] })

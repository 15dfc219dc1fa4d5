import { example } from './indexRooms.js'
import type { MeasureFacts } from '../../stages/measure/measureFacts.js'

/** Breaks the rule `measure.run-open`. */
export const violates = (): MeasureFacts => example([4200, 3600, 4200])

/** Keeps it, by as little as matters. */
export const complies = (): MeasureFacts => example([4200, 3600, 4200, 3600])

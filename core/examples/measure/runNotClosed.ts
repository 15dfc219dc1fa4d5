import { example } from './indexRooms.js'
import type { MeasureFacts } from '../../stages/measure/measureFacts.js'

/** Breaks the rule `measure.not-closed`. */
export const violates = (): MeasureFacts => example([4200, 3600, 4100, 3600])

/** Keeps it, by as little as matters. */
export const complies = (): MeasureFacts => example([4200, 3600, 4190, 3605])

import type { MeasureFacts } from '../../stages/measure/measureFacts.js'
import { example, opening } from './indexRooms.js'

/** Breaks the rule `measure.opening-unmeasured`. */
export const violates = (): MeasureFacts =>
  example([4200, 3600, 4200, 3600], { openings: [{ ...opening(1000), heightMm: null }] })

/** Keeps it. */
export const complies = (): MeasureFacts => example([4200, 3600, 4200, 3600], { openings: [opening(1000)] })

import { example } from './indexRooms.js'
import type { MeasureFacts } from '../../stages/measure/measureFacts.js'

/** Breaks the rule `measure.diagonal-off`. */
export const violates = (): MeasureFacts =>
  example([4200, 3600, 4200, 3600], {
    diagonals: [{ id: 'd', fromWallId: 'w0', toWallId: 'w2', lengthMm: 5600 }],
  })

/** Keeps it, by as little as matters. */
export const complies = (): MeasureFacts =>
  example([4200, 3600, 4200, 3600], {
    diagonals: [{ id: 'd', fromWallId: 'w0', toWallId: 'w2', lengthMm: 5532 }],
  })

import { example, wall } from './indexRooms.js'
import type { MeasureFacts } from '../../stages/measure/measureFacts.js'

/** Breaks the rule `measure.crossed`. */
export const violates = (): MeasureFacts =>
  // A chimney breast entered deeper than the room.
  example([], {
    walls: [
      wall(0, 4000),
      wall(1, 3000),
      wall(2, 1500),
      wall(3, 3500, -90),
      wall(4, 1000, -90),
      wall(5, 3500),
      wall(6, 1500),
      wall(7, 3000),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): MeasureFacts => example([4200, 3600, 4200, 3600])

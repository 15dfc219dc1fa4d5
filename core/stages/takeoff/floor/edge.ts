import { distance, perimeter, type Point } from '../../../kernel/geometry/polygon.js'
import type { Formatter } from '../../../kernel/units/formatter.js'
import type { GoesWith } from '../takeoffTypes.js'
import type { FloorDoor } from './floorPlan.js'

/** Round the edge of a floor, doors left out. */
export const roundOf = (floor: readonly Point[], doors: readonly FloorDoor[]): number =>
  perimeter(floor) - doors.reduce((sum, d) => sum + distance(d.from, d.to), 0)

/** A bar in each door, where this floor meets the next. */
export const thresholds = (doors: readonly FloorDoor[], says: Formatter): GoesWith[] =>
  doors.length === 0
    ? []
    : [
        {
          name: 'Threshold bars',
          quantity: `${doors.length} of ${says.lengths(doors.map((d) => distance(d.from, d.to)))}`,
        },
      ]

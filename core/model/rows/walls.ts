import { choice, mm, note, real, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { FACES } from '../vocabulary/room.js'

/** One wall of the run, in the order walked, and the turn at its end: right is positive. */
export const walls = defineRow({
  name: 'walls',
  table: 'wall',
  stage: 'measure',
  singular: 'a wall',
  order: ['position', 'id'],
  fields: {
    position: whole('Position', 0, 10_000, 'places'),
    name: note('Name', 60),
    lengthMm: mm('Length', 10, 50_000),
    turnDeg: real('Turn', -179, 179).starts(90),
    face: choice('Face', FACES).starts('smooth paint'),
  },
})
export type Wall = RowOf<typeof walls.fields>

import { text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** A place of the room the client was promised: seen first, finished first. */
export const focalPoints = defineRow({
  name: 'focalPoints',
  table: 'focal_point',
  stage: 'brief',
  singular: 'a focal point',
  order: ['position', 'id'],
  fields: {
    name: text('Focus point', 80),
    position: whole('Position', 0, 10_000, 'places').starts(0),
  },
})
export type FocalPoint = RowOf<typeof focalPoints.fields>

import { text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** A place of the room the client was promised: seen first, finished first. */
export const focuses = defineRow({
  name: 'focuses',
  table: 'focus',
  stage: 'brief',
  singular: 'a focal point',
  order: ['position', 'id'],
  fields: {
    name: text('Focus point', 80),
    position: whole('Position', 0, 10_000, 'places').starts(0),
  },
})
export type Focus = RowOf<typeof focuses.fields>

import { choices, clock, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { WEEKDAYS } from '../vocabulary/install.js'

/** When the house is kept quiet: a nap, a lesson, the hours of the building. Nothing is drilled or sanded then. */
export const quietHours = defineRow({
  name: 'quietHours',
  table: 'quiet_hours',
  stage: 'install',
  singular: 'quiet hours',
  order: ['from', 'id'],
  fields: {
    what: text('Why', 120),
    from: clock('From'),
    until: clock('Until'),
    weekdays: choices('On', WEEKDAYS, { each: 'Day' }).starts([...WEEKDAYS]),
  },
})
export type QuietHours = RowOf<typeof quietHours.fields>

import { day, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** A day somebody comes, or something happens. */
export const visits = defineRow({
  name: 'visits',
  table: 'visit',
  stage: 'brief',
  singular: 'a day',
  order: ['on', 'id'],
  fields: {
    on: day('Date'),
    what: text('What', 120),
  },
})
export type Visit = RowOf<typeof visits.fields>

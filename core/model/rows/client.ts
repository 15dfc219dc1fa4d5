import { text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** Whose room it is. */
export const client = defineRow({
  name: 'client',
  table: 'client',
  stage: 'brief',
  one: true,
  of: 'studio',
  singular: 'the client',
  order: ['id'],
  fields: {
    name: text('Client'),
  },
})
export type Client = RowOf<typeof client.fields>

import { choice, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { USE_KINDS, USE_TIMES } from '../vocabulary/use.js'

/** One thing the room must do for the people in it. */
export const uses = defineRow({
  name: 'uses',
  table: 'use',
  stage: 'brief',
  singular: 'a use',
  order: ['position', 'id'],
  fields: {
    name: text('Use'),
    kind: choice('Kind', USE_KINDS).starts('other'),
    persons: whole('For how many', 1, 50, 'persons').starts(1),
    time: choice('When', USE_TIMES).starts('any time'),
    position: whole('Position', 0, 10_000, 'places').starts(0),
  },
})
export type Use = RowOf<typeof uses.fields>

import { choice, day, minor, note, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { STOCKS } from '../vocabulary/buying.js'

/** A price and stock of an option, as it was seen on one day. */
export const priceObservations = defineRow({
  name: 'priceObservations',
  table: 'price_observation',
  stage: 'source',
  singular: 'a price seen',
  order: ['optionId', 'on', 'id'],
  fields: {
    optionId: ref('options', 'Option', 'remove'),
    on: day('Seen on'),
    priceMinor: minor('Price'),
    stock: choice('Stock', STOCKS).orNone(),
    where: note('Seen where', 120),
  },
})
export type PriceObservation = RowOf<typeof priceObservations.fields>

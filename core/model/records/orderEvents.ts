import { choice, day, id, note, ref } from '../field.js'
import { defineRecord } from '../record.js'
import type { RowOf } from '../row.js'
import { ORDER_EVENTS } from '../vocabulary/ledger.js'

/** What was heard of an order, or decided of a thing that came. No money moves. */
export const orderEvents = defineRecord({
  name: 'orderEvents',
  table: 'order_event',
  singular: 'an order update',
  signed: 'shown',
  counted: true,
  fields: {
    id: id(),
    orderId: ref('orders', 'Order', 'refuse'),
    lineId: ref('lines', 'Line', 'refuse').orNone(),
    kind: choice('What happened', ORDER_EVENTS),
    on: day('Date'),
    expectedOn: day('Now expected on').orNone(),
    /** The supplier's own name for the update this was noted from; empty when a person heard it. */
    updateId: note('Order update', 60),
    note: note('Note', 400),
  },
})
export type OrderEventRow = RowOf<typeof orderEvents.fields>

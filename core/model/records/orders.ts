import { day, id, minor, note, ref, whole } from '../field.js'
import { defineRecord } from '../record.js'
import type { RowOf } from '../row.js'

/** An order as it was placed. */
export const orders = defineRecord({
  name: 'orders',
  table: 'purchase_order',
  singular: 'an order',
  order: ['number'],
  fields: {
    id: id(),
    number: whole('Number', 1, 1_000_000, ''),
    supplierId: ref('suppliers', 'Supplier', 'refuse').orNone(),
    supplierName: note('Supplier', 120),
    placedOn: day('Ordered on'),
    expectedOn: day('Expected on').orNone(),
    depositMinor: minor('Deposit').starts(0),
    depositDueOn: day('Deposit due').orNone(),
    balanceDueOn: day('Balance due').orNone(),
    note: note('Note', 400),
  },
})
export type Order = RowOf<typeof orders.fields>

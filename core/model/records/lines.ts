import { choice, id, minor, ref, text, whole } from '../field.js'
import { defineRecord } from '../record.js'
import type { RowOf } from '../row.js'
import { CATEGORIES } from '../vocabulary/category.js'

/** What was ordered, at the price of that day. Later edits of item or option do not reach it. */
export const lines = defineRecord({
  name: 'lines',
  table: 'order_line',
  singular: 'an order line',
  order: ['itemName'],
  fields: {
    id: id(),
    orderId: ref('orders', 'Order', 'refuse'),
    itemId: ref('items', 'Item', 'refuse'),
    /** The option may have been taken out since: name and price of it stand here. */
    optionId: ref('options', 'Option', 'clear', { past: true }),
    itemName: text('Item'),
    optionName: text('Option'),
    category: choice('Category', CATEGORIES),
    quantity: whole('Quantity', 1, 10_000, 'pieces'),
    amountMinor: minor('Amount'),
    taxMinor: minor('Tax'),
    returnDays: whole('Return window', 0, 365, 'days').orNone(),
  },
})
export type OrderLine = RowOf<typeof lines.fields>

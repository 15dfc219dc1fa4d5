import { choice, day, minor, note, ref, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { VOUCHER_KINDS } from '../vocabulary/ledger.js'

/** A gift card or store credit of the job. It pays; it takes nothing off a price. */
export const vouchers = defineRow({
  name: 'vouchers',
  table: 'voucher',
  stage: 'ledger',
  singular: 'a gift card or credit',
  order: ['name', 'id'],
  fields: {
    name: text('Gift card or credit'),
    kind: choice('Kind', VOUCHER_KINDS),
    supplierId: ref('suppliers', 'Good at', 'refuse').orNone(),
    amountMinor: minor('Amount'),
    untilOn: day('Good until').orNone(),
    note: note('Note', 400),
  },
})
export type Voucher = RowOf<typeof vouchers.fields>

import { choice, day, minor, note, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { PAPER_KINDS } from '../vocabulary/ledger.js'

/** A receipt or invoice that came, as it says it; its photo or PDF is among the photos, under `receipt:` and its id. */
export const receipts = defineRow({
  name: 'receipts',
  table: 'receipt',
  stage: 'ledger',
  singular: 'a document received',
  order: ['on', 'id'],
  fields: {
    kind: choice('Kind', PAPER_KINDS),
    fromName: note('From', 120),
    number: note('Number', 60),
    on: day('Dated'),
    /** The order it belongs to, once a person has said so. */
    orderId: ref('orders', 'Order', 'refuse').orNone(),
    totalMinor: minor('Total'),
    taxMinor: minor('Tax on it').orNone(),
    note: note('Note', 400),
  },
})
export type Receipt = RowOf<typeof receipts.fields>

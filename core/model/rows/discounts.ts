import { choice, day, flag, minor, ppm, ref, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { OFFER_KINDS } from '../vocabulary/buying.js'

/** A price cut for an order at one supplier, or for one item. */
export const discounts = defineRow({
  name: 'discounts',
  table: 'discount',
  stage: 'source',
  singular: 'a coupon',
  order: ['name', 'id'],
  fields: {
    supplierId: ref('suppliers', 'Supplier', 'refuse'),
    name: text('Coupon or offer'),
    kind: choice('Kind', OFFER_KINDS),
    ppm: ppm('Percent off').starts(0),
    amountMinor: minor('Amount off').starts(0),
    minSpendMinor: minor('From a spend of').starts(0),
    fromOn: day('Valid from').orNone(),
    untilOn: day('Valid until').orNone(),
    /** The only item it is good for; null for the whole order. */
    itemId: ref('items', 'Only for', 'remove').orNone(),
    oneUse: flag('One use').starts(false),
    /** The day it was used; a coupon of one use is then gone. */
    usedOn: day('Used on').orNone(),
    /** Paid by somebody else than the shop: tax is then on the price before it. */
    thirdParty: flag('Paid by a third party').starts(false),
  },
})
export type Discount = RowOf<typeof discounts.fields>

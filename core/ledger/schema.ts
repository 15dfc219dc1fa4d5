import { array, type InferType } from 'yup'
import {
  choiceField,
  dayField,
  dayOrNone,
  idField,
  idOrNone,
  minorField,
  noteField,
  rowSchema,
  wholeField,
} from '../job/fields.js'

/** What happened to money or goods. A mistake is mended by entries of the same kind with the sign turned. */
export const ENTRY_KINDS = ['order', 'cancel', 'payment', 'delivery', 'return', 'refund'] as const
export type EntryKind = (typeof ENTRY_KINDS)[number]

/** What a payment was made with. Gift cards and store credit pay; they do not discount. */
export const MEANS = ['bank', 'card', 'cash', 'gift card', 'store credit'] as const

const lineIds = (label: string) =>
  array(idField(label))
    .typeError(`${label} must be a list of ids.`)
    .min(1, `${label} is empty. Choose at least one.`)
    .max(500, `${label}: at most 500.`)
    .required(`${label} is missing. Choose at least one.`)

/** One order to one supplier: the chosen options of these items, at their landed prices of the day. */
export const placeOrderSchema = rowSchema({
  supplierId: idOrNone('Supplier'),
  itemIds: lineIds('Items'),
  placedOn: dayField('Ordered on'),
  expectedOn: dayOrNone('Expected on'),
  note: noteField('Note', 400),
})
export type PlaceOrder = InferType<typeof placeOrderSchema>

/** Money paid towards an order; it is spread over the lines by what each still owes. */
export const payOrderSchema = rowSchema({
  orderId: idField('Order'),
  amountMinor: minorField('Amount', 1),
  paidOn: dayField('Paid on'),
  means: choiceField('Paid by', MEANS),
  note: noteField('Note', 400),
})
export type PayOrder = InferType<typeof payOrderSchema>

export const deliverSchema = rowSchema({
  orderId: idField('Order'),
  lineIds: lineIds('Lines'),
  deliveredOn: dayField('Delivered on'),
  note: noteField('Note', 400),
})
export type Deliver = InferType<typeof deliverSchema>

/** Goods that go back. The credit is what the seller owes for them; it is free money only once refunded. */
export const returnSchema = rowSchema({
  lineId: idField('Line'),
  quantity: wholeField('Quantity', 1, 10_000, 'pieces'),
  creditMinor: minorField('Credit'),
  returnedOn: dayField('Returned on'),
  note: noteField('Note', 400),
})
export type ReturnGoods = InferType<typeof returnSchema>

export const refundSchema = rowSchema({
  lineId: idField('Line'),
  amountMinor: minorField('Amount', 1),
  refundedOn: dayField('Refunded on'),
  means: choiceField('Paid by', MEANS),
  note: noteField('Note', 400),
})
export type Refund = InferType<typeof refundSchema>

/** An order line that will not come: what has not been delivered is taken off the order. */
export const cancelSchema = rowSchema({
  lineId: idField('Line'),
  cancelledOn: dayField('Cancelled on'),
  note: noteField('Note', 400),
})
export type CancelLine = InferType<typeof cancelSchema>

export const reverseSchema = rowSchema({
  eventId: idField('Entry'),
  reversedOn: dayField('Reversed on'),
  note: noteField('Reason', 400).test(
    'said',
    'Reason is empty. Say what was wrong.',
    (v) => !!v && v.trim() !== '',
  ),
})
export type ReverseEvent = InferType<typeof reverseSchema>

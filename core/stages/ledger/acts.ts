import { MEANS, ORDER_EVENTS } from '../../model/vocabulary/ledger.js'
import { array } from 'yup'
import {
  choiceField,
  dayField,
  dayOrNone,
  flagField,
  idField,
  idOrNone,
  minorField,
  minorOrNone,
  noteField,
  rowSchema,
  type RowOf,
  textField,
  wholeField,
  wholeOrNone,
} from '../../model/checks.js'

const lineIds = (label: string) =>
  array(idField(label))
    .typeError(`${label} must be a list of ids.`)
    .min(1, `${label} is empty. Choose at least one.`)
    .max(500, `${label}: at most 500.`)
    .required(`${label} is missing. Choose at least one.`)

/** One order to one supplier: the chosen options of these items, at their landed prices of the day. */
export const placeOrderSchema = rowSchema(() => ({
  supplierId: idOrNone('Supplier'),
  itemIds: lineIds('Items'),
  placedOn: dayField('Ordered on'),
  expectedOn: dayOrNone('Expected on'),
  /** Paid with the order; nothing when none is asked for. */
  depositMinor: minorOrNone('Deposit').optional(),
  depositDueOn: dayOrNone('Deposit due').optional(),
  balanceDueOn: dayOrNone('Balance due').optional(),
  note: noteField('Note', 400),
}))
export type PlaceOrder = RowOf<typeof placeOrderSchema>

/** The supplier's own name for the order update an act is entered from. */
const updateId = () => noteField('Order update', 60).optional()

/** Money paid towards an order; it is spread over the lines by what each still owes. */
export const payOrderSchema = rowSchema(() => ({
  orderId: idField('Order'),
  amountMinor: minorField('Amount', 1),
  paidOn: dayField('Paid on'),
  means: choiceField('Paid by', MEANS),
  /** The gift card or credit it is paid with, when it is one of the job's. */
  voucherId: idOrNone('Gift card or credit').optional(),
  /** The amount is remembered, not read off a paper. */
  estimated: flagField('Estimated').optional(),
  note: noteField('Note', 400),
}))
export type PayOrder = RowOf<typeof payOrderSchema>

/** What came of an order. A part of one line says how many; without, all of each line that was still to come. */
export const deliverSchema = rowSchema(() => ({
  orderId: idField('Order'),
  lineIds: lineIds('Lines'),
  quantity: wholeOrNone('Quantity', 1, 10_000, 'pieces').optional(),
  deliveredOn: dayField('Delivered on'),
  updateId: updateId(),
  note: noteField('Note', 400),
}))
export type Deliver = RowOf<typeof deliverSchema>

/** Goods that go back. The credit is what the seller owes for them; it is free money only once refunded. */
export const returnSchema = rowSchema(() => ({
  lineId: idField('Line'),
  quantity: wholeField('Quantity', 1, 10_000, 'pieces'),
  creditMinor: minorField('Credit'),
  returnedOn: dayField('Returned on'),
  updateId: updateId(),
  note: noteField('Note', 400),
}))
export type ReturnGoods = RowOf<typeof returnSchema>

export const refundSchema = rowSchema(() => ({
  lineId: idField('Line'),
  amountMinor: minorField('Amount', 1),
  refundedOn: dayField('Refunded on'),
  means: choiceField('Paid by', MEANS),
  /** The last day of the credit, when it comes back as store credit: that is no money, and lapses. */
  creditUntilOn: dayOrNone('Credit until').optional(),
  note: noteField('Note', 400),
}))
export type Refund = RowOf<typeof refundSchema>

/** An order line that will not come: what has not been delivered is taken off the order. */
export const cancelSchema = rowSchema(() => ({
  lineId: idField('Line'),
  cancelledOn: dayField('Cancelled on'),
  note: noteField('Note', 400),
}))
export type CancelLine = RowOf<typeof cancelSchema>

/**
 * Something else for what was ordered: what is here goes back, what is to come is taken off, and the other option is on
 * the same order. What was paid for the one counts for the other.
 */
export const exchangeSchema = rowSchema(() => ({
  lineId: idField('Line'),
  optionId: idField('For'),
  /** Of the line, how many change. */
  quantity: wholeField('Quantity', 1, 10_000, 'pieces'),
  /** What the other comes to, tax in; nothing when it costs what it stands at in Source. */
  amountMinor: minorOrNone('Price of the other').optional(),
  exchangedOn: dayField('Exchanged on'),
  note: noteField('Note', 400),
}))
export type Exchange = RowOf<typeof exchangeSchema>

/** A price lowered after it was ordered: the seller owes the difference. */
export const adjustSchema = rowSchema(() => ({
  lineId: idField('Line'),
  amountMinor: minorField('Amount', 1),
  adjustedOn: dayField('Lowered on'),
  note: noteField('Note', 400),
}))
export type Adjust = RowOf<typeof adjustSchema>

/** A charge on top of what was ordered: restocking, cancelling, carriage. */
export const chargeSchema = rowSchema(() => ({
  lineId: idField('Line'),
  amountMinor: minorField('Amount', 1),
  /** As its invoice says; nothing for a charge without tax. */
  taxMinor: minorOrNone('Tax inside').optional(),
  chargedOn: dayField('Charged on'),
  note: noteField('Note', 400).test(
    'said',
    'Note is empty. Say what is charged for.',
    (v) => !!v && v.trim() !== '',
  ),
}))
export type Charge = RowOf<typeof chargeSchema>

/** Somebody else pays for what an item needs, or means to. A pledge covers no use until the thing is here. */
export const giftSchema = rowSchema(() => ({
  itemId: idField('Item'),
  giver: textField('Given by'),
  /** What it would have cost; 0 when nobody knows. */
  valueMinor: minorField('Value'),
  givenOn: dayField('Given on'),
  arrived: flagField('Arrived'),
  note: noteField('Note', 400),
}))
export type Gift = RowOf<typeof giftSchema>

/** Money of the client on account with the studio, or the studio's fee charged to it. */
export const accountSchema = rowSchema(() => ({
  kind: choiceField('Kind', ['client payment', 'fee'] as const),
  amountMinor: minorField('Amount', 1),
  on: dayField('Date'),
  means: choiceField('Paid by', MEANS),
  note: noteField('Note', 400),
}))
export type Account = RowOf<typeof accountSchema>

export const noteOrderSchema = rowSchema(() => ({
  orderId: idField('Order'),
  lineId: idOrNone('Line'),
  kind: choiceField('What happened', ORDER_EVENTS),
  on: dayField('Date'),
  expectedOn: dayOrNone('Now expected on'),
  updateId: updateId(),
  note: noteField('Note', 400),
}))
export type NoteOrder = RowOf<typeof noteOrderSchema>

export const reverseSchema = rowSchema(() => ({
  eventId: idField('Entry'),
  reversedOn: dayField('Reversed on'),
  note: noteField('Reason', 400).test(
    'said',
    'Reason is empty. Say what was wrong.',
    (v) => !!v && v.trim() !== '',
  ),
}))
export type ReverseEvent = RowOf<typeof reverseSchema>

import { array, number } from 'yup'
import { MAX_MINOR } from '../../kernel/money/currency.js'
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

/** What happened to money or goods. A mistake is mended by entries of the same kind with the sign turned. */
export const ENTRY_KINDS = [
  'order',
  'cancel',
  'payment',
  'delivery',
  'return',
  'refund',
  'adjustment',
  'charge',
  'gift',
  'client payment',
  'fee',
] as const
export type EntryKind = (typeof ENTRY_KINDS)[number]

/** What a payment was made with. Gift cards and store credit pay; they do not discount. */
export const MEANS = ['bank', 'card', 'cash', 'gift card', 'store credit'] as const

/** What was paid for one thing and counts for another: between two lines, by no purse. */
export const EXCHANGED = 'exchange'

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

/** Money paid towards an order; it is spread over the lines by what each still owes. */
export const payOrderSchema = rowSchema(() => ({
  orderId: idField('Order'),
  amountMinor: minorField('Amount', 1),
  paidOn: dayField('Paid on'),
  means: choiceField('Paid by', MEANS),
  /** The gift card or credit it is paid with, when it is one of the job's. */
  voucherId: idOrNone('Gift card or credit').optional(),
  /** The amount is remembered, not read off a paper. */
  guessed: flagField('A guess').optional(),
  note: noteField('Note', 400),
}))
export type PayOrder = RowOf<typeof payOrderSchema>

/** What came of an order. A part of one line says how many; without, all of each line that was still to come. */
export const deliverSchema = rowSchema(() => ({
  orderId: idField('Order'),
  lineIds: lineIds('Lines'),
  quantity: wholeOrNone('Quantity', 1, 10_000, 'pieces').optional(),
  deliveredOn: dayField('Delivered on'),
  note: noteField('Note', 400),
}))
export type Deliver = RowOf<typeof deliverSchema>

/** Goods that go back. The credit is what the seller owes for them; it is free money only once refunded. */
export const returnSchema = rowSchema(() => ({
  lineId: idField('Line'),
  quantity: wholeField('Quantity', 1, 10_000, 'pieces'),
  creditMinor: minorField('Credit'),
  returnedOn: dayField('Returned on'),
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

/** What is heard of an order, or decided of a thing that came: no money moves. */
export const ORDER_EVENTS = [
  'sent',
  'acknowledged',
  'delayed',
  'shipped',
  'refused',
  'damaged',
  'kept',
  'to go back',
] as const
export type OrderEventKind = (typeof ORDER_EVENTS)[number]
/** Those that are always said of one line; the others of one or of the whole order. */
export const LINE_EVENTS: readonly OrderEventKind[] = ['damaged', 'kept', 'to go back']

export const noteOrderSchema = rowSchema(() => ({
  orderId: idField('Order'),
  lineId: idOrNone('Line'),
  kind: choiceField('What happened', ORDER_EVENTS),
  on: dayField('Date'),
  expectedOn: dayOrNone('Now expected on'),
  note: noteField('Note', 400),
}))
export type NoteOrder = RowOf<typeof noteOrderSchema>

export const VOUCHER_KINDS = ['gift card', 'store credit'] as const
/** A gift card or store credit of the job. It pays; it takes nothing off a price. */
export const voucherSchema = rowSchema(() => ({
  id: idField(),
  name: textField('Gift card or credit'),
  kind: choiceField('Kind', VOUCHER_KINDS),
  supplierId: idOrNone('Good at'),
  amountMinor: minorField('Amount'),
  untilOn: dayOrNone('Good until'),
  note: noteField('Note', 400),
}))
export type Voucher = RowOf<typeof voucherSchema>

export const PAPER_KINDS = ['receipt', 'invoice', 'credit note'] as const
/** A receipt or invoice that came, as it says it; its photo or PDF is among the photos, under `receipt:` and its id. */
export const receiptSchema = rowSchema(() => ({
  id: idField(),
  kind: choiceField('Kind', PAPER_KINDS),
  fromName: noteField('From', 120),
  number: noteField('Number', 60),
  on: dayField('Dated'),
  /** The order it belongs to, once a person has said so. */
  orderId: idOrNone('Order'),
  totalMinor: minorField('Total'),
  taxMinor: minorOrNone('Tax on it'),
  note: noteField('Note', 400),
}))
export type Receipt = RowOf<typeof receiptSchema>

export const CLAIM_ASKS = ['replacement', 'repair', 'part of the price', 'money back'] as const
export const CLAIM_ANSWERS = ['waiting', 'granted', 'refused'] as const
/** What is asked of a seller for a thing that came damaged or wrong; its photos stand under `claim:` and its id. */
export const claimSchema = rowSchema(() => ({
  id: idField(),
  lineId: idField('Line'),
  madeOn: dayField('Claimed on'),
  asks: choiceField('Asked for', CLAIM_ASKS),
  amountMinor: minorOrNone('Amount asked'),
  answerByOn: dayOrNone('Answer by'),
  answer: choiceField('Answer', CLAIM_ANSWERS),
  answeredOn: dayOrNone('Answered on'),
  note: noteField('What is wrong', 400),
}))
export type Claim = RowOf<typeof claimSchema>

/** A claim before anything but its line and day is known. */
export const NEW_CLAIM = {
  asks: 'replacement',
  amountMinor: null,
  answerByOn: null,
  answer: 'waiting',
  answeredOn: null,
  note: '',
} as const satisfies Partial<Claim>

export const LOAN_REASONS = ['for the photograph', 'from another room', 'to try'] as const
/** A thing that is here and goes back: it never enters money, coverage or what is handed over. */
export const loanSchema = rowSchema(() => ({
  id: idField(),
  name: textField('What'),
  owner: noteField('Whose', 120),
  reason: choiceField('Why it is here', LOAN_REASONS),
  takenOn: dayField('Here since'),
  backOn: dayOrNone('Goes back by'),
  returnedOn: dayOrNone('Went back on'),
  note: noteField('Note', 400),
}))
export type Loan = RowOf<typeof loanSchema>

export const PROPOSAL_STATES = ['proposed', 'agreed', 'refused'] as const
/** A change of the agreed budget while client and decorator talk it over. */
export const proposalSchema = rowSchema(() => ({
  id: idField(),
  proposedOn: dayField('Proposed on'),
  amountMinor: number()
    .label('Amount')
    .typeError('Amount must be a number.')
    .integer('Amount must be a whole number of minor units.')
    .min(-MAX_MINOR, 'Amount is too far below zero. Check for digits too many.')
    .max(MAX_MINOR, 'Amount is too large. Check for digits too many.')
    .required('Amount is missing. Write what is added, or taken off.'),
  why: textField('What changes', 200),
  items: noteField('Items it touches', 400),
  state: choiceField('State', PROPOSAL_STATES),
  answeredOn: dayOrNone('Answered on'),
  answer: noteField('Answer', 400),
}))
export type Proposal = RowOf<typeof proposalSchema>

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

import { sql } from 'drizzle-orm'
import {
  bigint,
  boolean,
  check,
  date,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from 'drizzle-orm/pg-core'
import { studioId, jobId, part, ofJob, keyTo, minor } from './columns.js'
import { studio, member, supplier, job } from './studio.js'
import { item } from './source.js'

/** A gift card or store credit: it pays, and lapses. What is left of it follows from the ledger. */
export const voucher = pgTable(
  'voucher',
  {
    ...part(),
    name: text('name').notNull(),
    kind: text('kind').notNull(),
    supplierId: uuid('supplier_id'),
    amountMinor: minor('amount_minor'),
    untilOn: date('until_on'),
    note: text('note').notNull(),
  },
  (t) => [
    ...ofJob(t),
    foreignKey({ columns: [t.studioId, t.supplierId], foreignColumns: [supplier.studioId, supplier.id] }),
  ],
)

export const purchaseOrder = pgTable(
  'purchase_order',
  {
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    number: integer('number').notNull(),
    supplierId: uuid('supplier_id'),
    supplierName: text('supplier_name').notNull(),
    placedOn: date('placed_on').notNull(),
    expectedOn: date('expected_on'),
    /** What is paid with the order, and when it and the rest are due; 0 and null when nothing was agreed. */
    depositMinor: minor('deposit_minor'),
    depositDueOn: date('deposit_due_on'),
    balanceDueOn: date('balance_due_on'),
    note: text('note').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
    unique('purchase_order_number').on(t.studioId, t.jobId, t.number),
    foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }),
    foreignKey({ columns: [t.studioId, t.supplierId], foreignColumns: [supplier.studioId, supplier.id] }),
  ],
)

export const orderLine = pgTable(
  'order_line',
  {
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    orderId: uuid('order_id').notNull(),
    itemId: uuid('item_id').notNull(),
    optionId: uuid('option_id').notNull(),
    itemName: text('item_name').notNull(),
    optionName: text('option_name').notNull(),
    category: text('category').notNull(),
    quantity: integer('quantity').notNull(),
    amountMinor: minor('amount_minor'),
    taxMinor: minor('tax_minor'),
    returnDays: integer('return_days'),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
    keyTo(t, t.orderId, purchaseOrder),
    keyTo(t, t.itemId, item),
    check('order_line_quantity_positive', sql`${t.quantity} > 0`),
  ],
)

export const ledgerEntry = pgTable(
  'ledger_entry',
  {
    seq: bigint('seq', { mode: 'number' }).generatedAlwaysAsIdentity(),
    studioId: studioId(),
    jobId: jobId(),
    eventId: uuid('event_id').notNull(),
    kind: text('kind').notNull(),
    /** Null for what concerns the job as a whole: the client's payments and the fee. */
    lineId: uuid('line_id'),
    amountMinor: minor('amount_minor'),
    /** Tax inside the amount. */
    taxMinor: minor('tax_minor'),
    quantity: integer('quantity').notNull(),
    on: date('on').notNull(),
    means: text('means'),
    /** The gift card or store credit it was paid with, or came back as. */
    voucherId: uuid('voucher_id'),
    /** The amount is remembered, not read off a paper. */
    guessed: boolean('guessed').notNull().default(false),
    note: text('note').notNull(),
    reverses: uuid('reverses'),
    memberId: uuid('member_id').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.seq] }),
    index('ledger_entry_of_line').on(t.studioId, t.jobId, t.lineId, t.kind),
    unique('ledger_entry_line_once_per_event').on(t.studioId, t.jobId, t.eventId, t.lineId),
    unique('ledger_entry_reversed_once').on(t.studioId, t.jobId, t.reverses, t.lineId),
    keyTo(t, t.lineId, orderLine),
    foreignKey({ columns: [t.studioId, t.memberId], foreignColumns: [member.studioId, member.id] }),
    keyTo(t, t.voucherId, voucher),
    check(
      'ledger_entry_kind_known',
      sql`${t.kind} in ('order','cancel','payment','delivery','return','refund','adjustment','charge','gift','client payment','fee')`,
    ),
    check('ledger_entry_line_or_job', sql`(${t.lineId} is null) = (${t.kind} in ('client payment','fee'))`),
    // Only a reversal may turn the sign.
    check(
      'ledger_entry_sign',
      sql`(${t.reverses} is null and ${t.amountMinor} >= 0 and ${t.quantity} >= 0) or (${t.reverses} is not null and ${t.amountMinor} <= 0 and ${t.quantity} <= 0)`,
    ),
  ],
)

/**
 * The ledger in double entry: every entry as sums that together are nothing, written by the database itself as the
 * entry is (see the migration), so that no way of writing can leave one half out.
 */
export const posting = pgTable(
  'posting',
  {
    studioId: studioId(),
    jobId: jobId(),
    seq: bigint('seq', { mode: 'number' }).notNull(),
    account: text('account').notNull(),
    lineId: uuid('line_id'),
    amountMinor: minor('amount_minor'),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.seq, t.account] }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.seq],
      foreignColumns: [ledgerEntry.studioId, ledgerEntry.jobId, ledgerEntry.seq],
    }),
  ],
)

/** What is heard of an order or done with its goods, without money: append-only like the ledger. */
export const orderEvent = pgTable(
  'order_event',
  {
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    seq: bigint('seq', { mode: 'number' }).generatedAlwaysAsIdentity(),
    orderId: uuid('order_id').notNull(),
    lineId: uuid('line_id'),
    kind: text('kind').notNull(),
    on: date('on').notNull(),
    expectedOn: date('expected_on'),
    note: text('note').notNull(),
    memberId: uuid('member_id').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
    keyTo(t, t.orderId, purchaseOrder),
    keyTo(t, t.lineId, orderLine),
    foreignKey({ columns: [t.studioId, t.memberId], foreignColumns: [member.studioId, member.id] }),
  ],
)

/** A receipt or invoice that came, as it says it. */
export const receipt = pgTable(
  'receipt',
  {
    ...part(),
    kind: text('kind').notNull(),
    fromName: text('from_name').notNull(),
    number: text('number').notNull(),
    on: date('on').notNull(),
    orderId: uuid('order_id'),
    totalMinor: minor('total_minor'),
    taxMinor: bigint('tax_minor', { mode: 'number' }),
    note: text('note').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.orderId, purchaseOrder)],
)

/** What is asked of a seller for a thing that came damaged or wrong. */
export const claim = pgTable(
  'claim',
  {
    ...part(),
    lineId: uuid('line_id').notNull(),
    madeOn: date('made_on').notNull(),
    asks: text('asks').notNull(),
    amountMinor: bigint('amount_minor', { mode: 'number' }),
    answerByOn: date('answer_by_on'),
    answer: text('answer').notNull(),
    answeredOn: date('answered_on'),
    note: text('note').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.lineId, orderLine)],
)

/** A thing that is here and goes back. */
export const loan = pgTable(
  'loan',
  {
    ...part(),
    name: text('name').notNull(),
    owner: text('owner').notNull(),
    reason: text('reason').notNull(),
    takenOn: date('taken_on').notNull(),
    backOn: date('back_on'),
    returnedOn: date('returned_on'),
    note: text('note').notNull(),
  },
  (t) => ofJob(t),
)

/** When a studio's ledger was last proved in SQL, and what did not add up. */
export const ledgerProof = pgTable('ledger_proof', {
  studioId: studioId()
    .primaryKey()
    .references(() => studio.id, { onDelete: 'cascade' }),
  provedAt: timestamp('proved_at', { withTimezone: true }).notNull(),
  entries: bigint('entries', { mode: 'number' }).notNull(),
  faults: jsonb('faults').notNull(),
})

/** The answer given to a money request under its key: the same key again gets the same answer and moves nothing. */
export const idempotency = pgTable(
  'idempotency',
  {
    studioId: studioId(),
    key: text('key').notNull(),
    requestHash: text('request_hash').notNull(),
    answer: jsonb('answer'),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.studioId, t.key] })],
)

import { sql } from 'drizzle-orm'
import { check, index, unique } from 'drizzle-orm/pg-core'
import { RECORDS, type RecordName } from '@bonitas/core/model/registry'
import { job } from './rowTables.js'
import { recordTableOf, type Counted, type Signed, type Unsigned } from './tableOf.js'

// One table a collection that only grows. A trigger refuses UPDATE and DELETE on each: a mistake is another record.

const ofThe = () => job

export const changeOrder = recordTableOf<'change_order', (typeof RECORDS)['changeOrders']['fields'], Signed>(
  RECORDS.changeOrders,
  ofThe,
  (t) => [check('change_order_not_zero', sql`${t.amountMinor} <> 0`)],
)

export const purchaseOrder = recordTableOf<'purchase_order', (typeof RECORDS)['orders']['fields'], Unsigned>(
  RECORDS.orders,
  ofThe,
  (t) => [unique('purchase_order_number').on(t.studioId, t.jobId, t.number)],
)

export const orderLine = recordTableOf<'order_line', (typeof RECORDS)['lines']['fields'], Unsigned>(
  RECORDS.lines,
  ofThe,
  (t) => [check('order_line_quantity_positive', sql`${t.quantity} > 0`)],
)

export const ledgerEntry = recordTableOf<
  'ledger_entry',
  (typeof RECORDS)['entries']['fields'],
  Signed & Counted
>(RECORDS.entries, ofThe, (t) => [
  index('ledger_entry_of_line').on(t.studioId, t.jobId, t.lineId, t.kind),
  unique('ledger_entry_line_once_per_event').on(t.studioId, t.jobId, t.eventId, t.lineId),
  unique('ledger_entry_reversed_once').on(t.studioId, t.jobId, t.reverses, t.lineId),
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
])

/** What is heard of an order or done with its goods, without money. */
export const orderEvent = recordTableOf<
  'order_event',
  (typeof RECORDS)['orderEvents']['fields'],
  Signed & Counted
>(RECORDS.orderEvents, ofThe)

/** The table behind each collection that only grows. */
export const RECORD_TABLES = {
  changeOrders: changeOrder,
  orders: purchaseOrder,
  lines: orderLine,
  entries: ledgerEntry,
  orderEvents: orderEvent,
} as const satisfies Readonly<Record<RecordName, object>>

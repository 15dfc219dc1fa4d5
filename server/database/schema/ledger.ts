import { bigint, foreignKey, jsonb, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core'
import { ledgerEntry } from '../../model/recordTables.js'
import { jobId, studioId } from './columns.js'
import { studio } from './studio.js'

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
    amountMinor: bigint('amount_minor', { mode: 'number' }).notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.seq, t.account] }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.seq],
      foreignColumns: [ledgerEntry.studioId, ledgerEntry.jobId, ledgerEntry.seq],
    }),
  ],
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

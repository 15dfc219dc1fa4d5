import { randomUUID } from 'node:crypto'
import { and, asc, eq, inArray, sql } from 'drizzle-orm'
import { taxOfCredit } from '@bonitas/core/stages/ledger/credits'
import { lineState, type LineEntry, type LineState } from '@bonitas/core/stages/ledger/lineState'
import type { EntryKind } from '@bonitas/core/model/vocabulary/ledger'
import type { PgColumn } from 'drizzle-orm/pg-core'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, notFound } from '../http/problem.js'
import type { Formatter } from '@bonitas/core/kernel/units/formatter'

/** Who acts, in which job. The transaction must already belong to the studio. */
export interface Act {
  readonly studioId: string
  readonly jobId: string
  readonly memberId: string
  readonly says: Formatter
}

export interface Answer {
  readonly eventId: string
  readonly orderId?: string
}

export interface NewEntry {
  readonly kind: EntryKind
  /** Null for what concerns the job as a whole. */
  readonly lineId: string | null
  readonly amountMinor: number
  /** Tax inside the amount; none in what only moves money. */
  readonly taxMinor?: number
  readonly quantity: number
  readonly means?: string | null
  readonly voucherId?: string | null
  readonly estimated?: boolean
  readonly reverses?: string
  /** The supplier's own name for the order update it is entered from. */
  readonly updateId?: string | undefined
}

/** The rows of a table that belong to the job. */
export const ofJob = (
  table: { readonly studioId: PgColumn; readonly jobId: PgColumn },
  whose: { readonly studioId: string; readonly jobId: string },
) => and(eq(table.studioId, whose.studioId), eq(table.jobId, whose.jobId))

export type Line = typeof t.orderLine.$inferSelect

/**
 * Takes one job for this transaction: acts and groups of changes on one job follow each other, those on others run beside
 * them. Pages that show the job are told once it commits.
 */
export async function lockLedger(tx: Tx, { jobId }: { readonly jobId: string }): Promise<void> {
  await tx.execute(
    sql`select pg_advisory_xact_lock(hashtextextended(${jobId}, 7)), pg_notify('bonitas_job', ${jobId})`,
  )
}

/**
 * Lines with what the ledger says of them, in one query: sums only, one row per line and kind, so that a line with ten
 * thousand entries costs as much as one with two.
 */
export async function linesWith(
  tx: Tx,
  act: Act,
  which: { orderId?: string; itemIds?: readonly string[]; lineIds?: readonly string[] },
) {
  const sums = sql<readonly LineEntry[]>`(select coalesce(json_agg(s), '[]') from (
    select kind, sum(amount_minor)::bigint as "amountMinor", sum(tax_minor)::bigint as "taxMinor", sum(quantity)::int as quantity from ledger_entry
    where studio_id = ${act.studioId} and job_id = ${act.jobId} and line_id = order_line.id group by kind) s)`
  const found = await tx
    .select({ line: t.orderLine, entries: sums })
    .from(t.orderLine)
    .where(ofLines(act, which))
    .orderBy(asc(t.orderLine.id))
  return found.map(({ line, entries }) => ({ line, state: lineState(entries), entries }))
}

const ofLines = (
  act: Act,
  which: { orderId?: string; itemIds?: readonly string[]; lineIds?: readonly string[] },
) =>
  and(
    ofJob(t.orderLine, act),
    which.orderId ? eq(t.orderLine.orderId, which.orderId) : undefined,
    which.itemIds ? inArray(t.orderLine.itemId, [...which.itemIds]) : undefined,
    which.lineIds ? inArray(t.orderLine.id, [...which.lineIds]) : undefined,
  )

export async function oneLine(tx: Tx, act: Act, lineId: string) {
  const [found] = await linesWith(tx, act, { lineIds: [lineId] })
  if (!found) throw notFound('This line')
  return found
}

export async function write(
  tx: Tx,
  act: Act,
  on: string,
  note: string,
  entries: readonly NewEntry[],
): Promise<string> {
  const eventId = randomUUID()
  await tx.insert(t.ledgerEntry).values(
    entries.map((e) => ({
      studioId: act.studioId,
      jobId: act.jobId,
      eventId,
      kind: e.kind,
      lineId: e.lineId,
      amountMinor: e.amountMinor,
      taxMinor: e.taxMinor ?? 0,
      quantity: e.quantity,
      on,
      means: e.means ?? null,
      voucherId: e.voucherId ?? null,
      estimated: e.estimated ?? false,
      updateId: e.updateId ?? '',
      note,
      reverses: e.reverses ?? null,
      memberId: act.memberId,
    })),
  )
  return eventId
}

/** A refusal that stands at its field. */
export const tooMuch = (field: string, text: string) => conflict(text, [{ field, text }])

/** An entry that takes something off what a line costs, with its share of the tax. */
export const credit = (
  line: Line,
  state: LineState,
  kind: EntryKind,
  amountMinor: number,
  quantity: number,
): NewEntry => ({
  kind,
  lineId: line.id,
  amountMinor,
  taxMinor: taxOfCredit(state, amountMinor),
  quantity,
})

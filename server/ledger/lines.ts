import { randomUUID } from 'node:crypto'
import { and, asc, eq, inArray, sql } from 'drizzle-orm'
import { lineState } from '@bonitas/core/ledger/lineState'
import type { EntryKind } from '@bonitas/core/ledger/schema'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { notFound } from '../http/problem.js'

/** Who acts, in which job. The transaction must already belong to the studio. */
export interface Act {
  readonly studioId: string
  readonly jobId: string
  readonly memberId: string
  readonly currency: string
}

export interface Answer {
  readonly eventId: string
  readonly orderId?: string
}

export interface NewEntry {
  readonly kind: EntryKind
  readonly lineId: string
  readonly amountMinor: number
  readonly quantity: number
  readonly reverses?: string
}

export type Line = typeof t.orderLine.$inferSelect

/** Takes the ledger of one job for this transaction: acts on one job follow each other, others run beside them. */
export async function lockLedger(tx: Tx, { jobId }: Act): Promise<void> {
  await tx.execute(sql`select pg_advisory_xact_lock(hashtextextended(${jobId}, 7))`)
}

export async function linesWith(
  tx: Tx,
  act: Act,
  which: { orderId?: string; itemIds?: readonly string[]; lineIds?: readonly string[] },
) {
  const lines = await tx
    .select()
    .from(t.orderLine)
    .where(
      and(
        eq(t.orderLine.studioId, act.studioId),
        eq(t.orderLine.jobId, act.jobId),
        which.orderId ? eq(t.orderLine.orderId, which.orderId) : undefined,
        which.itemIds ? inArray(t.orderLine.itemId, [...which.itemIds]) : undefined,
        which.lineIds ? inArray(t.orderLine.id, [...which.lineIds]) : undefined,
      ),
    )
    .orderBy(asc(t.orderLine.id))
  const entries =
    lines.length === 0
      ? []
      : await entriesOf(
          tx,
          act,
          lines.map((l) => l.id),
        )
  return lines.map((line) => {
    const own = entries.filter((e) => e.lineId === line.id)
    return { line, state: lineState(own), entries: own }
  })
}

async function entriesOf(tx: Tx, act: Act, lineIds: readonly string[]) {
  // Sums only, one row per line and kind: a line with ten thousand entries costs as much as one with two.
  const rows = await tx
    .select({
      lineId: t.ledgerEntry.lineId,
      kind: t.ledgerEntry.kind,
      amountMinor: sql<string>`sum(${t.ledgerEntry.amountMinor})`,
      quantity: sql<string>`sum(${t.ledgerEntry.quantity})`,
    })
    .from(t.ledgerEntry)
    .where(
      and(
        eq(t.ledgerEntry.studioId, act.studioId),
        eq(t.ledgerEntry.jobId, act.jobId),
        inArray(t.ledgerEntry.lineId, [...lineIds]),
      ),
    )
    .groupBy(t.ledgerEntry.lineId, t.ledgerEntry.kind)
  return rows.map((r) => ({
    lineId: r.lineId,
    kind: r.kind as EntryKind,
    amountMinor: Number(r.amountMinor),
    quantity: Number(r.quantity),
  }))
}

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
  means: string | null,
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
      quantity: e.quantity,
      on,
      means,
      note,
      reverses: e.reverses ?? null,
      memberId: act.memberId,
    })),
  )
  return eventId
}

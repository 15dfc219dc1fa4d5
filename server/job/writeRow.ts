import { and, eq, sql, type SQL } from 'drizzle-orm'
import type { AnyRowSchema } from '@bonitas/core/job/fields'
import { SCHEMAS, SINGLE, type Collection } from '@bonitas/core/job/collections'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, notFound, Problem } from '../http/problem.js'
import { bare, OF_STUDIO, TABLES } from './tables.js'

/** What the writer saw: a version, or nothing, for a row that is new. */
export type Seen = { readonly version: number } | 'nothing'

export interface Place {
  readonly studioId: string
  readonly jobId: string
  readonly collection: Collection
  readonly id: string
}

function whereRow({ studioId, jobId, collection, id }: Place): SQL | undefined {
  const table = TABLES[collection]
  return and(
    eq(table.studioId, studioId),
    eq(table.id, id),
    table.jobId ? eq(table.jobId, jobId) : collection === 'brief' ? eq(table.id, jobId) : undefined,
  )
}

async function current(tx: Tx, place: Place): Promise<Record<string, unknown> | undefined> {
  const rows = await tx.select().from(TABLES[place.collection]).where(whereRow(place))
  return rows[0] && bare(rows[0])
}

/** @throws {Problem} 404 when the studio has no such job */
export async function requireJob(tx: Tx, studioId: string, jobId: string): Promise<void> {
  const rows = await tx
    .select({ id: t.job.id })
    .from(t.job)
    .where(and(eq(t.job.studioId, studioId), eq(t.job.id, jobId)))
  if (rows.length === 0) throw notFound('This job')
}

function stale(row: unknown): Problem {
  return new Problem(
    412,
    'Changed meanwhile',
    'Someone else changed this since you saw it. Look at both and choose.',
    { current: row ?? null },
  )
}

/**
 * Writes one row of a job: makes it when the writer saw nothing, changes it when the version seen still stands.
 * @returns the row as stored, with its new version
 * @throws {Problem} 404, 409, or 412 with the newer row; {ValidationError} for the fields
 */
export async function putRow(
  tx: Tx,
  place: Place,
  body: unknown,
  seen: Seen,
): Promise<Record<string, unknown>> {
  const schema = SCHEMAS[place.collection] as unknown as AnyRowSchema
  const row = await schema.validate(body ?? {}, { abortEarly: false })
  if (row.id !== place.id)
    throw new Problem(400, 'Some fields need mending', 'Id differs from the address.', {
      errors: [{ field: 'id', text: 'Id differs from the address. Give the same.' }],
    })
  const table = TABLES[place.collection]
  if (seen === 'nothing') {
    if (SINGLE.has(place.collection)) throw conflict('A job has exactly one of these. Change that one.')
    if (place.collection === 'photos')
      throw conflict('A photo begins with its picture: send that first. A picture that was removed is gone.')
    const keys = OF_STUDIO.has(place.collection)
      ? { studioId: place.studioId }
      : { studioId: place.studioId, jobId: place.jobId }
    const made = await tx
      .insert(table)
      .values({ ...row, ...keys, version: 1 } as never)
      .onConflictDoNothing({
        target: (table.jobId ? [table.studioId, table.jobId, table.id] : [table.studioId, table.id]) as never,
      })
      .returning()
    if (!made[0]) throw stale(await current(tx, place))
    return bare(made[0])
  }
  await refuseLedgerBreak(tx, place, row)
  await refuseQuietRaise(tx, place, row)
  const { id: _id, ...fields } = row
  const changed = await tx
    .update(table)
    .set({ ...fields, version: sql`${table.version} + 1` })
    .where(and(whereRow(place), eq(table.version, seen.version)))
    .returning()
  if (changed[0]) return bare(changed[0])
  const now = await current(tx, place)
  if (!now) throw notFound('This row')
  throw stale(now)
}

/** Removes a row. @throws {Problem} 404, 409 when something still uses it, 412 with the newer row */
export async function deleteRow(tx: Tx, place: Place, seen: Seen): Promise<void> {
  if (SINGLE.has(place.collection)) throw conflict('A job has exactly one of these; it cannot be removed.')
  if (seen === 'nothing')
    throw new Problem(428, 'Version missing', 'Say which version you saw with If-Match.')
  const table = TABLES[place.collection]
  const gone = await tx
    .delete(table)
    .where(and(whereRow(place), eq(table.version, seen.version)))
    .returning({ id: table.id })
  if (gone.length > 0) return
  const now = await current(tx, place)
  if (!now) throw notFound('This row')
  throw stale(now)
}

/** What is ordered stays chosen: another option can be taken once the order is cancelled or the goods are back. */
async function refuseLedgerBreak(tx: Tx, place: Place, row: Record<string, unknown>): Promise<void> {
  if (place.collection !== 'items') return
  const before = await current(tx, place)
  if (!before || before.chosenOptionId === row.chosenOptionId) return
  const live = await tx
    .select({
      n: sql<string>`coalesce(sum(case ${t.ledgerEntry.kind} when 'order' then ${t.ledgerEntry.quantity} when 'cancel' then -${t.ledgerEntry.quantity} when 'return' then -${t.ledgerEntry.quantity} else 0 end), 0)`,
    })
    .from(t.ledgerEntry)
    .innerJoin(
      t.orderLine,
      and(
        eq(t.orderLine.studioId, t.ledgerEntry.studioId),
        eq(t.orderLine.jobId, t.ledgerEntry.jobId),
        eq(t.orderLine.id, t.ledgerEntry.lineId),
      ),
    )
    .where(
      and(
        eq(t.orderLine.studioId, place.studioId),
        eq(t.orderLine.jobId, place.jobId),
        eq(t.orderLine.itemId, place.id),
      ),
    )
  if (Number(live[0]?.n ?? 0) > 0)
    throw conflict(
      'This item is ordered. Cancel or return it in the Ledger before choosing another option.',
      [{ field: 'chosenOptionId', text: 'This item is ordered. Cancel or return it in the Ledger first.' }],
    )
}

/** An agreed budget moves by change orders only, which say who agreed, when and why. */
async function refuseQuietRaise(tx: Tx, place: Place, row: Record<string, unknown>): Promise<void> {
  if (place.collection !== 'brief') return
  const before = await current(tx, place)
  if (!before) return
  const raised = before.agreedMinor !== row.agreedMinor
  const opened = before.agreedOn !== null && row.agreedOn === null
  if (!raised && !opened) return
  const bound = await budgetIsBound(tx, place.studioId, place.jobId)
  if (raised && (before.agreedOn !== null || bound)) {
    const text = 'Agreed budget is agreed with the client. Enter a change order, with who agreed and why.'
    throw conflict(text, [{ field: 'agreedMinor', text }])
  }
  if (opened && bound) {
    const text = 'Agreed on cannot be cleared once something is ordered or a change order is entered.'
    throw conflict(text, [{ field: 'agreedOn', text }])
  }
}

/** True once money hangs on the agreed budget: an order was placed, or a change order entered. */
export async function budgetIsBound(tx: Tx, studioId: string, jobId: string): Promise<boolean> {
  const found = await tx.execute<{ bound: boolean }>(
    sql`select exists (select from ${t.purchaseOrder} where ${and(eq(t.purchaseOrder.studioId, studioId), eq(t.purchaseOrder.jobId, jobId))})
        or exists (select from ${t.changeOrder} where ${and(eq(t.changeOrder.studioId, studioId), eq(t.changeOrder.jobId, jobId))}) as bound`,
  )
  return found.rows[0]?.bound ?? false
}

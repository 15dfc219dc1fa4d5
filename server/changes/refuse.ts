import { and, eq, sql } from 'drizzle-orm'
import type { Collection } from '@bonitas/core/model/registry'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict } from '../http/problem.js'
import { ofJob } from '../ledger/lines.js'
import { spentOn } from '../ledger/vouchers.js'
import type { JobOfStudio } from './rowSql.js'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'

/** A row of a job. */
interface Place extends JobOfStudio {
  readonly collection: Collection
  readonly id: string
}

type Row = Readonly<Record<string, unknown>>

/**
 * What an edit of a row may not do because money hangs on it. The job's lock is held: no order and no payment comes
 * between what is looked at here and what is written.
 * @param before the row as it is; undefined when it is new
 * @param row the row as it is to be; undefined when it is to go
 * @throws {Problem} 409 naming the field
 */
export async function refuse(
  tx: Tx,
  place: Place,
  before: Row | undefined,
  row: Row | undefined,
): Promise<void> {
  if (place.collection === 'proposals') agreedByAct(before, row)
  if (!before || !row) return
  if (place.collection === 'items') await orderedStays(tx, place, before, row)
  if (place.collection === 'brief') await agreedStays(tx, place, before, row)
  if (place.collection === 'vouchers') await spentStays(tx, place, before, row)
}

/** A proposal is agreed to with its change order, and then stands as it was agreed. */
function agreedByAct(before: Row | undefined, row: Row | undefined): void {
  if (before?.state === 'agreed')
    throw conflict('This proposal is agreed: its change order stands. Propose another change.')
  if (row?.state === 'agreed') {
    const text = 'State: a proposal is agreed by entering its change order, with who agreed and when.'
    throw conflict(text, [{ field: 'state', text }])
  }
}

/** A card holds at least what was paid with it; a credit that came back is worth what came back. */
async function spentStays(tx: Tx, place: Place, before: Row, row: Row): Promise<void> {
  if (before.amountMinor === row.amountMinor && before.kind === row.kind) return
  const [used] = await tx
    .select({
      entries: sql<string>`count(*)`,
      back: sql<string>`count(*) filter (where ${t.ledgerEntry.kind} = 'refund')`,
    })
    .from(t.ledgerEntry)
    .where(and(ofJob(t.ledgerEntry, place), eq(t.ledgerEntry.voucherId, place.id)))
  const say = (field: string, text: string) => conflict(text, [{ field, text }])
  if (before.kind !== row.kind && Number(used?.entries ?? 0) > 0)
    throw say('kind', 'Kind cannot change once it has been paid with.')
  if (Number(used?.back ?? 0) > 0 && before.amountMinor !== row.amountMinor)
    throw say('amountMinor', 'Amount is what came back. Take back that refund in the Ledger to change it.')
  const spent = await spentOn(tx, place, place.id)
  if (Number(row.amountMinor) >= spent) return
  const [studio] = await tx
    .select({ currency: t.studio.currency, locale: t.studio.locale, system: t.studio.system })
    .from(t.studio)
    .where(eq(t.studio.id, place.studioId))
  const paid = studio ? formatterOf(studio).moneyColumn(spent) : 'sum'
  throw say('amountMinor', `Amount is less than the ${paid} paid with it. Write at least that.`)
}

/** What is ordered stays chosen: another option can be taken once the order is cancelled or the goods are back. */
async function orderedStays(tx: Tx, place: Place, before: Row, row: Row): Promise<void> {
  if (before.chosenOptionId === row.chosenOptionId) return
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
async function agreedStays(tx: Tx, place: Place, before: Row, row: Row): Promise<void> {
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

import { randomUUID } from 'node:crypto'
import { and, eq, sql } from 'drizzle-orm'
import type { PayOrder, Refund } from '@bonitas/core/stages/ledger/acts'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, notFound } from '../http/problem.js'
import { ofJob, type Act, type Line } from './lines.js'

/** What was paid with a gift card or credit so far, less what was taken back. */
export async function spentOn(
  tx: Tx,
  whose: { readonly studioId: string; readonly jobId: string },
  voucherId: string,
): Promise<number> {
  const [found] = await tx
    .select({ sum: sql<string>`coalesce(sum(${t.ledgerEntry.amountMinor}), 0)` })
    .from(t.ledgerEntry)
    .where(
      and(
        ofJob(t.ledgerEntry, whose),
        eq(t.ledgerEntry.voucherId, voucherId),
        eq(t.ledgerEntry.kind, 'payment'),
      ),
    )
  return Number(found?.sum ?? 0)
}

/** A gift card or credit pays at most what is left on it, until its last day. @throws {Problem} 404, 409 */
export async function holdsEnough(tx: Tx, act: Act, voucherId: string, wish: PayOrder): Promise<void> {
  const [voucher] = await tx
    .select()
    .from(t.voucher)
    .where(and(ofJob(t.voucher, act), eq(t.voucher.id, voucherId)))
  if (!voucher) throw notFound('This gift card or credit')
  const refuse = (text: string) => conflict(text, [{ field: 'voucherId', text }])
  if (voucher.kind !== wish.means)
    throw refuse(`${voucher.name} is a ${voucher.kind}. Choose that as what it is paid by.`)
  if (voucher.untilOn && voucher.untilOn < wish.paidOn)
    throw refuse(`${voucher.name} was good until ${act.says.day(voucher.untilOn)}. Pay by other means.`)
  const left = voucher.amountMinor - (await spentOn(tx, act, voucherId))
  if (wish.amountMinor > left)
    throw refuse(
      `${voucher.name} has ${act.says.moneyColumn(left)} left. Pay at most that with it, and the rest by other means.`,
    )
}

/** A refund that comes as store credit is a credit of the job from then on. @returns its id */
export async function creditBack(tx: Tx, act: Act, line: Line, wish: Refund): Promise<string> {
  const id = randomUUID()
  const [order] = await tx
    .select({ supplierId: t.purchaseOrder.supplierId })
    .from(t.purchaseOrder)
    .where(and(ofJob(t.purchaseOrder, act), eq(t.purchaseOrder.id, line.orderId)))
  await tx.insert(t.voucher).values({
    studioId: act.studioId,
    jobId: act.jobId,
    id,
    name: `Credit for ${line.itemName}`.slice(0, 120),
    kind: 'store credit',
    supplierId: order?.supplierId ?? null,
    amountMinor: wish.amountMinor,
    untilOn: wish.creditUntilOn ?? null,
    note: '',
  })
  return id
}

/** A credit whose refund is taken back holds nothing any more. @throws {Problem} 409 when it was spent since */
export async function emptyCredit(tx: Tx, act: Act, voucherId: string): Promise<void> {
  if ((await spentOn(tx, act, voucherId)) > 0)
    throw conflict('The credit has been paid with since. Take back that payment first.')
  await tx
    .update(t.voucher)
    .set({ amountMinor: 0, version: sql`${t.voucher.version} + 1` })
    .where(and(ofJob(t.voucher, act), eq(t.voucher.id, voucherId)))
}

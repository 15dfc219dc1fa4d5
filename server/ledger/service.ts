import { randomUUID } from 'node:crypto'
import { and, eq, sql } from 'drizzle-orm'
import type {
  Account,
  Adjust,
  CancelLine,
  Charge,
  Deliver,
  NoteOrder,
  PayOrder,
  Refund,
  ReturnGoods,
} from '@bonitas/core/stages/ledger/acts'
import { LINE_EVENTS } from '@bonitas/core/model/vocabulary/ledger'
import { moneyColumnText } from '@bonitas/core/kernel/money/moneyText'
import { mulDivRound } from '@bonitas/core/kernel/money/rate'
import { splitByWeight } from '@bonitas/core/kernel/money/splitByWeight'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, notFound } from '../http/problem.js'
import {
  credit,
  linesWith,
  ofJob,
  oneLine,
  tooMuch,
  write,
  type Act,
  type Answer,
  type Line,
  type NewEntry,
} from './lines.js'
import { creditBack, holdsEnough } from './vouchers.js'

/** Pays towards an order, spread over its lines by what each still owes. @throws {Problem} 404, 409 when it is too much */
export async function payOrder(tx: Tx, act: Act, wish: PayOrder): Promise<Answer> {
  const lines = await linesWith(tx, act, { orderId: wish.orderId })
  if (lines.length === 0) throw notFound('This order')
  const owed = lines.map((l) => l.state.outstandingMinor)
  const total = owed.reduce((a, b) => a + b, 0)
  if (wish.amountMinor > total)
    throw tooMuch(
      'amountMinor',
      total === 0
        ? 'Nothing is owed on this order any more.'
        : `Amount is more than the ${moneyColumnText(total, act.currency)} still owed on this order. Write at most that.`,
    )
  if (wish.voucherId) await holdsEnough(tx, act, wish.voucherId, wish)
  const parts = splitByWeight(wish.amountMinor, owed)
  const { means, voucherId = null, guessed = false } = wish
  const entries = lines.flatMap((l, i): NewEntry[] => {
    const amountMinor = parts[i] ?? 0
    return amountMinor > 0
      ? [{ kind: 'payment', lineId: l.line.id, amountMinor, quantity: 0, means, voucherId, guessed }]
      : []
  })
  return { eventId: await write(tx, act, wish.paidOn, wish.note, entries) }
}

/** What a supplier says of an order is entered once, whoever enters it and from which page. @throws {Problem} 409 */
async function notEnteredYet(tx: Tx, act: Act, orderId: string, updateId: string | undefined): Promise<void> {
  if (!updateId) return
  const found = await tx.execute(sql`
    select 1 from order_event
      where studio_id = ${act.studioId} and job_id = ${act.jobId} and order_id = ${orderId} and update_id = ${updateId}
    union all
    select 1 from ledger_entry e join order_line l
        on l.studio_id = e.studio_id and l.job_id = e.job_id and l.id = e.line_id and l.order_id = ${orderId}
      where e.studio_id = ${act.studioId} and e.job_id = ${act.jobId} and e.update_id = ${updateId}
        and e.reverses is null and not exists (
          select 1 from ledger_entry r
          where r.studio_id = e.studio_id and r.job_id = e.job_id and r.reverses = e.event_id)`)
  if (found.rows.length > 0)
    throw conflict('This update of the supplier is entered already. Nothing was added.')
}

/** Notes what has come: a number of one line, or all that was still to come of several. @throws {Problem} 404, 409 */
export async function deliver(tx: Tx, act: Act, wish: Deliver): Promise<Answer> {
  const ids = [...new Set(wish.lineIds)]
  const lines = await linesWith(tx, act, { orderId: wish.orderId, lineIds: ids })
  if (lines.length < ids.length) throw notFound('This line')
  await notEnteredYet(tx, act, wish.orderId, wish.updateId)
  if (wish.quantity != null && ids.length > 1)
    throw tooMuch(
      'quantity',
      'Quantity is for one line. Enter each line by itself, or leave it empty for all that is to come.',
    )
  const entries = lines.map(({ line, state }): NewEntry => {
    const open = state.toComeQuantity
    if (open <= 0) throw tooMuch('lineIds', `${line.itemName} is delivered already.`)
    if ((wish.quantity ?? 0) > open)
      throw tooMuch(
        'quantity',
        `Quantity is more than the ${open} still to come of ${line.itemName}. Write at most that.`,
      )
    return {
      kind: 'delivery',
      lineId: line.id,
      amountMinor: 0,
      quantity: wish.quantity ?? open,
      updateId: wish.updateId,
    }
  })
  return { eventId: await write(tx, act, wish.deliveredOn, wish.note, entries) }
}

/** Sends goods back for a credit. The money stays counted as paid until it is refunded. @throws {Problem} 404, 409 */
export async function returnGoods(tx: Tx, act: Act, wish: ReturnGoods): Promise<Answer> {
  const { line, state } = await oneLine(tx, act, wish.lineId)
  await notEnteredYet(tx, act, line.orderId, wish.updateId)
  const here = state.hereQuantity
  if (wish.quantity > here)
    throw tooMuch(
      'quantity',
      here === 0
        ? `${line.itemName} has not been delivered, or is back already.`
        : `Quantity is more than the ${here} that are here.`,
    )
  if (wish.creditMinor > state.dueMinor)
    throw tooMuch(
      'creditMinor',
      `Credit is more than the ${moneyColumnText(state.dueMinor, act.currency)} the line costs. Write at most that.`,
    )
  const eventId = await write(tx, act, wish.returnedOn, wish.note, [
    { ...credit(line, state, 'return', wish.creditMinor, wish.quantity), updateId: wish.updateId },
  ])
  await reopen(tx, act, line)
  return { eventId }
}

/** A price lowered after the order: the seller owes the difference. @throws {Problem} 404, 409 when it is more than it costs */
export async function adjust(tx: Tx, act: Act, wish: Adjust): Promise<Answer> {
  const { line, state } = await oneLine(tx, act, wish.lineId)
  if (wish.amountMinor > state.dueMinor)
    throw tooMuch(
      'amountMinor',
      `Amount is more than the ${moneyColumnText(state.dueMinor, act.currency)} the line costs. Write at most that.`,
    )
  const entry = credit(line, state, 'adjustment', wish.amountMinor, 0)
  return { eventId: await write(tx, act, wish.adjustedOn, wish.note, [entry]) }
}

/** A charge on top of an order: restocking, cancelling, carriage. @throws {Problem} 404, 409 when its tax is more than it */
export async function charge(tx: Tx, act: Act, wish: Charge): Promise<Answer> {
  const { line } = await oneLine(tx, act, wish.lineId)
  const { amountMinor } = wish
  const taxMinor = wish.taxMinor ?? 0
  if (taxMinor > amountMinor)
    throw tooMuch('taxMinor', 'Tax inside is more than the charge. Write the tax that is part of it.')
  return {
    eventId: await write(tx, act, wish.chargedOn, wish.note, [
      { kind: 'charge', lineId: line.id, amountMinor, taxMinor, quantity: 0 },
    ]),
  }
}

/** Money that came back, or a credit that is none. @throws {Problem} 404, 409 when more than is due */
export async function refund(tx: Tx, act: Act, wish: Refund): Promise<Answer> {
  const { line, state } = await oneLine(tx, act, wish.lineId)
  if (wish.amountMinor > state.dueBackMinor)
    throw tooMuch(
      'amountMinor',
      `Amount is more than the ${moneyColumnText(state.dueBackMinor, act.currency)} due back for ${line.itemName}. Enter the return first, or write less.`,
    )
  const voucherId = wish.means === 'store credit' ? await creditBack(tx, act, line, wish) : null
  return {
    eventId: await write(tx, act, wish.refundedOn, wish.note, [
      {
        kind: 'refund',
        lineId: line.id,
        amountMinor: wish.amountMinor,
        quantity: 0,
        means: wish.means,
        voucherId,
      },
    ]),
  }
}

/** Takes what has not been delivered off an order. @throws {Problem} 404, 409 */
export async function cancelLine(tx: Tx, act: Act, wish: CancelLine): Promise<Answer> {
  const { line, state } = await oneLine(tx, act, wish.lineId)
  const open = state.toComeQuantity
  if (open <= 0) throw conflict(`Nothing of ${line.itemName} is still to come. Return it instead.`)
  const amountMinor = mulDivRound(state.dueMinor, open, state.liveQuantity)
  const eventId = await write(tx, act, wish.cancelledOn, wish.note, [
    credit(line, state, 'cancel', amountMinor, open),
  ])
  await reopen(tx, act, line)
  return { eventId }
}

/** The client's money on account, or the fee charged to it. */
export async function account(tx: Tx, act: Act, wish: Account): Promise<Answer> {
  const { kind, amountMinor } = wish
  const means = kind === 'fee' ? null : wish.means
  return {
    eventId: await write(tx, act, wish.on, wish.note, [
      { kind, lineId: null, amountMinor, quantity: 0, means },
    ]),
  }
}

/** Writes down what was heard of an order or decided of a thing. @throws {Problem} 404, 409 */
export async function noteOrder(tx: Tx, act: Act, wish: NoteOrder): Promise<Answer> {
  const lines = await linesWith(tx, act, { orderId: wish.orderId })
  if (lines.length === 0) throw notFound('This order')
  if (LINE_EVENTS.includes(wish.kind) && wish.lineId === null)
    throw tooMuch('lineId', 'Line is missing. Say which thing it is.')
  const line = lines.find((l) => l.line.id === wish.lineId)
  if (wish.lineId && !line) throw notFound('This line')
  if (wish.kind === 'kept' || wish.kind === 'to go back')
    if (line && line.state.hereQuantity <= 0)
      throw conflict(`${line.line.itemName} is not here: there is nothing to decide yet.`)
  if (wish.kind === 'delayed' && !wish.expectedOn)
    throw tooMuch('expectedOn', 'Now expected on is missing. Give the new day.')
  await notEnteredYet(tx, act, wish.orderId, wish.updateId)
  const eventId = randomUUID()
  await tx.insert(t.orderEvent).values({
    studioId: act.studioId,
    jobId: act.jobId,
    id: eventId,
    ...wish,
    updateId: wish.updateId ?? '',
    memberId: act.memberId,
  })
  return { eventId }
}

/** An item none of whose goods are left is open again: what was chosen has gone back. */
async function reopen(tx: Tx, act: Act, line: Line): Promise<void> {
  const lines = await linesWith(tx, act, { itemIds: [line.itemId] })
  if (lines.some((l) => l.state.liveQuantity > 0)) return
  await tx
    .update(t.item)
    .set({ chosenOptionId: null, version: sql`${t.item.version} + 1` })
    .where(and(ofJob(t.item, act), eq(t.item.id, line.itemId), eq(t.item.chosenOptionId, line.optionId)))
}

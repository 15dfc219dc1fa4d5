import { and, eq, isNull, sql } from 'drizzle-orm'
import { lineBreach, lineState, type LineState } from '@bonitas/core/ledger/lineState'
import type {
  CancelLine,
  Deliver,
  EntryKind,
  PayOrder,
  Refund,
  ReturnGoods,
  ReverseEvent,
} from '@bonitas/core/ledger/schema'
import { moneyColumnText } from '@bonitas/core/money/moneyText'
import { mulDivRound } from '@bonitas/core/money/rate'
import { splitByWeight } from '@bonitas/core/money/splitByWeight'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, notFound } from '../http/problem.js'
import { linesWith, oneLine, write, type Act, type Answer, type Line, type NewEntry } from './lines.js'

/** Pays towards an order, spread over its lines by what each still owes. @throws {Problem} 404, 409 when it is too much */
export async function payOrder(tx: Tx, act: Act, wish: PayOrder): Promise<Answer> {
  const lines = await linesWith(tx, act, { orderId: wish.orderId })
  if (lines.length === 0) throw notFound('This order')
  const owed = lines.map((l) => l.state.outstandingMinor)
  const total = owed.reduce((a, b) => a + b, 0)
  if (wish.amountMinor > total) {
    const text =
      total === 0
        ? 'Nothing is owed on this order any more.'
        : `Amount is more than the ${moneyColumnText(total, act.currency)} still owed on this order. Write at most that.`
    throw conflict(text, [{ field: 'amountMinor', text }])
  }
  const parts = splitByWeight(wish.amountMinor, owed)
  const entries = lines.flatMap((l, i): NewEntry[] => {
    const amountMinor = parts[i] ?? 0
    return amountMinor > 0 ? [{ kind: 'payment', lineId: l.line.id, amountMinor, quantity: 0 }] : []
  })
  return { eventId: await write(tx, act, wish.paidOn, wish.note, wish.means, entries) }
}

/** Notes that all of these lines that was still to come has come. @throws {Problem} 404, 409 */
export async function deliver(tx: Tx, act: Act, wish: Deliver): Promise<Answer> {
  const ids = [...new Set(wish.lineIds)]
  const lines = await linesWith(tx, act, { orderId: wish.orderId, lineIds: ids })
  if (lines.length < ids.length) throw notFound('This line')
  const entries = lines.map(({ line, state }): NewEntry => {
    const quantity = state.toComeQuantity
    if (quantity <= 0)
      throw conflict(`${line.itemName} is delivered already.`, [
        { field: 'lineIds', text: `${line.itemName} is delivered already.` },
      ])
    return { kind: 'delivery', lineId: line.id, amountMinor: 0, quantity }
  })
  return { eventId: await write(tx, act, wish.deliveredOn, wish.note, null, entries) }
}

/** Sends goods back for a credit. The money stays counted as paid until it is refunded. @throws {Problem} 404, 409 */
export async function returnGoods(tx: Tx, act: Act, wish: ReturnGoods): Promise<Answer> {
  const { line, state } = await oneLine(tx, act, wish.lineId)
  const here = state.hereQuantity
  if (wish.quantity > here) {
    const text =
      here === 0
        ? `${line.itemName} has not been delivered, or is back already.`
        : `Quantity is more than the ${here} that are here.`
    throw conflict(text, [{ field: 'quantity', text }])
  }
  if (wish.creditMinor > state.dueMinor) {
    const text = `Credit is more than the ${moneyColumnText(state.dueMinor, act.currency)} the line costs. Write at most that.`
    throw conflict(text, [{ field: 'creditMinor', text }])
  }
  const eventId = await write(tx, act, wish.returnedOn, wish.note, null, [
    { kind: 'return', lineId: line.id, amountMinor: wish.creditMinor, quantity: wish.quantity },
  ])
  await reopen(tx, act, line)
  return { eventId }
}

/** Money that came back. @throws {Problem} 404, 409 when more than is due */
export async function refund(tx: Tx, act: Act, wish: Refund): Promise<Answer> {
  const { line, state } = await oneLine(tx, act, wish.lineId)
  if (wish.amountMinor > state.dueBackMinor) {
    const text = `Amount is more than the ${moneyColumnText(state.dueBackMinor, act.currency)} due back for ${line.itemName}. Enter the return first, or write less.`
    throw conflict(text, [{ field: 'amountMinor', text }])
  }
  return {
    eventId: await write(tx, act, wish.refundedOn, wish.note, wish.means, [
      { kind: 'refund', lineId: line.id, amountMinor: wish.amountMinor, quantity: 0 },
    ]),
  }
}

/** Takes what has not been delivered off an order. @throws {Problem} 404, 409 */
export async function cancelLine(tx: Tx, act: Act, wish: CancelLine): Promise<Answer> {
  const { line, state } = await oneLine(tx, act, wish.lineId)
  const open = state.toComeQuantity
  if (open <= 0) throw conflict(`Nothing of ${line.itemName} is still to come. Return it instead.`)
  const amountMinor = mulDivRound(state.dueMinor, open, state.liveQuantity)
  const eventId = await write(tx, act, wish.cancelledOn, wish.note, null, [
    { kind: 'cancel', lineId: line.id, amountMinor, quantity: open },
  ])
  await reopen(tx, act, line)
  return { eventId }
}

/**
 * Takes back one event: the same entries with the sign turned. An item that it reopens or closes follows.
 * @throws {Problem} 404, 409 when later entries rest on it
 */
export async function reverseEvent(tx: Tx, act: Act, wish: ReverseEvent): Promise<Answer> {
  const own = and(eq(t.ledgerEntry.studioId, act.studioId), eq(t.ledgerEntry.jobId, act.jobId))
  const entries = await tx
    .select()
    .from(t.ledgerEntry)
    .where(and(own, eq(t.ledgerEntry.eventId, wish.eventId)))
  if (entries.length === 0) throw notFound('This entry')
  if (entries.some((e) => e.reverses))
    throw conflict('This entry already takes another back. Enter the original again instead.')
  const again = await tx
    .select({ seq: t.ledgerEntry.seq })
    .from(t.ledgerEntry)
    .where(and(own, eq(t.ledgerEntry.reverses, wish.eventId)))
  if (again.length > 0) throw conflict('This entry is taken back already.')
  const lines = await linesWith(tx, act, { lineIds: entries.map((e) => e.lineId) })
  for (const { line, entries: had } of lines) {
    const turned = entries
      .filter((e) => e.lineId === line.id)
      .map((e) => ({ kind: e.kind as EntryKind, amountMinor: -e.amountMinor, quantity: -e.quantity }))
    const breach = lineBreach(lineState([...had, ...turned]))
    if (breach) throw conflict(`${line.itemName}: ${breach}. Take back the later entries first.`)
  }
  const kind = entries[0]?.kind as EntryKind
  const reopens = kind === 'return' || kind === 'cancel'
  if (reopens) await refuseSecondLive(tx, act, lines)
  const eventId = await write(
    tx,
    act,
    wish.reversedOn,
    wish.note,
    null,
    entries.map((e) => ({
      kind: e.kind as EntryKind,
      lineId: e.lineId,
      amountMinor: -e.amountMinor,
      quantity: -e.quantity,
      reverses: wish.eventId,
    })),
  )
  if (reopens)
    for (const { line } of lines)
      await tx
        .update(t.item)
        .set({ chosenOptionId: line.optionId, version: sql`${t.item.version} + 1` })
        .where(
          and(
            eq(t.item.studioId, act.studioId),
            eq(t.item.jobId, act.jobId),
            eq(t.item.id, line.itemId),
            isNull(t.item.chosenOptionId),
            // The option may have been removed since.
            sql`exists (select 1 from ${t.option} where ${t.option.studioId} = ${act.studioId} and ${t.option.jobId} = ${act.jobId} and ${t.option.id} = ${line.optionId})`,
          ),
        )
  return { eventId }
}

/** A return taken back must not put two live orders on one item. */
async function refuseSecondLive(
  tx: Tx,
  act: Act,
  lines: readonly { line: Line; state: LineState }[],
): Promise<void> {
  const others = await linesWith(tx, act, { itemIds: lines.map((l) => l.line.itemId) })
  for (const { line } of lines)
    if (
      others.some((o) => o.line.itemId === line.itemId && o.line.id !== line.id && o.state.liveQuantity > 0)
    )
      throw conflict(`${line.itemName} has been ordered again since. Cancel that order first.`)
}

/** An item none of whose goods are left is open again: what was chosen has gone back. */
async function reopen(tx: Tx, act: Act, line: Line): Promise<void> {
  const lines = await linesWith(tx, act, { itemIds: [line.itemId] })
  if (lines.some((l) => l.state.liveQuantity > 0)) return
  await tx
    .update(t.item)
    .set({ chosenOptionId: null, version: sql`${t.item.version} + 1` })
    .where(
      and(
        eq(t.item.studioId, act.studioId),
        eq(t.item.jobId, act.jobId),
        eq(t.item.id, line.itemId),
        eq(t.item.chosenOptionId, line.optionId),
      ),
    )
}

import { randomUUID } from 'node:crypto'
import { and, asc, eq, inArray, isNull, max, sql } from 'drizzle-orm'
import { lineBreach, lineState, type LineState } from '@bonitas/core/ledger/lineState'
import type {
  CancelLine,
  Deliver,
  EntryKind,
  PayOrder,
  PlaceOrder,
  Refund,
  ReturnGoods,
  ReverseEvent,
} from '@bonitas/core/ledger/schema'
import { moneyColumnText } from '@bonitas/core/money/moneyText'
import { mulDivRound } from '@bonitas/core/money/rate'
import { splitByWeight } from '@bonitas/core/money/splitByWeight'
import { landedPrice } from '@bonitas/core/source/landedPrice'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, notFound } from '../http/problem.js'

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

interface NewEntry {
  readonly kind: EntryKind
  readonly lineId: string
  readonly amountMinor: number
  readonly quantity: number
  readonly reverses?: string
}

type Line = typeof t.orderLine.$inferSelect

/** Takes the ledger of one job for this transaction: acts on one job follow each other, others run beside them. */
export async function lockLedger(tx: Tx, { jobId }: Act): Promise<void> {
  await tx.execute(sql`select pg_advisory_xact_lock(hashtextextended(${jobId}, 7))`)
}

async function linesWith(
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

async function oneLine(tx: Tx, act: Act, lineId: string) {
  const [found] = await linesWith(tx, act, { lineIds: [lineId] })
  if (!found) throw notFound('This line')
  return found
}

async function write(
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

/** Orders the chosen options of the items at their landed prices, from one supplier. @throws {Problem} 404, 409 */
export async function placeOrder(tx: Tx, act: Act, wish: PlaceOrder): Promise<Answer> {
  const ids = [...new Set(wish.itemIds)]
  const [job] = await tx
    .select()
    .from(t.job)
    .where(and(eq(t.job.studioId, act.studioId), eq(t.job.id, act.jobId)))
  const rows = await tx
    .select({ item: t.item, option: t.option })
    .from(t.item)
    .leftJoin(
      t.option,
      and(
        eq(t.option.studioId, t.item.studioId),
        eq(t.option.jobId, t.item.jobId),
        eq(t.option.id, t.item.chosenOptionId),
      ),
    )
    .where(and(eq(t.item.studioId, act.studioId), eq(t.item.jobId, act.jobId), inArray(t.item.id, ids)))
  if (!job || rows.length < ids.length) throw notFound('This item')
  let supplierName = ''
  if (wish.supplierId) {
    const [found] = await tx
      .select()
      .from(t.supplier)
      .where(and(eq(t.supplier.studioId, act.studioId), eq(t.supplier.id, wish.supplierId)))
    if (!found) throw notFound('This supplier')
    supplierName = found.name
  }
  const before = await linesWith(tx, act, { itemIds: ids })
  const refuse = (text: string) => conflict(text, [{ field: 'itemIds', text }])
  const priced = rows.map(({ item, option }) => {
    if (!option) throw refuse(`${item.name} has no option chosen. Choose one in Source first.`)
    if (option.supplierId !== wish.supplierId)
      throw refuse(`${item.name}: ${option.name} comes from another supplier. Order it there.`)
    if (before.some((l) => l.line.itemId === item.id && l.state.liveQuantity > 0))
      throw refuse(`${item.name} is ordered already. Cancel or return that order first.`)
    return {
      item,
      option,
      price: landedPrice(option, item.quantity, job.taxPpm, job.pricesIncludeTax),
      lineId: randomUUID(),
    }
  })
  const [last] = await tx
    .select({ n: max(t.purchaseOrder.number) })
    .from(t.purchaseOrder)
    .where(and(eq(t.purchaseOrder.studioId, act.studioId), eq(t.purchaseOrder.jobId, act.jobId)))
  const orderId = randomUUID()
  const keys = { studioId: act.studioId, jobId: act.jobId }
  await tx.insert(t.purchaseOrder).values({
    ...keys,
    id: orderId,
    number: (last?.n ?? 0) + 1,
    supplierId: wish.supplierId,
    supplierName,
    placedOn: wish.placedOn,
    expectedOn: wish.expectedOn,
    note: wish.note,
  })
  await tx.insert(t.orderLine).values(
    priced.map(({ item, option, price, lineId }) => ({
      ...keys,
      id: lineId,
      orderId,
      itemId: item.id,
      optionId: option.id,
      itemName: item.name,
      optionName: option.name,
      category: item.category,
      quantity: item.quantity,
      amountMinor: price.landedMinor,
      taxMinor: price.taxMinor,
      returnDays: option.returnDays,
    })),
  )
  const eventId = await write(
    tx,
    act,
    wish.placedOn,
    wish.note,
    null,
    priced.map((p) => ({
      kind: 'order' as const,
      lineId: p.lineId,
      amountMinor: p.price.landedMinor,
      quantity: p.item.quantity,
    })),
  )
  return { eventId, orderId }
}

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

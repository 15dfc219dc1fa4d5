import { exchangeSchema } from '@bonitas/core/stages/ledger/acts'
import { defineAct } from '../act.js'
import { randomUUID } from 'node:crypto'
import { and, eq, sql } from 'drizzle-orm'
import { EXCHANGED } from '@bonitas/core/model/vocabulary/ledger'
import { mulDivRound, taxInside } from '@bonitas/core/kernel/money/rate'
import { priceOf } from '@bonitas/core/stages/source/chosenMoney'
import type { Tx } from '../../database/database.js'
import * as t from '../../database/schema.js'
import { notFound } from '../../http/problem.js'
import { credit, ofJob, oneLine, tooMuch, write, type Act, type Line, type NewEntry } from '../lines.js'

/**
 * Something else for what was ordered: what is here goes back and what is to come is taken off, at its share of the
 * price; the other option becomes a line of the same order; what was paid for the one pays the other, as far as it goes.
 *
 * @throws {Problem} 404 when line or option is not of this job; 409 when there is not as much of it, or it cannot be had
 */
export const exchange = defineAct({
  name: 'exchange',
  path: 'exchanges',
  input: exchangeSchema,
  async work(tx, act, wish) {
    const { line, state } = await oneLine(tx, act, wish.lineId)
    const { quantity } = wish
    if (quantity > state.liveQuantity)
      throw tooMuch(
        'quantity',
        state.liveQuantity <= 0
          ? `Nothing of ${line.itemName} is left of this order.`
          : `Quantity is more than the ${state.liveQuantity} of ${line.itemName} that stand. Write at most that.`,
      )
    const other = await priced(tx, act, line, wish.optionId, quantity)
    const amountMinor = wish.amountMinor ?? other.landedMinor
    const taxMinor = taxInside(amountMinor, other.taxPpm)
    const back = Math.min(quantity, state.hereQuantity)
    const off = quantity - back
    const goes = mulDivRound(state.dueMinor, quantity, state.liveQuantity)
    const goesBack = mulDivRound(goes, back, quantity)
    const note = wish.note || `exchanged for ${other.option.name}`.slice(0, 400)
    const put = (entries: readonly NewEntry[]) => write(tx, act, wish.exchangedOn, note, entries)
    if (back > 0) await put([credit(line, state, 'return', goesBack, back)])
    if (off > 0) {
      // After the return, so that the tax of both comes to what was in the line.
      const left = back > 0 ? (await oneLine(tx, act, line.id)).state : state
      await put([credit(line, left, 'cancel', goes - goesBack, off)])
    }
    const lineId = randomUUID()
    await tx.insert(t.orderLine).values({
      studioId: act.studioId,
      jobId: act.jobId,
      id: lineId,
      orderId: line.orderId,
      itemId: line.itemId,
      optionId: other.option.id,
      itemName: line.itemName,
      optionName: other.option.name,
      category: line.category,
      quantity,
      amountMinor,
      taxMinor,
      returnDays: other.option.returnDays,
    })
    const eventId = await put([{ kind: 'order', lineId, amountMinor, taxMinor, quantity }])
    const setOff = Math.min((await oneLine(tx, act, line.id)).state.dueBackMinor, amountMinor)
    if (setOff > 0)
      await put([
        { kind: 'refund', lineId: line.id, amountMinor: setOff, quantity: 0, means: EXCHANGED },
        { kind: 'payment', lineId, amountMinor: setOff, quantity: 0, means: EXCHANGED },
      ])
    if (quantity === state.liveQuantity)
      await tx
        .update(t.item)
        .set({ chosenOptionId: other.option.id, version: sql`${t.item.version} + 1` })
        .where(and(ofJob(t.item, act), eq(t.item.id, line.itemId)))
    return { eventId, orderId: line.orderId }
  },
})

/** The option of the item with what so many of it come to today. @throws {Problem} 404, 409 when it is sold out or comes from elsewhere */
async function priced(tx: Tx, act: Act, line: Line, optionId: string, quantity: number) {
  const [found] = await tx
    .select({ option: t.option, job: t.job })
    .from(t.option)
    .innerJoin(t.job, and(eq(t.job.studioId, t.option.studioId), eq(t.job.id, t.option.jobId)))
    .where(and(ofJob(t.option, act), eq(t.option.id, optionId), eq(t.option.itemId, line.itemId)))
  if (!found) throw notFound('This option of the item')
  const { option, job } = found
  if (option.stock === 'sold out')
    throw tooMuch('optionId', `${option.name} is sold out. Take another option, or enter that it is back.`)
  const [order] = await tx
    .select({ supplierId: t.purchaseOrder.supplierId })
    .from(t.purchaseOrder)
    .where(and(ofJob(t.purchaseOrder, act), eq(t.purchaseOrder.id, line.orderId)))
  if (option.supplierId !== null && option.supplierId !== order?.supplierId)
    throw tooMuch(
      'optionId',
      `${option.name} comes from another supplier. Send this one back and order it there.`,
    )
  const fabrications = await tx
    .select()
    .from(t.fabrication)
    .where(and(ofJob(t.fabrication, act), eq(t.fabrication.optionId, optionId)))
  const frame = { taxPpm: job.taxPpm, pricesIncludeTax: job.pricesIncludeTax, currency: act.says.currency }
  const { price } = priceOf(option, quantity, fabrications, frame)
  return { option, landedMinor: price.landedMinor, taxPpm: job.taxPpm }
}

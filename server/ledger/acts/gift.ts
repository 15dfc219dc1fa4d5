import { giftSchema } from '@bonitas/core/stages/ledger/acts'
import { defineAct } from '../act.js'
import { randomUUID } from 'node:crypto'
import { and, eq, max } from 'drizzle-orm'
import * as t from '../../database/schema.js'
import { conflict, notFound } from '../../http/problem.js'
import { linesWith, ofJob, write, type NewEntry } from '../lines.js'

/**
 * Somebody else pays for what an item needs: an order from the giver at its value, paid by them, here when it has
 * arrived. It draws on no budget; a pledge fills its item and covers no use until the thing is here.
 *
 * @throws {Problem} 404, 409 when the item is ordered already
 */
export const gift = defineAct({
  name: 'gift',
  path: 'gifts',
  input: giftSchema,
  async work(tx, act, wish) {
    const keys = { studioId: act.studioId, jobId: act.jobId }
    const [item] = await tx
      .select()
      .from(t.item)
      .where(and(ofJob(t.item, act), eq(t.item.id, wish.itemId)))
    if (!item) throw notFound('This item')
    const before = await linesWith(tx, act, { itemIds: [item.id] })
    if (before.some((l) => l.state.liveQuantity > 0)) {
      const text = `${item.name} is ordered already. Cancel or return that order first.`
      throw conflict(text, [{ field: 'itemId', text }])
    }
    const [last] = await tx
      .select({ n: max(t.purchaseOrder.number) })
      .from(t.purchaseOrder)
      .where(ofJob(t.purchaseOrder, act))
    const [orderId, lineId] = [randomUUID(), randomUUID()]
    await tx.insert(t.purchaseOrder).values({
      ...keys,
      id: orderId,
      number: (last?.n ?? 0) + 1,
      supplierId: null,
      supplierName: wish.giver,
      placedOn: wish.givenOn,
      expectedOn: null,
      depositMinor: 0,
      depositDueOn: null,
      balanceDueOn: null,
      note: wish.note,
    })
    await tx.insert(t.orderLine).values({
      ...keys,
      id: lineId,
      orderId,
      itemId: item.id,
      optionId: item.chosenOptionId ?? lineId,
      itemName: item.name,
      optionName: `given by ${wish.giver}`.slice(0, 120),
      category: item.category,
      quantity: item.quantity,
      amountMinor: wish.valueMinor,
      taxMinor: 0,
      returnDays: null,
    })
    const { quantity } = item
    const entries: NewEntry[] = [{ kind: 'order', lineId, amountMinor: wish.valueMinor, quantity }]
    const eventId = await write(tx, act, wish.givenOn, wish.note, entries)
    await write(tx, act, wish.givenOn, wish.note, [
      { kind: 'gift', lineId, amountMinor: wish.valueMinor, quantity: 0 },
    ])
    if (wish.arrived)
      await write(tx, act, wish.givenOn, wish.note, [{ kind: 'delivery', lineId, amountMinor: 0, quantity }])
    return { eventId, orderId }
  },
})

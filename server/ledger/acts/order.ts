import { placeOrderSchema } from '@bonitas/core/stages/ledger/acts'
import { defineAct } from '../act.js'
import { randomUUID } from 'node:crypto'
import { and, eq, inArray, max, sql } from 'drizzle-orm'
import { moneyColumnText } from '@bonitas/core/kernel/money/moneyText'
import { basketsOf } from '@bonitas/core/stages/source/baskets'
import { inOrders, priceOf } from '@bonitas/core/stages/source/chosenMoney'
import * as t from '../../database/schema.js'
import { conflict, notFound } from '../../http/problem.js'
import { isChosenOption } from '../../job/chosenOption.js'
import { linesWith, ofJob, write } from '../lines.js'

/** Orders the chosen options of the items at their landed prices, from one supplier. @throws {Problem} 404, 409 */
export const order = defineAct({
  name: 'order',
  path: 'orders',
  input: placeOrderSchema,
  async work(tx, act, wish) {
    const ids = [...new Set(wish.itemIds)]
    const [job] = await tx
      .select()
      .from(t.job)
      .where(and(eq(t.job.studioId, act.studioId), eq(t.job.id, act.jobId)))
    const rows = await tx
      .select({ item: t.item, option: t.option })
      .from(t.item)
      .leftJoin(t.option, isChosenOption)
      .where(and(ofJob(t.item, act), inArray(t.item.id, ids)))
    if (!job || rows.length < ids.length) throw notFound('This item')
    let supplierName = ''
    let supplier: typeof t.supplier.$inferSelect | undefined
    if (wish.supplierId) {
      const [found] = await tx
        .select()
        .from(t.supplier)
        .where(and(eq(t.supplier.studioId, act.studioId), eq(t.supplier.id, wish.supplierId)))
      if (!found) throw notFound('This supplier')
      supplierName = found.name
      supplier = found
    }
    const before = await linesWith(tx, act, { itemIds: ids })
    const refuse = (text: string) => conflict(text, [{ field: 'itemIds', text }])
    const frame = { taxPpm: job.taxPpm, pricesIncludeTax: job.pricesIncludeTax, currency: act.currency }
    const optionIds = rows.flatMap((r) => r.option?.id ?? [])
    const fabrications = await tx
      .select()
      .from(t.fabrication)
      .where(and(ofJob(t.fabrication, act), inArray(t.fabrication.optionId, optionIds)))
    const discounts = wish.supplierId
      ? await tx
          .select()
          .from(t.discount)
          .where(and(ofJob(t.discount, act), eq(t.discount.supplierId, wish.supplierId)))
      : []
    const priced = rows.map(({ item, option }) => {
      if (!option) throw refuse(`${item.name} has no option chosen. Choose one in Source first.`)
      if (option.supplierId !== wish.supplierId)
        throw refuse(`${item.name}: ${option.name} comes from another supplier. Order it there.`)
      if (option.stock === 'sold out')
        throw refuse(
          `${item.name}: ${option.name} is sold out. Choose another option, or enter that it is back.`,
        )
      if (before.some((l) => l.line.itemId === item.id && l.state.liveQuantity > 0))
        throw refuse(`${item.name} is ordered already. Cancel or return that order first.`)
      return {
        item,
        option,
        price: priceOf(
          option,
          item.quantity,
          fabrications.filter((m) => m.optionId === option.id),
          frame,
        ).price,
        lineId: randomUUID(),
      }
    })
    // The order as a whole: its coupon and its delivery, shared over the lines.
    const [basket] = basketsOf(
      priced.map((p) => ({ itemId: p.item.id, supplierId: wish.supplierId, price: p.price })),
      supplier ? [supplier] : [],
      discounts,
      frame,
      wish.placedOn,
    )
    const landed = inOrders(basket ? [basket] : [])
    const amountOf = (p: (typeof priced)[number]) => landed.get(p.item.id) ?? p.price
    const [last] = await tx
      .select({ n: max(t.purchaseOrder.number) })
      .from(t.purchaseOrder)
      .where(ofJob(t.purchaseOrder, act))
    const total = priced.reduce((sum, p) => sum + amountOf(p).landedMinor, 0)
    if ((wish.depositMinor ?? 0) > total) {
      const text = `Deposit is more than the ${moneyColumnText(total, act.currency)} of the order. Write at most that.`
      throw conflict(text, [{ field: 'depositMinor', text }])
    }
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
      depositMinor: wish.depositMinor ?? 0,
      depositDueOn: wish.depositDueOn ?? null,
      balanceDueOn: wish.balanceDueOn ?? null,
      note: wish.note,
    })
    await tx.insert(t.orderLine).values(
      priced
        .map((p) => ({ ...p, price: amountOf(p) }))
        .map(({ item, option, price, lineId }) => ({
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
      priced.map((p) => ({
        kind: 'order' as const,
        lineId: p.lineId,
        amountMinor: amountOf(p).landedMinor,
        taxMinor: amountOf(p).taxMinor,
        quantity: p.item.quantity,
      })),
    )
    // A coupon of one use is gone with the order it was used on.
    if (basket?.offer)
      await tx
        .update(t.discount)
        .set({ usedOn: wish.placedOn, version: sql`${t.discount.version} + 1` })
        .where(and(ofJob(t.discount, act), eq(t.discount.id, basket.offer.id), eq(t.discount.oneUse, true)))
    return { eventId, orderId }
  },
})

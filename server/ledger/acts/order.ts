import { placeOrderSchema, type PlaceOrder } from '@bonitas/core/stages/ledger/acts'
import { defineAct } from '../act.js'
import { randomUUID } from 'node:crypto'
import { and, eq, inArray, max, sql } from 'drizzle-orm'
import { basketsOf } from '@bonitas/core/stages/source/baskets'
import { inOrders, priceOf } from '@bonitas/core/stages/source/chosenMoney'
import type { Tx } from '../../database/database.js'
import * as t from '../../database/schema.js'
import { conflict, notFound } from '../../http/problem.js'
import { isChosenOption } from '../../job/chosenOption.js'
import { linesWith, ofJob, write, type Act } from '../lines.js'

type Frame = Parameters<typeof priceOf>[3]

/** One line of an order to be, at the price of its chosen option. */
interface Priced<P = ReturnType<typeof priceOf>['price']> {
  readonly item: typeof t.item.$inferSelect
  readonly option: typeof t.option.$inferSelect
  readonly price: P
  readonly lineId: string
}
/** The same at what it comes to in the order as a whole. */
type InOrder = Priced<{ readonly landedMinor: number; readonly taxMinor: number }>

const refuse = (text: string) => conflict(text, [{ field: 'itemIds', text }])

/** The supplier an order is for; undefined when none is named. @throws {Problem} 404 */
async function supplierOf(tx: Tx, act: Act, id: string | null) {
  if (!id) return undefined
  const [found] = await tx
    .select()
    .from(t.supplier)
    .where(and(eq(t.supplier.studioId, act.studioId), eq(t.supplier.id, id)))
  if (!found) throw notFound('This supplier')
  return found
}

/** The items with what is chosen for each, priced alone. @throws {Problem} 404, 409 naming what cannot be ordered */
async function pricedItems(tx: Tx, act: Act, wish: PlaceOrder, frame: Frame): Promise<Priced[]> {
  const ids = [...new Set(wish.itemIds)]
  const rows = await tx
    .select({ item: t.item, option: t.option })
    .from(t.item)
    .leftJoin(t.option, isChosenOption)
    .where(and(ofJob(t.item, act), inArray(t.item.id, ids)))
  if (rows.length < ids.length) throw notFound('This item')
  const before = await linesWith(tx, act, { itemIds: ids })
  const optionIds = rows.flatMap((r) => r.option?.id ?? [])
  const fabrications = await tx
    .select()
    .from(t.fabrication)
    .where(and(ofJob(t.fabrication, act), inArray(t.fabrication.optionId, optionIds)))
  return rows.map(({ item, option }) => {
    if (!option) throw refuse(`${item.name} has no option chosen. Choose one in Source first.`)
    const of = `${item.name}: ${option.name}`
    if (option.supplierId !== wish.supplierId)
      throw refuse(`${of} comes from another supplier. Order it there.`)
    if (option.stock === 'sold out')
      throw refuse(`${of} is sold out. Choose another option, or enter that it is back.`)
    if (before.some((l) => l.line.itemId === item.id && l.state.liveQuantity > 0))
      throw refuse(`${item.name} is ordered already. Cancel or return that order first.`)
    const made = fabrications.filter((m) => m.optionId === option.id)
    return { item, option, price: priceOf(option, item.quantity, made, frame).price, lineId: randomUUID() }
  })
}

/** The order as a whole: its coupon and its delivery, shared over the lines. */
async function asOneOrder(
  tx: Tx,
  act: Act,
  wish: PlaceOrder,
  priced: readonly Priced[],
  supplier: Awaited<ReturnType<typeof supplierOf>>,
  frame: Frame,
) {
  const discounts = wish.supplierId
    ? await tx
        .select()
        .from(t.discount)
        .where(and(ofJob(t.discount, act), eq(t.discount.supplierId, wish.supplierId)))
    : []
  const [basket] = basketsOf(
    priced.map((p) => ({ itemId: p.item.id, supplierId: wish.supplierId, price: p.price })),
    supplier ? [supplier] : [],
    discounts,
    frame,
    wish.placedOn,
  )
  const landed = inOrders(basket ? [basket] : [])
  return {
    lines: priced.map((p) => ({ ...p, price: landed.get(p.item.id) ?? p.price })),
    offer: basket?.offer,
  }
}

async function writeOrder(
  tx: Tx,
  act: Act,
  wish: PlaceOrder,
  supplierName: string,
  lines: readonly InOrder[],
): Promise<string> {
  const keys = { studioId: act.studioId, jobId: act.jobId }
  const [last] = await tx
    .select({ n: max(t.purchaseOrder.number) })
    .from(t.purchaseOrder)
    .where(ofJob(t.purchaseOrder, act))
  const orderId = randomUUID()
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
    lines.map(({ item, option, price, lineId }) => ({
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
  return orderId
}

/** Orders the chosen options of the items at their landed prices, from one supplier. @throws {Problem} 404, 409 */
export const order = defineAct({
  name: 'order',
  path: 'orders',
  input: placeOrderSchema,
  async work(tx, act, wish) {
    const [job] = await tx
      .select()
      .from(t.job)
      .where(and(eq(t.job.studioId, act.studioId), eq(t.job.id, act.jobId)))
    if (!job) throw notFound('This item')
    const frame = { taxPpm: job.taxPpm, pricesIncludeTax: job.pricesIncludeTax, currency: act.says.currency }
    const supplier = await supplierOf(tx, act, wish.supplierId)
    const priced = await pricedItems(tx, act, wish, frame)
    const { lines, offer } = await asOneOrder(tx, act, wish, priced, supplier, frame)
    const total = lines.reduce((sum, l) => sum + l.price.landedMinor, 0)
    if ((wish.depositMinor ?? 0) > total) {
      const text = `Deposit is more than the ${act.says.moneyColumn(total)} of the order. Write at most that.`
      throw conflict(text, [{ field: 'depositMinor', text }])
    }
    const orderId = await writeOrder(tx, act, wish, supplier?.name ?? '', lines)
    const eventId = await write(
      tx,
      act,
      wish.placedOn,
      wish.note,
      lines.map((l) => ({
        kind: 'order' as const,
        lineId: l.lineId,
        amountMinor: l.price.landedMinor,
        taxMinor: l.price.taxMinor,
        quantity: l.item.quantity,
      })),
    )
    // A coupon of one use is gone with the order it was used on.
    if (offer)
      await tx
        .update(t.discount)
        .set({ usedOn: wish.placedOn, version: sql`${t.discount.version} + 1` })
        .where(and(ofJob(t.discount, act), eq(t.discount.id, offer.id), eq(t.discount.oneUse, true)))
    return { eventId, orderId }
  },
})

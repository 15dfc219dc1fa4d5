import { randomUUID } from 'node:crypto'
import { Router } from 'express'
import { and, eq, sql } from 'drizzle-orm'
import { number, object, string } from 'yup'
import {
  matchUpdates,
  type NumberedLine,
  type SupplierUpdates,
} from '@bonitas/core/stages/ledger/supplierUpdates'
import type { Database, Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { isUuid } from '../http/guards.js'
import { conflict, notFound, Problem } from '../http/problem.js'
import type { Visitor } from '../session/sessions.js'
import { NoAnswer, type Catalogs } from '../source/catalogs.js'
import { linesWith, ofJob, type Act } from './lines.js'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'

const backSchema = object({
  lineId: string().uuid('Line must be a UUID.').required('Line is missing. Say which thing goes back.'),
  quantity: number().integer().min(1).max(10_000).required('Quantity is missing. Say how many.'),
}).strict()

interface Reached {
  readonly catalog: string
  readonly lines: readonly NumberedLine[]
  /** Things without a number: the supplier cannot be told of them this way. */
  readonly unnumbered: readonly string[]
  readonly quantities: ReadonlyMap<string, number>
}

/** An order and its supplier's own book: sent, asked after, sent back. Nothing the supplier says is entered by itself. */
export function supplierRoutes(db: Database, catalogs: Catalogs): Router {
  const router = Router({ mergeParams: true })

  const reach = async (act: Act, orderId: string): Promise<Reached> => {
    if (!isUuid(act.jobId) || !isUuid(orderId)) throw notFound('This order')
    const found = await db.asStudio(act.studioId, (tx) => reached(tx, act, orderId), 'read')
    if (!catalogs.places.has(found.catalog))
      throw conflict('This supplier takes no orders this way. Send the PDF.')
    return found
  }
  const asked = async (work: () => Promise<SupplierUpdates>): Promise<SupplierUpdates> => {
    try {
      return await work()
    } catch (error) {
      if (!(error instanceof NoAnswer)) throw error
      throw new Problem(
        424,
        'The supplier does not answer',
        `The supplier ${error.message}. Nothing was changed here; ask again later.`,
      )
    }
  }
  const actOf = (visitor: Visitor, jobId: string): Act => ({
    studioId: visitor.studio.id,
    jobId,
    memberId: visitor.member.id,
    says: formatterOf(visitor.studio),
  })

  router.post<{ jobId: string; orderId: string }>('/orders/:orderId/send', async (req, res) => {
    const act = actOf(req.visitor as Visitor, req.params.jobId)
    const { orderId } = req.params
    const { catalog, lines, unnumbered, quantities } = await reach(act, orderId)
    if (lines.length === 0)
      throw conflict('Nothing on this order has a number of the supplier. Send the PDF.')
    const updates = await asked(() =>
      catalogs.order(
        catalog,
        orderId,
        lines.map((l) => ({ key: l.key, quantity: quantities.get(l.lineId) ?? 1 })),
      ),
    )
    await db.asStudio(act.studioId, (tx) => noteSent(tx, act, orderId, updates.asOf, unnumbered))
    res.status(201).json({ asOf: updates.asOf, updates: matchUpdates(updates.events, lines), unnumbered })
  })

  router.get<{ jobId: string; orderId: string }>('/orders/:orderId/updates', async (req, res) => {
    const act = actOf(req.visitor as Visitor, req.params.jobId)
    const { catalog, lines, unnumbered } = await reach(act, req.params.orderId)
    const updates = await asked(() => catalogs.updates(catalog, req.params.orderId))
    res.json({ asOf: updates.asOf, updates: matchUpdates(updates.events, lines), unnumbered })
  })

  router.post<{ jobId: string; orderId: string }>('/orders/:orderId/send-back', async (req, res) => {
    const act = actOf(req.visitor as Visitor, req.params.jobId)
    const { catalog, lines, unnumbered } = await reach(act, req.params.orderId)
    const wish = await backSchema.validate(req.body ?? {}, { abortEarly: false })
    const line = lines.find((l) => l.lineId === wish.lineId)
    if (!line) throw notFound('This line')
    const updates = await asked(() =>
      catalogs.sendBack(catalog, req.params.orderId, { key: line.key, quantity: wish.quantity }),
    )
    res.status(201).json({ asOf: updates.asOf, updates: matchUpdates(updates.events, lines), unnumbered })
  })

  return router
}

/** However often an order is sent, that it was sent is written down once. */
async function noteSent(
  tx: Tx,
  act: Act,
  orderId: string,
  on: string,
  unnumbered: readonly string[],
): Promise<void> {
  await tx.execute(sql`select pg_advisory_xact_lock(hashtextextended(${orderId}, 13))`)
  const own = and(ofJob(t.orderEvent, act), eq(t.orderEvent.orderId, orderId))
  const [before] = await tx
    .select({ id: t.orderEvent.id })
    .from(t.orderEvent)
    .where(and(own, eq(t.orderEvent.kind, 'sent')))
  if (before) return
  await tx.insert(t.orderEvent).values({
    studioId: act.studioId,
    jobId: act.jobId,
    id: randomUUID(),
    orderId,
    lineId: null,
    kind: 'sent',
    on,
    expectedOn: null,
    updateId: '',
    note: unnumbered.length > 0 ? `not told of: ${unnumbered.join(', ')}`.slice(0, 400) : '',
    memberId: act.memberId,
  })
}

async function reached(tx: Tx, act: Act, orderId: string): Promise<Reached> {
  const lines = await linesWith(tx, act, { orderId })
  if (lines.length === 0) throw notFound('This order')
  const keys = await tx
    .select({ id: t.option.id, key: t.option.catalogKey })
    .from(t.option)
    .where(ofJob(t.option, act))
  const keyOf = new Map(keys.map((k) => [k.id, k.key]))
  const [order] = await tx
    .select({ catalog: t.supplier.catalog })
    .from(t.purchaseOrder)
    .innerJoin(
      t.supplier,
      and(eq(t.supplier.studioId, t.purchaseOrder.studioId), eq(t.supplier.id, t.purchaseOrder.supplierId)),
    )
    .where(and(ofJob(t.purchaseOrder, act), eq(t.purchaseOrder.id, orderId)))
  const numbered = lines.map((l) => ({ l, key: keyOf.get(l.line.optionId) ?? '' }))
  return {
    catalog: order?.catalog ?? '',
    lines: numbered.flatMap(({ l, key }) =>
      key ? [{ lineId: l.line.id, itemName: l.line.itemName, key, toCome: l.state.toComeQuantity }] : [],
    ),
    unnumbered: numbered.flatMap(({ l, key }) => (key ? [] : [l.line.itemName])),
    quantities: new Map(lines.map((l) => [l.line.id, l.line.quantity])),
  }
}

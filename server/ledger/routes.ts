import { Router, type RequestHandler } from 'express'
import type { ObjectSchema } from 'yup'
import {
  accountSchema,
  adjustSchema,
  cancelSchema,
  chargeSchema,
  deliverSchema,
  exchangeSchema,
  giftSchema,
  noteOrderSchema,
  payOrderSchema,
  placeOrderSchema,
  refundSchema,
  returnSchema,
  reverseSchema,
} from '@bonitas/core/stages/ledger/acts'
import type { Database, Tx } from '../database/database.js'
import { changeOrderSchema } from '@bonitas/core/stages/brief/changeOrder'
import { changeOrder } from '../brief/changeOrder.js'
import { isUuid } from '../http/guards.js'
import { requireJob } from '../job/requireJob.js'
import type { Visitor } from '../session/sessions.js'
import type { Catalogs } from '../source/catalogs.js'
import { stillThere } from '../source/stillThere.js'
import { once } from './once.js'
import { lockLedger, type Act, type Answer } from './lines.js'
import { reverseEvent } from './reverse.js'
import { proveLedger } from './proof.js'
import { placeOrder } from './placeOrder.js'
import { exchange } from './exchange.js'
import { gift } from './gift.js'
import {
  account,
  adjust,
  cancelLine,
  charge,
  deliver,
  noteOrder,
  payOrder,
  refund,
  returnGoods,
} from './service.js'

/** The acts of the ledger, each a POST that can be repeated safely under its Idempotency-Key. */
export function ledgerRoutes(db: Database, catalogs: Catalogs): Router {
  const router = Router({ mergeParams: true })
  const act =
    <W extends object>(
      name: string,
      schema: () => ObjectSchema<W>,
      work: (tx: Tx, act: Act, wish: W) => Promise<Answer>,
    ): RequestHandler<{ jobId: string }> =>
    async (req, res) => {
      const { studio, member } = req.visitor as Visitor
      const { jobId } = req.params
      const who: Act = { studioId: studio.id, jobId, memberId: member.id, currency: studio.currency }
      const done = await db.asStudio(studio.id, async (tx) => {
        await requireJob(tx, studio.id, jobId)
        const wish = (await schema().validate(req.body ?? {}, { abortEarly: false })) as W
        return once(tx, studio.id, req.get('Idempotency-Key'), { jobId, name, wish }, async () => {
          await lockLedger(tx, who)
          return work(tx, who, wish)
        })
      })
      if (done.replayed) res.set('Idempotent-Replayed', 'true')
      res.status(201).json(done.answer)
    }

  router.post<{ jobId: string }>('/orders', async (req, _res, next) => {
    const { studio } = req.visitor as Visitor
    const wish = await placeOrderSchema().validate(req.body ?? {}, { abortEarly: false })
    if (isUuid(req.params.jobId))
      await stillThere(db, catalogs, studio.id, req.params.jobId, wish.itemIds, req.get('Idempotency-Key'))
    next()
  })
  router.post('/orders', act('order', placeOrderSchema, placeOrder))
  router.post('/payments', act('payment', payOrderSchema, payOrder))
  router.post('/deliveries', act('delivery', deliverSchema, deliver))
  router.post('/returns', act('return', returnSchema, returnGoods))
  router.post('/refunds', act('refund', refundSchema, refund))
  router.post('/cancellations', act('cancel', cancelSchema, cancelLine))
  router.post('/change-orders', act('change order', changeOrderSchema, changeOrder))
  router.post('/adjustments', act('adjustment', adjustSchema, adjust))
  router.post('/exchanges', act('exchange', exchangeSchema, exchange))
  router.post('/charges', act('charge', chargeSchema, charge))
  router.post('/gifts', act('gift', giftSchema, gift))
  router.post('/account', act('account', accountSchema, account))
  router.post('/order-events', act('order event', noteOrderSchema, noteOrder))
  /** The proof is of the whole studio; asking makes it anew. */
  router.post<{ jobId: string }>('/ledger-proof', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const found = await db.asStudio(studio.id, async (tx) => {
      await requireJob(tx, studio.id, req.params.jobId)
      return proveLedger(tx, studio.id)
    })
    res.json(found)
  })
  router.post('/reversals', act('reversal', reverseSchema, reverseEvent))
  return router
}

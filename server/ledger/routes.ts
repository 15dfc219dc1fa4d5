import { Router, type RequestHandler } from 'express'
import type { ObjectSchema } from 'yup'
import { placeOrderSchema } from '@bonitas/core/stages/ledger/acts'
import type { Database, Tx } from '../database/database.js'
import { isUuid } from '../http/guards.js'
import { requireJob } from '../job/requireJob.js'
import type { Visitor } from '../session/sessions.js'
import type { Catalogs } from '../source/catalogs.js'
import { stillThere } from '../source/stillThere.js'
import { once } from './once.js'
import { lockLedger, type Act, type Answer } from './lines.js'
import { proveLedger } from './proof.js'
import { ACTS } from './acts/index.js'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'

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
      const who: Act = { studioId: studio.id, jobId, memberId: member.id, says: formatterOf(studio) }
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
  for (const { path, name, input, work } of ACTS) router.post(`/${path}`, act(name, input, work))
  /** The proof is of the whole studio; asking makes it anew. */
  router.post<{ jobId: string }>('/ledger-proof', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const found = await db.asStudio(studio.id, async (tx) => {
      await requireJob(tx, studio.id, req.params.jobId)
      return proveLedger(tx, studio.id)
    })
    res.json(found)
  })
  return router
}

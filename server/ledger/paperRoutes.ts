import { Router, type Request } from 'express'
import { deriveJob, type DerivedJob } from '@bonitas/core/job/derive'
import { paperOf, PAPERS, type PaperName } from '@bonitas/core/job/papers'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { Database } from '../database/database.js'
import { isUuid } from '../http/guards.js'
import { notFound } from '../http/problem.js'
import { loadSnapshot } from '../job/loadSnapshot.js'
import type { Visitor } from '../session/sessions.js'
import { ledgerCalendar, orderPdf, paperCsv, paperPdf, paperXlsx } from './papers.js'
import { dayIn } from '@bonitas/core/kernel/units/days'

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'

/** The ledger on paper: statement, budget, purchases and tax in three formats, an order, and the calendar. */
export function paperRoutes(db: Database): Router {
  const router = Router()
  const opened = async (
    req: Request<{ jobId: string }>,
  ): Promise<{ job: JobSnapshot; derived: DerivedJob; today: string }> => {
    const { studio } = req.visitor as Visitor
    const { jobId } = req.params
    if (!isUuid(jobId)) throw notFound('This job')
    const job = await db.asStudio(studio.id, (tx) => loadSnapshot(tx, studio, jobId), 'read')
    if (!job) throw notFound('This job')
    const today = dayIn(studio.timeZone, new Date())
    return { job, derived: deriveJob(job, today), today }
  }

  router.get<{ jobId: string; name: string; format: string }>(
    '/jobs/:jobId/papers/:name.:format',
    async (req, res) => {
      const { name, format } = req.params
      const { job, derived, today } = await opened(req)
      if (!PAPERS.includes(name as PaperName)) throw notFound('This paper')
      const paper = paperOf(name as PaperName, job, derived, today)
      const file = `${job.brief.roomName.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-${name}.${format}`
      res.set('Content-Disposition', `${format === 'pdf' ? 'inline' : 'attachment'}; filename="${file}"`)
      if (format === 'pdf') res.type('application/pdf').send(await paperPdf(paper, job))
      else if (format === 'xlsx') res.type(XLSX).send(await paperXlsx(paper, job))
      else if (format === 'csv') res.type('text/csv').send(`\ufeff${paperCsv(paper, job)}`)
      else throw notFound('This format')
    },
  )

  router.get<{ jobId: string }>('/jobs/:jobId/ledger.ics', async (req, res) => {
    const { job, derived, today } = await opened(req)
    res
      .type('text/calendar')
      .set('Content-Disposition', 'attachment; filename="ledger.ics"')
      .send(ledgerCalendar(job, derived, today))
  })

  router.get<{ jobId: string; orderId: string }>('/jobs/:jobId/orders/:orderId.pdf', async (req, res) => {
    const { job, derived } = await opened(req)
    const order = derived.orders.find((o) => o.order.id === req.params.orderId)
    if (!order) throw notFound('This order')
    res
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="order-${order.order.number}.pdf"`)
      .send(await orderPdf(job, order))
  })

  return router
}

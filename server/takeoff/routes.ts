import { Router, type Request, type Response } from 'express'
import { markingOf } from '@bonitas/core/job/making/markingOf'
import { measureOf } from '@bonitas/core/job/measureOf'
import { takeoffsOf } from '@bonitas/core/job/takeoffsOf'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import { oneThing } from '@bonitas/core/model/oneThing'
import type { Database } from '../database/database.js'
import { isUuid } from '../http/guards.js'
import { notFound } from '../http/problem.js'
import { loadSnapshot } from '../job/loadSnapshot.js'
import type { Visitor } from '../session/sessions.js'
import { cutSheetPdf, markSheetPdf } from './cutSheetPdf.js'

/** Papers of the take-off. */
export function takeoffRoutes(db: Database): Router {
  const router = Router({ mergeParams: true })

  const jobOf = async (req: Request<{ jobId: string }>) => {
    const { studio } = req.visitor as Visitor
    if (!isUuid(req.params.jobId)) throw notFound('This job')
    const stored = await db.asStudio(studio.id, (tx) => loadSnapshot(tx, studio, req.params.jobId), 'read')
    if (!stored) throw notFound('This job')
    return oneThing(stored)
  }
  const send = (res: Response, pdf: Buffer, file: string) =>
    res.type('application/pdf').set('Content-Disposition', `inline; filename="${file}"`).send(pdf)

  router.get<{ jobId: string }>('/takeoff/marking.pdf', async (req, res) => {
    const job = await jobOf(req)
    const walls = markingOf(job, measureOf(job))
    if (walls.length === 0) throw notFound('A wall on which something hangs')
    send(
      res,
      await markSheetPdf(job.brief.roomName, walls, formatterOf(job.studio), job.studio.paper),
      'marking.pdf',
    )
  })

  router.get<{ jobId: string; lineId: string }>('/takeoff/:lineId/sheet.pdf', async (req, res) => {
    const job = await jobOf(req)
    const row = job.takeoffs.find((t) => t.id === req.params.lineId)
    if (!row) throw notFound('This line of the take-off')
    const [line] = takeoffsOf({ ...job, takeoffs: [row] }, measureOf(job))
    if (!line) throw notFound('This line of the take-off')
    const says = formatterOf(job.studio)
    send(res, await cutSheetPdf(job.brief.roomName, line, says, job.studio.paper), 'cut-sheet.pdf')
  })
  return router
}

import { Router } from 'express'
import { measureOf } from '@bonitas/core/job/measureOf'
import { takeoffsOf } from '@bonitas/core/job/takeoffsOf'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import { oneThing } from '@bonitas/core/model/oneThing'
import type { Database } from '../database/database.js'
import { isUuid } from '../http/guards.js'
import { notFound } from '../http/problem.js'
import { loadSnapshot } from '../job/loadSnapshot.js'
import type { Visitor } from '../session/sessions.js'
import { cutSheetPdf } from './cutSheetPdf.js'

/** Papers of the take-off. */
export function takeoffRoutes(db: Database): Router {
  const router = Router({ mergeParams: true })

  router.get<{ jobId: string; lineId: string }>('/takeoff/:lineId/sheet.pdf', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { jobId, lineId } = req.params
    if (!isUuid(jobId)) throw notFound('This job')
    const stored = await db.asStudio(studio.id, (tx) => loadSnapshot(tx, studio, jobId), 'read')
    if (!stored) throw notFound('This job')
    const job = oneThing(stored)
    const row = job.takeoffs.find((t) => t.id === lineId)
    if (!row) throw notFound('This line of the take-off')
    const says = formatterOf(job.studio)
    const [line] = takeoffsOf({ ...job, takeoffs: [row] }, measureOf(job))
    if (!line) throw notFound('This line of the take-off')
    const pdf = await cutSheetPdf(job.brief.roomName, line, says, job.studio.paper)
    res.type('application/pdf').set('Content-Disposition', 'inline; filename="cut-sheet.pdf"').send(pdf)
  })
  return router
}

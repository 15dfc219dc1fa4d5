import { Router } from 'express'
import { deriveJob } from '@bonitas/core/job/derive'
import { boardSvg, boardWords } from '@bonitas/core/stages/palette/board'
import { paletteFacts } from '@bonitas/core/stages/palette/paletteFacts'
import type { Database } from '../database/database.js'
import { isUuid } from '../http/guards.js'
import { notFound } from '../http/problem.js'
import { loadSnapshot } from '../job/loadSnapshot.js'
import type { Visitor } from '../session/sessions.js'
import { pdfOfDrawing } from './boardPdf.js'
import { dayIn } from '@bonitas/core/kernel/units/days'

/** Papers of the Palette. */
export function paletteRoutes(db: Database): Router {
  const router = Router({ mergeParams: true })

  /** The sample board of the scheme followed, or of the one asked for, as PDF. */
  router.get<{ jobId: string }>('/board.pdf', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { jobId } = req.params
    if (!isUuid(jobId)) throw notFound('This job')
    const job = await db.asStudio(studio.id, (tx) => loadSnapshot(tx, studio, jobId), 'read')
    if (!job) throw notFound('This job')
    const today = dayIn(studio.timeZone, new Date())
    const { areas } = deriveJob(job, today)
    const asked = typeof req.query.scheme === 'string' ? req.query.scheme : job.brief.schemeId
    const facts = paletteFacts(job, areas, asked)
    const svg = boardSvg(facts.finishes, boardWords(job, facts.scheme?.name, new Date(today)))
    const pdf = await pdfOfDrawing(svg, `${job.brief.roomName}, sample board`)
    res.type('application/pdf').set('Content-Disposition', 'inline; filename="sample-board.pdf"').send(pdf)
  })
  return router
}

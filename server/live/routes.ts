import { Router } from 'express'
import type { Database } from '../database/database.js'
import { isUuid } from '../http/guards.js'
import { notFound } from '../http/problem.js'
import { requireJob } from '../job/requireJob.js'
import { stillSignedIn } from '../session/routes.js'
import type { Visitor } from '../session/sessions.js'
import type { JobWords } from './jobWords.js'

/** How often an open line is kept awake, and its session looked at. */
const BEAT_MS = 20_000

/** `GET /jobs/:jobId/live`: server-sent events, one for each group or act that was written. */
export function liveRoutes(db: Database, words: JobWords): Router {
  const router = Router()
  router.get<{ jobId: string }>('/jobs/:jobId/live', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { jobId } = req.params
    if (!isUuid(jobId)) throw notFound('This job')
    await db.asStudio(studio.id, (tx) => requireJob(tx, studio.id, jobId), 'read')
    // "no-transform" keeps compression away, which would hold the words back until it has enough of them.
    res.set({
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store, no-transform',
      'X-Accel-Buffering': 'no',
    })
    res.flushHeaders()
    res.write('retry: 1000\n\n')
    const off = words.on(jobId, ({ key }) => res.write(`data: ${JSON.stringify({ key })}\n\n`))
    const beat = setInterval(() => {
      res.write(': here\n\n')
      // A session that has ended hears nothing more. A database that is away ends no session.
      stillSignedIn(db, req)
        .then((is) => is || res.end())
        .catch(() => undefined)
    }, BEAT_MS)
    res.on('close', () => {
      clearInterval(beat)
      off()
    })
  })
  return router
}

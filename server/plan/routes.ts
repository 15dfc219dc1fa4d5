import { Router, type Request } from 'express'
import { planOf } from '@bonitas/core/job/planFactsOf'
import { isFlat } from '@bonitas/core/stages/plan/needs'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { SHEETS, tapeTiles } from '@bonitas/core/stages/plan/tapeOut'
import type { Database } from '../database/database.js'
import { isUuid } from '../http/guards.js'
import { conflict, notFound } from '../http/problem.js'
import { loadSnapshot } from '../job/loadSnapshot.js'
import type { Visitor } from '../session/sessions.js'
import { hangingSheetPdf } from './hangingSheetPdf.js'
import { MOST_SHEETS, tapeOutPdf } from './tapeOutPdf.js'
import type { OfficePaper } from '@bonitas/core/model/vocabulary/countries'

/** Papers of the Plan. */
export function planRoutes(db: Database): Router {
  const router = Router({ mergeParams: true })

  async function planAsked(
    req: Request<{ jobId: string }>,
  ): Promise<{ facts: PlanFacts; roomName: string; paper: OfficePaper }> {
    const { studio } = req.visitor as Visitor
    const { jobId } = req.params
    if (!isUuid(jobId)) throw notFound('This job')
    const job = await db.asStudio(studio.id, (tx) => loadSnapshot(tx, studio, jobId), 'read')
    if (!job) throw notFound('This job')
    const facts = planOf(job, { withFixes: false })
    if (!facts) throw conflict('The walls of this room do not close yet. Measure it to the end first.')
    return { facts, roomName: job.brief.roomName, paper: job.studio.paper }
  }

  /** Distances of all corners; with `?stand=` the outline of that piece at 1 : 1 besides. */
  router.get<{ jobId: string }>('/plan/tape-out.pdf', async (req, res) => {
    const { facts, roomName, paper } = await planAsked(req)
    const asked = typeof req.query.stand === 'string' ? req.query.stand : undefined
    const one = facts.standings.filter((s) => s.id === asked)
    if (asked !== undefined && one.length === 0) throw notFound('This piece')
    const pieces = one.length > 0 ? one : facts.standings.filter((s) => s.raisedMm === 0)
    // Without a piece named, rugs and large pieces are told by their corners; nobody prints a room.
    const tiled = one.filter(
      (s) => tapeTiles(s.widthMm, s.depthMm, SHEETS[paper]).tiles.length <= MOST_SHEETS,
    )
    const sorted = [...pieces].sort((a, b) => Number(isFlat(b.kind)) - Number(isFlat(a.kind)))
    const pdf = await tapeOutPdf(roomName, sorted, tiled, facts.room, { says: facts.says, paper })
    res.type('application/pdf').set('Content-Disposition', 'inline; filename="tape-out.pdf"').send(pdf)
  })

  router.get<{ jobId: string }>('/plan/hanging-sheet.pdf', async (req, res) => {
    const { facts, roomName, paper } = await planAsked(req)
    const pdf = await hangingSheetPdf(roomName, facts, paper)
    res.type('application/pdf').set('Content-Disposition', 'inline; filename="hanging-sheet.pdf"').send(pdf)
  })
  return router
}

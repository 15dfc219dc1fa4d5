import { ROWS } from '@bonitas/core/model/registry'
import { randomUUID } from 'node:crypto'
import { Router } from 'express'
import { newJobSchema } from '@bonitas/core/stages/brief/newJob'
import type { Database } from '../database/database.js'
import { isUuid } from '../http/guards.js'
import { notFound } from '../http/problem.js'
import type { Visitor } from '../session/sessions.js'
import { exportJob, importJob, readJobFile } from './bundle.js'
import { picturesOf } from '../photo/pictures.js'
import { listJobs } from './listJobs.js'
import { loadSnapshot, shapeOf, snapshotText } from './loadSnapshot.js'
import { snapshotMarks } from './snapshotMarks.js'
import * as t from '../database/schema.js'

/** Jobs: the list, one whole, its rows, in and out as a file. */
export function jobRoutes(db: Database): Router {
  const router = Router()

  router.param('jobId', (_req, _res, next, id) => next(isUuid(id) ? undefined : notFound('This job')))

  router.get('/jobs', async (req, res) => {
    const { studio } = req.visitor as Visitor
    res.json(await db.asStudio(studio.id, (tx) => listJobs(tx, studio), 'read'))
  })

  router.post('/jobs', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const wish = await newJobSchema().validate(req.body ?? {}, { abortEarly: false })
    const [jobId, clientId] = [randomUUID(), randomUUID()]
    await db.asStudio(studio.id, async (tx) => {
      await tx.insert(t.client).values({ studioId: studio.id, id: clientId, name: wish.clientName })
      await tx.insert(t.job).values({
        ...ROWS.brief.blank(),
        studioId: studio.id,
        id: jobId,
        clientId,
        roomName: wish.roomName,
        agreedMinor: wish.agreedMinor,
      })
      await tx.insert(t.room).values({ ...ROWS.room.blank(), studioId: studio.id, jobId, id: jobId })
      await tx.insert(t.schools).values({ studioId: studio.id, jobId, id: jobId })
    })
    res.status(201).location(`/api/jobs/${jobId}`).json({ id: jobId })
  })

  router.post('/jobs/import', async (req, res) => {
    const { studio, member } = req.visitor as Visitor
    // Reading and encoding take as long as they take; no transaction waits for them.
    const file = await readJobFile(Buffer.isBuffer(req.body) ? req.body : Buffer.alloc(0), studio.currency)
    const id = await db.asStudio(studio.id, (tx) =>
      importJob(tx, { studioId: studio.id, memberId: member.id }, file),
    )
    res.status(201).location(`/api/jobs/${id}`).json({ id })
  })

  router.get('/jobs/:jobId', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const sparse = req.query.sparse !== undefined
    const job = await db.asStudio(
      studio.id,
      async (tx) => {
        const marks = await snapshotMarks(tx, studio, req.params.jobId, shapeOf(sparse))
        if (!marks) throw notFound('This job')
        res.set('ETag', `"${marks.tag}"`)
        return req.fresh ? undefined : snapshotText(tx, studio, req.params.jobId, sparse ? marks : undefined)
      },
      'read',
    )
    if (job === undefined) res.status(304).end()
    else res.type('application/json').send(job)
  })

  router.get('/jobs/:jobId/export', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const file = await db.asStudio(
      studio.id,
      async (tx) => {
        const job = await loadSnapshot(tx, studio, req.params.jobId)
        return job && exportJob(job, await picturesOf(tx, studio.id, req.params.jobId))
      },
      'read',
    )
    if (!file) throw notFound('This job')
    res.attachment('job.json').json(file)
  })

  return router
}

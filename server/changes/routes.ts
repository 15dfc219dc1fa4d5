import { createHash } from 'node:crypto'
import { Router } from 'express'
import type { Did } from '@bonitas/core/model/undo'
import type { Database, Tx } from '../database/database.js'
import { idempotency } from '../database/schema.js'
import { isUuid } from '../http/guards.js'
import { notFound, Problem } from '../http/problem.js'
import { requireJob } from '../job/requireJob.js'
import type { Visitor } from '../session/sessions.js'
import { changeRows } from './changeRows.js'
import { type JobOfStudio } from './rowSql.js'
import { checkFields, readChanges } from './readChanges.js'

/** What a group did, as it is answered, and answered again when the same group comes a second time. */
interface Done {
  readonly did: readonly Did[]
}

/**
 * Takes the job for this transaction, has its keys looked at when all is written, tells other pages once it commits, and
 * looks whether the group came before: all in one round trip. Ids are UUIDs, so they can stand in the text.
 */
async function openJob(
  tx: Tx,
  { studioId, jobId }: JobOfStudio,
  key: string,
): Promise<{ hash: string; answer: Done } | undefined> {
  const results = (await tx.$client.query(
    `set constraints all deferred;
     select pg_advisory_xact_lock(hashtextextended('${jobId}', 7));
     select pg_notify('bonitas_job', '${jobId} ${key}');
     select request_hash as hash, answer from idempotency where studio_id = '${studioId}' and key = '${key}'`,
  )) as unknown as { rows: { hash: string; answer: Done }[] }[]
  return results[3]?.rows[0]
}

/**
 * Groups of changes: `POST /jobs/:jobId/changes`, one transaction, all or none. The group's own id goes along as
 * `Idempotency-Key`: sent twice, it is done once and answered the same.
 */
export function changeRoutes(db: Database): Router {
  const router = Router()
  router.post<{ jobId: string }>('/jobs/:jobId/changes', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const job = { studioId: studio.id, jobId: req.params.jobId }
    if (!isUuid(job.jobId)) throw notFound('This job')
    const key = req.get('Idempotency-Key') ?? ''
    const read = () => {
      if (!isUuid(key))
        throw new Problem(
          400,
          'Key missing',
          'Send the group with an Idempotency-Key: a UUID, new for each group.',
        )
      return readChanges(req.body)
    }
    let changes
    try {
      changes = read()
      await checkFields(changes)
    } catch (error) {
      // Whose job it is comes before what is wrong with the group.
      await db.asStudio(studio.id, (tx) => requireJob(tx, studio.id, job.jobId), 'read')
      throw error
    }
    const group = changes
    const hash = createHash('sha256')
      .update(JSON.stringify([job.jobId, group]))
      .digest('hex')
    const done = await db.asStudio(studio.id, async (tx): Promise<Done> => {
      const before = await openJob(tx, job, key)
      if (before && before.hash !== hash)
        throw new Problem(
          422,
          'Key used already',
          'This Idempotency-Key was used for another group. Take a new one.',
        )
      if (before) return before.answer
      const answer = { did: await changeRows(tx, job, group) }
      await tx.insert(idempotency).values({ studioId: studio.id, key, requestHash: hash, answer })
      return answer
    })
    res.json(done)
  })
  return router
}

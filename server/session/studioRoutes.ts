import { eq, sql } from 'drizzle-orm'
import { json, Router } from 'express'
import { acceptedAnew } from '@bonitas/core/job/acceptedAnew'
import { dayIn } from '@bonitas/core/kernel/units/days'
import type { Change } from '@bonitas/core/model/changes'
import { habitsChangeSchema, type HabitsSeen, type StudioHabits } from '@bonitas/core/model/studioHabits'
import { changeRows } from '../changes/changeRows.js'
import type { Database, Tx } from '../database/database.js'
import { job as jobTable, studio as studioTable } from '../database/schema.js'
import { conflict, notFound, Problem } from '../http/problem.js'
import { loadSnapshot } from '../job/loadSnapshot.js'
import { lockLedger } from '../ledger/lines.js'
import type { Visitor } from './sessions.js'
import type { Studio } from '@bonitas/core/model/snapshot'

/** How the studio writes and measures: `PUT /studio`, by its owner. */
export function studioRoutes(db: Database): Router {
  const router = Router()
  router.put('/studio', json({ limit: '32kb' }), async (req, res) => {
    const { member, studio } = req.visitor as Visitor
    if (member.role !== 'owner')
      throw new Problem(403, 'Refused', 'Only the owner of the studio changes its settings. Ask them.')
    const { was, is } = await habitsChangeSchema().validate(req.body ?? {}, { abortEarly: false })
    await db.asStudio(studio.id, (tx) => changeHabits(tx, studio.id, was, is))
    res.status(204).end()
  })
  return router
}

/**
 * Changes how a studio writes, whole or not at all. Amounts are kept in minor units of its currency, so that is settled
 * with its first job. What was accepted with a reason stays accepted.
 * @throws {Problem} 409 for another currency while there are jobs; 412 when another changed the settings meanwhile
 */
async function changeHabits(tx: Tx, studioId: string, was: HabitsSeen, wish: StudioHabits): Promise<void> {
  // Held to the end: two who save at once come one after the other, and no job is opened in between.
  const [before] = await tx.select().from(studioTable).where(eq(studioTable.id, studioId)).for('update')
  if (!before) throw notFound('This studio')
  const changed = HABITS.filter((field) => before[field] !== was[field])
  if (changed.length > 0)
    throw new Problem(
      412,
      'Changed meanwhile',
      'The settings were changed in another place. Load the page again, then change them.',
    )
  const jobs = await tx
    .select({ id: jobTable.id })
    .from(jobTable)
    .where(eq(jobTable.studioId, studioId))
    .orderBy(jobTable.id)
  if (wish.currency !== before.currency && jobs.length > 0)
    throw conflict('Currency cannot change', [
      {
        field: 'is.currency',
        text: `Currency cannot change once there is a job: its amounts are in ${before.currency}. Found another studio for another currency.`,
      },
    ])
  for (const { id } of jobs) await keepAccepted(tx, before, { ...before, ...wish }, id)
  await tx.update(studioTable).set(wish).where(eq(studioTable.id, studioId))
}

const HABITS = ['name', 'locale', 'currency', 'system', 'paper', 'timeZone'] as const

/** Writes anew what the accepted findings of a job rest on; its open pages are told to load it again. */
async function keepAccepted(tx: Tx, before: Studio, after: Studio, jobId: string): Promise<void> {
  await lockLedger(tx, { jobId })
  const job = await loadSnapshot(tx, before, jobId)
  if (!job || job.acceptances.length === 0) return
  const facts = acceptedAnew(job, after, dayIn(before.timeZone, new Date()))
  const changes = job.acceptances.flatMap(({ id, facts: was }): Change[] => {
    const to = facts.get(id)
    return to === undefined
      ? []
      : [{ collection: 'acceptances', id, set: { facts: to }, was: { facts: was } }]
  })
  if (changes.length === 0) return
  await tx.execute(sql`set constraints all deferred`)
  await changeRows(tx, { studioId: before.id, jobId }, changes)
}

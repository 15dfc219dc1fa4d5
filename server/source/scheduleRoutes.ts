import { Router, type Request } from 'express'
import { sql } from 'drizzle-orm'
import { array, ValidationError } from 'yup'
import { deriveJob } from '@bonitas/core/job/derive'
import { rowDef } from '@bonitas/core/model/registry'
import { rowSchema } from '@bonitas/core/model/checks'
import type { Database } from '../database/database.js'
import * as t from '../database/schema.js'
import { isUuid } from '../http/guards.js'
import { notFound, Problem, type FieldFault } from '../http/problem.js'
import { loadSnapshot } from '../job/loadSnapshot.js'
import { requireJob } from '../job/requireJob.js'
import { once } from '../ledger/once.js'
import type { Visitor } from '../session/sessions.js'
import { schedulePdf } from './schedulePdf.js'
import { dayIn } from '@bonitas/core/kernel/units/days'

const listOfRows = (label: string, most: number) =>
  array()
    .typeError(`${label} must be a list.`)
    .max(most, `${label}: at most ${most} at once.`)
    .required(`${label} are missing. Give a list, empty for none.`)
const importSchema = rowSchema(() => ({
  items: listOfRows('Items', 2000),
  options: listOfRows('Options', 10_000),
}))

// A long list is checked by and by, so that the other requests of this process go on meanwhile.
const AT_ONCE = 100
const MOST_FAULTS = 20

/** Checks every row with the schema of its collection. @throws {Problem} 400 naming rows and fields */
async function checkedRows(
  name: 'items' | 'options',
  rows: readonly unknown[],
): Promise<Record<string, unknown>[]> {
  const faults: FieldFault[] = []
  const checked: Record<string, unknown>[] = []
  for (const [i, row] of rows.entries()) {
    if (i % AT_ONCE === AT_ONCE - 1) await new Promise((done) => setImmediate(done))
    try {
      checked.push(
        rowDef(name)
          .schema()
          .validateSync(row ?? {}, { abortEarly: false }),
      )
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error
      for (const e of error.inner.length > 0 ? error.inner : [error])
        faults.push({ field: `${name}[${i}].${e.path ?? ''}`, text: e.message })
      if (faults.length >= MOST_FAULTS) break
    }
  }
  if (faults.length > 0)
    throw new Problem(
      400,
      'Some rows need fixing',
      `${faults.map((f) => f.text).join(' ')} Nothing was taken.`,
      {
        errors: faults.slice(0, MOST_FAULTS),
      },
    )
  return checked
}

/** The schedule of items: lists taken in whole, and the schedule on paper. */
export function scheduleRoutes(db: Database): Router {
  const router = Router()

  /** Items and options of a list, all of them or none. */
  router.post<{ jobId: string }>('/jobs/:jobId/list-import', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { jobId } = req.params
    if (!isUuid(jobId)) throw notFound('This job')
    await db.asStudio(studio.id, (tx) => requireJob(tx, studio.id, jobId), 'read')
    const given = await importSchema().validate(req.body ?? {}, { abortEarly: false })
    const wish = {
      items: await checkedRows('items', given.items),
      options: await checkedRows('options', given.options),
    }
    const done = await db.asStudio(studio.id, async (tx) => {
      await requireJob(tx, studio.id, jobId)
      return once(tx, studio.id, req.get('Idempotency-Key'), { jobId, wish }, async () => {
        const keys = { studioId: studio.id, jobId, version: 1 }
        await tx.execute(sql`set constraints all deferred`)
        for (const [table, rows] of [
          [t.item, wish.items],
          [t.option, wish.options],
        ] as const)
          for (let at = 0; at < rows.length; at += 500)
            await tx.insert(table).values(rows.slice(at, at + 500).map((r) => ({ ...r, ...keys })) as never)
        return { items: wish.items.length, options: wish.options.length }
      })
    })
    res.status(201).json(done.answer)
  })

  /** The schedule of items; for the client without trade prices, suppliers and what was not chosen. */
  router.get<{ jobId: string }>('/jobs/:jobId/schedule.pdf', async (req: Request<{ jobId: string }>, res) => {
    const { studio } = req.visitor as Visitor
    const { jobId } = req.params
    if (!isUuid(jobId)) throw notFound('This job')
    const job = await db.asStudio(studio.id, (tx) => loadSnapshot(tx, studio, jobId), 'read')
    if (!job) throw notFound('This job')
    const derived = deriveJob(job, dayIn(studio.timeZone, new Date()))
    const pdf = await schedulePdf(job, derived, req.query.for === 'client' ? 'client' : 'studio')
    res.type('application/pdf').set('Content-Disposition', 'inline; filename="schedule.pdf"').send(pdf)
  })

  return router
}

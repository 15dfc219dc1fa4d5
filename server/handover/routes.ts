import { and, eq, inArray, isNull, sql } from 'drizzle-orm'
import { Router, type Request } from 'express'
import { object } from 'yup'
import { careOf } from '@bonitas/core/job/handover/careOf'
import { dayIn } from '@bonitas/core/kernel/units/days'
import { richTextSchema } from '@bonitas/core/model/richText'
import { BOOK_SECTIONS, type BookSection } from '@bonitas/core/model/vocabulary/handover'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { Database, Tx } from '../database/database.js'
import { photoData, studio as studioTable } from '../database/schema.js'
import { isUuid } from '../http/guards.js'
import { notFound, Problem } from '../http/problem.js'
import { runIsolated } from '../isolated/runIsolated.js'
import { loadSnapshot } from '../job/loadSnapshot.js'
import type { Visitor } from '../session/sessions.js'
import { fileName } from './bookFiles.js'
import { careCalendar } from './careCalendar.js'
import type { KeptPicture } from './makeBook.js'

const LIMITS = {
  ms: 90_000,
  heapMb: 1_024,
  growMb: 3_000,
  tooMuch: 'The book takes too much to make. Take some pictures out of the job, and ask again.',
}

const isSection = (text: string): text is BookSection => BOOK_SECTIONS.some((s) => s === text)

/** Pictures the book shows: those of before and after. */
async function bookPictures(tx: Tx, job: JobSnapshot, studioId: string): Promise<KeptPicture[]> {
  const ids = job.photos.filter((p) => p.kind === 'before' || p.kind === 'after').map((p) => p.id)
  if (ids.length === 0) return []
  const rows = await tx
    .select({ id: photoData.photoId, bytes: photoData.picture })
    .from(photoData)
    .where(
      and(
        eq(photoData.studioId, studioId),
        eq(photoData.jobId, job.brief.id),
        inArray(photoData.photoId, ids),
        isNull(photoData.removedAt),
      ),
    )
  return rows.map(({ id, bytes }) => ({ id, bytes: new Uint8Array(bytes) }))
}

/** What is handed over: the book as a PDF and as files, the care as a calendar, and the studio's own words for the book. */
export function handoverRoutes(db: Database): Router {
  const router = Router()

  const opened = async (req: Request<{ jobId: string }>, withPictures: boolean) => {
    const { studio } = req.visitor as Visitor
    const { jobId } = req.params
    if (!isUuid(jobId)) throw notFound('This job')
    return db.asStudio(
      studio.id,
      async (tx) => {
        const job = await loadSnapshot(tx, studio, jobId)
        if (!job) throw notFound('This job')
        const pictures = withPictures ? await bookPictures(tx, job, studio.id) : []
        return { job, pictures, today: dayIn(studio.timeZone, new Date()) }
      },
      'read',
    )
  }

  const made = async (req: Request<{ jobId: string }>, form: 'pdf' | 'files') => {
    const { job, pictures, today } = await opened(req, true)
    const bytes = await runIsolated<Uint8Array>(
      'book',
      { job: JSON.stringify(job), pictures, today, form },
      LIMITS,
    )
    return { bytes: Buffer.from(bytes), name: fileName(job.brief.roomName) }
  }

  router.get<{ jobId: string }>('/jobs/:jobId/book.pdf', async (req, res) => {
    const { bytes, name } = await made(req, 'pdf')
    res.type('application/pdf').set('Content-Disposition', `inline; filename="${name}-book.pdf"`).send(bytes)
  })

  router.get<{ jobId: string }>('/jobs/:jobId/book.zip', async (req, res) => {
    const { bytes, name } = await made(req, 'files')
    res
      .type('application/zip')
      .set('Content-Disposition', `attachment; filename="${name}-book.zip"`)
      .send(bytes)
  })

  router.get<{ jobId: string }>('/jobs/:jobId/care.ics', async (req, res) => {
    const { job, today } = await opened(req, false)
    res
      .type('text/calendar')
      .set('Content-Disposition', 'attachment; filename="care.ics"')
      .send(careCalendar(job, careOf(job, today)))
  })

  /** The words a part of every book begins with; `null` takes them away again. */
  router.put<{ section: string }>('/studio/book-words/:section', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { section } = req.params
    if (!isSection(section)) throw notFound('This part of the book')
    const body = req.body as { words?: unknown } | undefined
    if (body?.words === undefined)
      throw new Problem(
        400,
        'Not readable',
        'Words are missing. Give a list of paragraphs, or null for none.',
      )
    const words =
      body.words === null
        ? null
        : (await object({ words: richTextSchema() }).validate(body, { abortEarly: false, strict: true }))
            .words
    await db.asStudio(studio.id, (tx) =>
      tx
        .update(studioTable)
        .set({
          bookTexts:
            words === null
              ? sql`${studioTable.bookTexts} - ${section}::text`
              : sql`${studioTable.bookTexts} || jsonb_build_object(${section}::text, ${JSON.stringify(words)}::jsonb)`,
        })
        .where(eq(studioTable.id, studio.id)),
    )
    res.status(204).end()
  })

  return router
}

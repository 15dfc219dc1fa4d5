import { and, eq, isNull, sql } from 'drizzle-orm'
import { raw, Router } from 'express'
import { photos } from '@bonitas/core/model/rows/photos'
import type { Database, Tx } from '../database/database.js'
import { photo, photoData } from '../database/schema.js'
import { isUuid } from '../http/guards.js'
import { conflict, notFound } from '../http/problem.js'
import { requireJob } from '../job/requireJob.js'
import type { Visitor } from '../session/sessions.js'
import { PICTURE_LIMIT } from './encode.js'
import { encodeUpload } from './encodePaper.js'

const MOST_PHOTOS = 400

/** What is said about a photo when it is sent; its size is read from the picture. */
const sentSchema = photos.schema().omit(['widthPx', 'heightPx', 'pages'])

/** A row as the job knows it, without the keys that say whose it is. */
function sent(row: typeof photo.$inferSelect): Omit<typeof photo.$inferSelect, 'studioId' | 'jobId'> {
  const { studioId: _s, jobId: _j, ...rest } = row
  return rest
}

/** Keeps an encoded picture with what is said of it; one that is there already stays as it is. @throws {Problem} 409 */
async function keep(
  tx: Tx,
  keys: { readonly studioId: string; readonly jobId: string },
  about: Awaited<ReturnType<typeof sentSchema.validate>>,
  encoded: Awaited<ReturnType<typeof encodeUpload>>,
) {
  const ofJob = and(eq(photo.studioId, keys.studioId), eq(photo.jobId, keys.jobId))
  const [counted] = await tx
    .select({ n: sql<string>`count(*)` })
    .from(photo)
    .where(ofJob)
  if (Number(counted?.n ?? 0) >= MOST_PHOTOS)
    throw conflict(`A job keeps at most ${MOST_PHOTOS} photos. Remove some first.`)
  const [made] = await tx
    .insert(photo)
    .values({ ...about, ...keys, ...encoded.size, pages: encoded.pages })
    .onConflictDoNothing()
    .returning()
  if (!made) {
    const [there] = await tx
      .select()
      .from(photo)
      .where(and(ofJob, eq(photo.id, about.id)))
    return there
  }
  const { mime, picture, thumbnail } = encoded
  await tx.insert(photoData).values({ ...keys, photoId: made.id, mime, picture, thumbnail })
  return made
}

/** Pictures of a job: sent whole under an id made by the sender, so that sending one twice keeps it once. */
export function photoRoutes(db: Database): Router {
  const router = Router({ mergeParams: true })

  router.put<{ jobId: string; id: string }>(
    '/pictures/:id',
    raw({ type: () => true, limit: PICTURE_LIMIT }),
    async (req, res) => {
      const { studio } = req.visitor as Visitor
      const { jobId, id } = req.params
      if (!isUuid(jobId) || !isUuid(id)) throw notFound('This job')
      const text = (name: string) => (typeof req.query[name] === 'string' ? req.query[name] : '')
      const about = await sentSchema.validate(
        {
          id,
          kind: text('kind'),
          note: text('note'),
          subject: text('subject'),
          position: Number(text('position') || 0),
        },
        { abortEarly: false },
      )
      await db.asStudio(studio.id, (tx) => requireJob(tx, studio.id, jobId), 'read')
      // Encoding takes as long as it takes; no transaction waits for it.
      const bytes = Buffer.isBuffer(req.body) ? req.body : Buffer.alloc(0)
      const encoded = await encodeUpload(about.kind, bytes)
      const row = await db.asStudio(studio.id, (tx) =>
        keep(tx, { studioId: studio.id, jobId }, about, encoded),
      )
      if (!row) throw notFound('This photo')
      res.set('ETag', `"${row.version}"`).json(sent(row))
    },
  )

  router.get<{ jobId: string; id: string }>('/pictures/:id', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { jobId, id } = req.params
    if (!isUuid(jobId) || !isUuid(id)) throw notFound('This photo')
    const small = req.query.size === 'small'
    const found = await db.asStudio(
      studio.id,
      (tx) =>
        tx
          .select({ mime: photoData.mime, bytes: small ? photoData.thumbnail : photoData.picture })
          .from(photoData)
          .where(
            and(
              eq(photoData.studioId, studio.id),
              eq(photoData.jobId, jobId),
              eq(photoData.photoId, id),
              isNull(photoData.removedAt),
            ),
          ),
      'read',
    )
    const picture = found[0]
    if (!picture) throw notFound('This photo')
    // A picture never changes under its id.
    res.set('Cache-Control', 'private, max-age=31536000, immutable').type(picture.mime).send(picture.bytes)
  })
  return router
}

import { and, eq, inArray, isNotNull, lt, sql } from 'drizzle-orm'
import type { Database, Tx } from '../database/database.js'
import { photoData } from '../database/schema.js'
import { conflict } from '../http/problem.js'

/** How long the picture of a removed photo can be brought back. */
const DAYS_KEPT = 14

interface JobOfStudio {
  readonly studioId: string
  readonly jobId: string
}

const those = ({ studioId, jobId }: JobOfStudio, ids: readonly string[]) =>
  and(eq(photoData.studioId, studioId), eq(photoData.jobId, jobId), inArray(photoData.photoId, [...ids]))

/** Photos are removed: their pictures stay for a while, so that undo brings them back whole. */
export async function photosGone(tx: Tx, job: JobOfStudio, ids: readonly string[]): Promise<void> {
  await tx
    .update(photoData)
    .set({ removedAt: sql`now()` })
    .where(those(job, ids))
}

/** Rows of photos are made again. @throws {Problem} 409 when the picture of one is not here, or gone for good */
export async function photosBack(tx: Tx, job: JobOfStudio, ids: readonly string[]): Promise<void> {
  const back = await tx
    .update(photoData)
    .set({ removedAt: null })
    .where(and(those(job, ids), isNotNull(photoData.removedAt)))
    .returning({ id: photoData.photoId })
  if (back.length < ids.length)
    throw conflict('A photo begins with its picture: send that first. A picture removed long ago is gone.')
}

/** Lets go of pictures that were removed two weeks ago. Sees one studio at a time, like everything. */
export const forgetPictures = (db: Database, studioId: string): Promise<unknown> =>
  db.asStudio(studioId, (tx) =>
    tx.delete(photoData).where(lt(photoData.removedAt, sql`now() - make_interval(days => ${DAYS_KEPT})`)),
  )

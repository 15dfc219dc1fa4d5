import { and, eq, isNull } from 'drizzle-orm'
import type { Tx } from '../database/database.js'
import { photoData } from '../database/schema.js'
import type { Picture } from './encode.js'

/** All pictures of a job, for its file. */
export const picturesOf = (tx: Tx, studioId: string, jobId: string): Promise<Picture[]> =>
  tx
    .select({
      photoId: photoData.photoId,
      mime: photoData.mime,
      picture: photoData.picture,
      thumbnail: photoData.thumbnail,
    })
    .from(photoData)
    .where(and(eq(photoData.studioId, studioId), eq(photoData.jobId, jobId), isNull(photoData.removedAt)))

import { lt, sql } from 'drizzle-orm'
import { forgetPictures } from '../photo/keepPictures.js'
import type { Database } from './database.js'
import { idempotency, studio } from './schema.js'

/** How long a group or an act can be sent again under its key and get the same answer. */
const KEY_DAYS = 30

/** Lets go of keys of long ago and of pictures nobody can bring back, studio by studio. */
export async function tidy(db: Database): Promise<void> {
  const studios = await db.asSystem((tx) => tx.select({ id: studio.id }).from(studio))
  for (const { id } of studios) {
    await db.asStudio(id, (tx) =>
      tx
        .delete(idempotency)
        .where(lt(idempotency.createdAt, sql`now() - make_interval(days => ${KEY_DAYS})`)),
    )
    await forgetPictures(db, id)
  }
}

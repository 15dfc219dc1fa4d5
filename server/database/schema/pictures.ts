import { customType, foreignKey, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core'
import { job } from '../../model/rowTables.js'
import { jobId, studioId } from './columns.js'

export const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' })

/**
 * A picture, encoded anew on the way in, and its thumbnail. It outlives its row for a while: whoever undoes the removal
 * of a photo gets the picture back.
 */
export const photoData = pgTable(
  'photo_data',
  {
    studioId: studioId(),
    jobId: jobId(),
    photoId: uuid('photo_id').notNull(),
    mime: text('mime').notNull(),
    picture: bytea('picture').notNull(),
    thumbnail: bytea('thumbnail').notNull(),
    /** When its row was removed; null while the row is there. */
    removedAt: timestamp('removed_at', { withTimezone: true }),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.photoId] }),
    foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }).onDelete(
      'cascade',
    ),
  ],
)

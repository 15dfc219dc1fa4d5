import { jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core'
import { studioId } from './columns.js'
import { studio } from './studio.js'

/** What a supplier's catalog said last to a question, for when it does not answer. */
export const catalogAnswer = pgTable(
  'catalog_answer',
  {
    studioId: studioId().references(() => studio.id),
    key: text('key').notNull(),
    answer: jsonb('answer').notNull(),
    fetchedAt: timestamp('fetched_at', { withTimezone: true }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.studioId, t.key] })],
)

import { bigint, foreignKey, integer, primaryKey, uuid } from 'drizzle-orm/pg-core'
import { job } from './studio.js'

export const studioId = () => uuid('studio_id').notNull()

export const jobId = () => uuid('job_id').notNull()

export const version = () => integer('version').notNull().default(1)

export const minor = (name: string) => bigint(name, { mode: 'number' }).notNull()

/** Columns and keys that every part of a job shares. */
export const part = () => ({
  studioId: studioId(),
  jobId: jobId(),
  id: uuid('id').notNull(),
  version: version(),
})

export const ofJob = (t: { studioId: never; jobId: never; id: never }) => [
  primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
  foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }).onDelete('cascade'),
]

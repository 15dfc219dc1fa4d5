import { bigint, foreignKey, integer, primaryKey, uuid, type AnyPgColumn } from 'drizzle-orm/pg-core'
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

interface RowOfJob {
  readonly studioId: AnyPgColumn
  readonly jobId: AnyPgColumn
  readonly id: AnyPgColumn
}

/** The keys of a part: its own, and the one to the job it goes with. */
export const ofJob = (t: RowOfJob) => [
  primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
  foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }).onDelete('cascade'),
]

/** The key of a column that names a row of the same job. */
export const keyTo = (t: Omit<RowOfJob, 'id'>, column: AnyPgColumn, row: RowOfJob) =>
  foreignKey({ columns: [t.studioId, t.jobId, column], foreignColumns: [row.studioId, row.jobId, row.id] })

import { integer, uuid } from 'drizzle-orm/pg-core'

export const studioId = () => uuid('studio_id').notNull()

export const jobId = () => uuid('job_id').notNull()

export const version = () => integer('version').notNull().default(1)

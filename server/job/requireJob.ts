import { and, eq } from 'drizzle-orm'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { notFound } from '../http/problem.js'

/** @throws {Problem} 404 when the studio has no such job */
export async function requireJob(tx: Tx, studioId: string, jobId: string): Promise<void> {
  const rows = await tx
    .select({ id: t.job.id })
    .from(t.job)
    .where(and(eq(t.job.studioId, studioId), eq(t.job.id, jobId)))
  if (rows.length === 0) throw notFound('This job')
}

import { and, eq, sql, type SQL } from 'drizzle-orm'
import type { AnyRowSchema } from '@bonitas/core/model/checks'
import { SCHEMAS, SINGLE, type Collection } from '@bonitas/core/model/registry'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, notFound, Problem } from '../http/problem.js'
import { refuse } from './refuse.js'
import { bare, OF_STUDIO, TABLES } from './tables.js'

/** What the writer saw: a version, or nothing, for a row that is new. */
export type Seen = { readonly version: number } | 'nothing'

export interface Place {
  readonly studioId: string
  readonly jobId: string
  readonly collection: Collection
  readonly id: string
}

function whereRow({ studioId, jobId, collection, id }: Place): SQL | undefined {
  const table = TABLES[collection]
  return and(
    eq(table.studioId, studioId),
    eq(table.id, id),
    table.jobId ? eq(table.jobId, jobId) : collection === 'brief' ? eq(table.id, jobId) : undefined,
  )
}

async function current(tx: Tx, place: Place): Promise<Record<string, unknown> | undefined> {
  const rows = await tx.select().from(TABLES[place.collection]).where(whereRow(place))
  return rows[0] && bare(rows[0])
}

/** @throws {Problem} 404 when the studio has no such job */
export async function requireJob(tx: Tx, studioId: string, jobId: string): Promise<void> {
  const rows = await tx
    .select({ id: t.job.id })
    .from(t.job)
    .where(and(eq(t.job.studioId, studioId), eq(t.job.id, jobId)))
  if (rows.length === 0) throw notFound('This job')
}

function stale(row: unknown): Problem {
  return new Problem(
    412,
    'Changed meanwhile',
    'Someone else changed this since you saw it. Look at both and choose.',
    { current: row ?? null },
  )
}

/**
 * Writes one row of a job: makes it when the writer saw nothing, changes it when the version seen still stands.
 * @returns the row as stored, with its new version
 * @throws {Problem} 404, 409, or 412 with the newer row; {ValidationError} for the fields
 */
export async function putRow(
  tx: Tx,
  place: Place,
  body: unknown,
  seen: Seen,
): Promise<Record<string, unknown>> {
  const schema = SCHEMAS[place.collection]() as unknown as AnyRowSchema
  const row = await schema.validate(body ?? {}, { abortEarly: false })
  if (row.id !== place.id)
    throw new Problem(400, 'Some fields need mending', 'Id differs from the address.', {
      errors: [{ field: 'id', text: 'Id differs from the address. Give the same.' }],
    })
  const table = TABLES[place.collection]
  const now = () => current(tx, place)
  await refuse(tx, place, seen === 'nothing' ? () => Promise.resolve(undefined) : now, row)
  if (seen === 'nothing') {
    if (SINGLE.has(place.collection)) throw conflict('A job has exactly one of these. Change that one.')
    if (place.collection === 'photos')
      throw conflict('A photo begins with its picture: send that first. A picture that was removed is gone.')
    const keys = OF_STUDIO.has(place.collection)
      ? { studioId: place.studioId }
      : { studioId: place.studioId, jobId: place.jobId }
    const made = await tx
      .insert(table)
      .values({ ...row, ...keys, version: 1 } as never)
      .onConflictDoNothing({
        target: (table.jobId ? [table.studioId, table.jobId, table.id] : [table.studioId, table.id]) as never,
      })
      .returning()
    if (!made[0]) throw stale(await current(tx, place))
    return bare(made[0])
  }
  const { id: _id, ...fields } = row
  const changed = await tx
    .update(table)
    .set({ ...fields, version: sql`${table.version} + 1` })
    .where(and(whereRow(place), eq(table.version, seen.version)))
    .returning()
  if (changed[0]) return bare(changed[0])
  const newer = await now()
  if (!newer) throw notFound('This row')
  throw stale(newer)
}

/** Removes a row. @throws {Problem} 404, 409 when something still uses it, 412 with the newer row */
export async function deleteRow(tx: Tx, place: Place, seen: Seen): Promise<void> {
  if (SINGLE.has(place.collection)) throw conflict('A job has exactly one of these; it cannot be removed.')
  if (seen === 'nothing')
    throw new Problem(428, 'Version missing', 'Say which version you saw with If-Match.')
  const table = TABLES[place.collection]
  await refuse(tx, place, () => current(tx, place), undefined)
  const gone = await tx
    .delete(table)
    .where(and(whereRow(place), eq(table.version, seen.version)))
    .returning({ id: table.id })
  if (gone.length > 0) return
  const now = await current(tx, place)
  if (!now) throw notFound('This row')
  throw stale(now)
}

import { alike, merge, type Change, type Row } from '@bonitas/core/model/changes'
import { OF_STUDIO, type Collection } from '@bonitas/core/model/registry'
import type { Did } from '@bonitas/core/model/undo'
import type { Tx } from '../database/database.js'
import { notFound, Problem } from '../http/problem.js'
import { columnName } from '../model/tableOf.js'
import { photosGone, photosBack } from '../photo/keepPictures.js'
import { refuse } from './refuse.js'
import {
  asColumns,
  columnsOf,
  named,
  quoted,
  rowsAt,
  whose,
  type JobOfStudio,
  type Stored,
} from './rowSql.js'
import { inTheWay, namedRowsThere } from './stillNamed.js'

/** Fields in which a change met another's, with the row as it stands; null when it is gone. */
export interface Clash {
  readonly collection: Collection
  readonly id: string
  readonly fields: readonly string[]
  readonly now: Stored | null
}

const keyOf = (collection: string, id: string) => `${collection} ${id}`

/** Rows changed alike: written together, in one statement. */
interface Written {
  readonly collection: Collection
  readonly fields: readonly string[]
  readonly rows: Row[]
}

interface Plan {
  readonly before: ReadonlyMap<string, Stored | undefined>
  readonly after: ReadonlyMap<string, Row | undefined>
}

/** What the group makes of the rows as they stand. @throws {Problem} 412 naming the fields that another changed */
function planned(changes: readonly Change[], before: ReadonlyMap<string, Stored | undefined>): Plan['after'] {
  const now = new Map<string, Row | undefined>(before)
  const clashes: Clash[] = []
  for (const change of changes) {
    const { collection, id } = change
    const key = keyOf(collection, id)
    const row = now.get(key)
    const clash = (fields: readonly string[]) =>
      clashes.push({ collection, id, fields, now: (row as Stored | undefined) ?? null })
    if ('add' in change) {
      const { version: _v, ...stored } = row ?? {}
      if (!row) now.set(key, change.add)
      else if (!alike(stored, change.add)) clash(Object.keys(change.add))
    } else if ('set' in change) {
      if (!row) clash(Object.keys(change.set))
      else {
        const merged = merge(row, change.set, change.was)
        if ('clash' in merged) clash(merged.clash)
        else now.set(key, { ...row, ...merged.write })
      }
    } else if (row) {
      // A row made or changed by this very group is the sender's own to remove.
      const own = row !== before.get(key)
      if (!own && row.version !== change.seen) clash([])
      else now.set(key, undefined)
    }
  }
  if (clashes.length > 0)
    throw new Problem(
      412,
      'Changed meanwhile',
      'Someone else changed the same since you saw it. Look at both and choose.',
      { current: clashes },
    )
  return now
}

/** The rows of a group by what is written: gone, changed alike, new. @throws {Problem} for a row that may not be so */
async function sorted(tx: Tx, job: JobOfStudio, before: Plan['before'], after: Plan['after']) {
  const gone = new Map<Collection, Stored[]>()
  const changed = new Map<string, Written>()
  const fresh = new Map<Collection, Row[]>()
  for (const [key, row] of after) {
    const was = before.get(key)
    if (row === was) continue
    const [collection, id] = key.split(' ') as [Collection, string]
    await refuse(tx, { ...job, collection, id }, was, row)
    if (was && !row) gone.set(collection, [...(gone.get(collection) ?? []), was])
    else if (row && !was) fresh.set(collection, [...(fresh.get(collection) ?? []), row])
    else if (row && was) {
      const fields = Object.keys(row).filter((f) => !alike(row[f], was[f]))
      if (fields.length === 0) continue
      const of = `${collection} ${fields.join()}`
      const group = changed.get(of) ?? { collection, fields, rows: [] }
      group.rows.push(row)
      changed.set(of, group)
    }
  }
  return { gone, changed: [...changed.values()], fresh }
}

/** Writes what goes, then what changes, then what is new: an order that needs no thought, since keys wait for the end. */
async function write(tx: Tx, job: JobOfStudio, { before, after }: Plan): Promise<Did[]> {
  const did: Did[] = []
  const { gone, changed, fresh } = await sorted(tx, job, before, after)
  const done = (collection: Collection, rows: readonly { readonly row: Stored }[]) => {
    for (const { row } of rows)
      did.push({ collection, id: row.id, before: before.get(keyOf(collection, row.id)) ?? null, after: row })
  }
  for (const [collection, rows] of gone) {
    const ids = rows.map((r) => r.id)
    if (collection === 'photos') await photosGone(tx, job, ids)
    await tx.$client.query(
      `delete from ${quoted(collection)} x where ${whose(collection)} and x.id = any($3::uuid[])`,
      [job.studioId, job.jobId, ids],
    )
    for (const row of rows) did.push({ collection, id: row.id, before: row, after: null })
  }
  for (const { collection, fields, rows } of changed) {
    const set = fields.map((f) => `"${columnName(f)}" = n."${columnName(f)}"`).join(', ')
    const only = ['id', ...fields]
    const values = rows.map((r) => asColumns(Object.fromEntries(only.map((f) => [f, r[f]]))))
    const answer = await tx.$client.query<{ row: Stored }>(
      `with x as (update ${quoted(collection)} x set ${set}, version = x.version + 1
         from jsonb_populate_recordset(null::${quoted(collection)}, $3::jsonb) n
         where ${whose(collection)} and x.id = n.id returning x.*)
       select row_to_json(l) as row from (select ${named(collection)} from x) l`,
      [job.studioId, job.jobId, JSON.stringify(values)],
    )
    done(collection, answer.rows)
  }
  for (const [collection, rows] of fresh) {
    if (collection === 'photos')
      await photosBack(
        tx,
        job,
        rows.map((r) => String(r.id)),
      )
    const owner = OF_STUDIO.has(collection) ? ['studio_id'] : ['studio_id', 'job_id']
    const columns = [...owner, ...columnsOf(collection)].map((c) => `"${c}"`).join(', ')
    const values = rows.map((r) => ({
      ...asColumns(r),
      studio_id: job.studioId,
      ...(OF_STUDIO.has(collection) ? {} : { job_id: job.jobId }),
      version: 1,
    }))
    const answer = await tx.$client.query<{ row: Stored }>(
      `with x as (insert into ${quoted(collection)} (${columns})
         select ${columns} from jsonb_populate_recordset(null::${quoted(collection)}, $1::jsonb) returning *)
       select row_to_json(l) as row from (select ${named(collection)} from x) l`,
      [JSON.stringify(values)],
    )
    done(collection, answer.rows)
  }
  const way = await inTheWay(tx, job, gone)
  if (way.length > 0)
    throw new Problem(
      409,
      'Something still needs it',
      `Still in use: ${[...new Set(way.map((w) => w.name))].slice(0, 5).join(', ')}. Take that out as well, or keep it.`,
      { current: way },
    )
  await namedRowsThere(tx, job, did)
  return did
}

/**
 * Does a group of changes whole or not at all. The transaction must hold the job's lock and have its constraints deferred
 * ({@link openJob}).
 *
 * @returns what it did, row by row, in the order written: what undo needs
 * @throws {Problem} 404 for a job that is not there; 409 naming rows in the way; 412 naming fields that another changed
 */
export async function changeRows(tx: Tx, job: JobOfStudio, changes: readonly Change[]): Promise<Did[]> {
  const touched = new Map<Collection, Set<string>>()
  for (const { collection, id } of changes) {
    const ids = touched.get(collection) ?? new Set<string>()
    ids.add(id)
    touched.set(collection, ids)
  }
  const before = new Map<string, Stored | undefined>()
  for (const [collection, ids] of touched) {
    const found = await rowsAt(tx, job, collection, [...ids])
    for (const id of ids) before.set(keyOf(collection, id), found.get(id))
  }
  const ownRow = [...before].some(([key, row]) => row && !OF_STUDIO.has(key.split(' ')[0] as Collection))
  if (!ownRow) await requireThere(tx, job)
  return write(tx, job, { before, after: planned(changes, before) })
}

async function requireThere(tx: Tx, job: JobOfStudio): Promise<void> {
  const { rowCount } = await tx.$client.query({
    name: 'job is there',
    text: 'select 1 from job where studio_id = $1 and id = $2',
    values: [job.studioId, job.jobId],
  })
  if (!rowCount) throw notFound('This job')
}

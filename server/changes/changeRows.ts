import { alike, merge, type Change, type Row } from '@bonitas/core/model/changes'
import { plainName, type InTheWay } from '@bonitas/core/model/cascade'
import { REFERENCES, referencesTo, type ReferenceOf } from '@bonitas/core/model/references'
import { isCollection, OF_STUDIO, rowDef, type Collection } from '@bonitas/core/model/registry'
import type { Did } from '@bonitas/core/model/undo'
import type { Tx } from '../database/database.js'
import { conflict, notFound, Problem } from '../http/problem.js'
import { tableNameOf } from '../model/keys.js'
import { columnName } from '../model/tableOf.js'
import { photosGone, photosBack } from '../photo/keepPictures.js'
import { refuse } from './refuse.js'

export interface JobOfStudio {
  readonly studioId: string
  readonly jobId: string
}

type Stored = Row & { readonly id: string; readonly version: number }

/** Fields in which a change met another's, with the row as it stands; null when it is gone. */
export interface Clash {
  readonly collection: Collection
  readonly id: string
  readonly fields: readonly string[]
  readonly now: Stored | null
}

const quoted = (collection: string): string => `"${tableNameOf(collection) ?? ''}"`
/** Whose rows, with $1 the studio and $2 the job; the brief is the job itself. */
function whose(collection: string): string {
  if (collection === 'brief') return 'x.studio_id = $1 and x.id = $2'
  const shared = isCollection(collection) && OF_STUDIO.has(collection)
  return shared ? 'x.studio_id = $1 and $2::uuid is not null' : 'x.studio_id = $1 and x.job_id = $2'
}
const columnsOf = (collection: Collection): readonly string[] => [
  ...Object.keys(rowDef(collection).fields).map(columnName),
  'version',
]
const named = (collection: Collection): string =>
  [...Object.keys(rowDef(collection).fields), 'version']
    .map((f) => `x."${columnName(f)}" as "${f}"`)
    .join(', ')
const asColumns = (row: Row): Row =>
  Object.fromEntries(Object.entries(row).map(([field, value]) => [columnName(field), value]))

const keyOf = (collection: string, id: string) => `${collection} ${id}`

/** The rows a group touches, as they stand, one query a collection. */
async function rowsAt(
  tx: Tx,
  job: JobOfStudio,
  collection: Collection,
  ids: readonly string[],
): Promise<ReadonlyMap<string, Stored>> {
  const { rows } = await tx.$client.query<{ row: Stored }>({
    name: `rows of ${collection}`,
    text: `select row_to_json(l) as row from (select ${named(collection)} from ${quoted(collection)} x
           where ${whose(collection)} and x.id = any($3::uuid[])) l`,
    values: [job.studioId, job.jobId, ids],
  })
  return new Map(rows.map(({ row }) => [row.id, row]))
}

/** How a query finds rows that name any of the ids in $3, in each shape a reference can have. */
function naming(reference: ReferenceOf): string {
  const column = `x."${columnName(reference.field)}"`
  const prefixed = `(select '${reference.prefix ?? ''}' || unnest($3::text[]))`
  if (reference.kind === 'refs') return `${column} ?| $3::text[]`
  if (reference.kind === 'finding') return `string_to_array(${column}, '|') && array${prefixed}`
  return reference.prefix ? `${column} in ${prefixed}` : `${column} = any($3::text[]::uuid[])`
}

/** Rows that still name what has gone and are no part of the group: in one query for each collection that lost rows. */
async function inTheWay(
  tx: Tx,
  job: JobOfStudio,
  gone: ReadonlyMap<Collection, readonly Stored[]>,
): Promise<InTheWay[]> {
  const found: InTheWay[] = []
  for (const [collection, rows] of gone) {
    const references = referencesTo(collection).filter((r) => !r.past && tableNameOf(r.from) !== undefined)
    if (references.length === 0) continue
    const text = references
      .map(
        (r, n) =>
          `select ${n} as of, row_to_json(x) as row from ${quoted(r.from)} x where ${whose(r.from)} and ${naming(r)}`,
      )
      .join(' union all ')
    const answer = await tx.$client.query<{ of: number; row: Row & { id: string } }>(text, [
      job.studioId,
      job.jobId,
      rows.map((r) => r.id),
    ])
    for (const { of, row } of answer.rows) {
      const reference = references[of]
      if (!reference) continue
      const fields = Object.fromEntries(
        Object.entries(row).map(([column, value]) => [
          column.replace(/_([a-z])/g, (_a, c: string) => c.toUpperCase()),
          value,
        ]),
      ) as Row & { id: string }
      found.push({
        collection: reference.from,
        id: row.id,
        name: plainName(reference.from, fields),
        field: reference.field,
        record: reference.record,
      })
    }
  }
  return found
}

/** Ids inside lists and texts, which no key of the database holds: each must name a row that is there. */
async function namedRowsThere(tx: Tx, job: JobOfStudio, written: readonly Did[]): Promise<void> {
  const wanted = new Map<string, Map<string, { readonly did: Did; readonly field: string }>>()
  for (const did of written)
    for (const r of REFERENCES) {
      if (r.from !== did.collection || r.kind === 'ref' || r.kind === 'finding' || !did.after) continue
      const value = did.after[r.field]
      const before = did.before?.[r.field]
      const ids =
        r.kind === 'refs'
          ? (value as readonly string[]).filter((id) => !((before ?? []) as readonly string[]).includes(id))
          : typeof value === 'string' && value !== before && r.prefix && value.startsWith(r.prefix)
            ? [value.slice(r.prefix.length)]
            : []
      for (const id of ids) {
        const of = wanted.get(r.to) ?? new Map<string, { readonly did: Did; readonly field: string }>()
        of.set(id, { did, field: r.field })
        wanted.set(r.to, of)
      }
    }
  for (const [collection, ids] of wanted) {
    const { rows } = await tx.$client.query<{ id: string }>(
      `select x.id::text as id from ${quoted(collection)} x where ${whose(collection)} and x.id::text = any($3::text[])`,
      [job.studioId, job.jobId, [...ids.keys()]],
    )
    const there = new Set(rows.map((r) => r.id))
    for (const [id, { did, field }] of ids)
      if (!there.has(id)) {
        const label = rowDef(did.collection).fields[field]?.label ?? field
        const text = `${label} names something that is not in this job. Choose again.`
        throw conflict(text, [{ field, text, row: { collection: did.collection, id: did.id } }])
      }
  }
}

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

import { and, eq, fillPlaceholders, getTableColumns, sql, type SQL } from 'drizzle-orm'
import { PgDialect, type PgColumn, type PgTable } from 'drizzle-orm/pg-core'
import { LRUCache } from 'lru-cache'
import {
  COLLECTIONS,
  OF_STUDIO,
  RECORD_NAMES,
  recordDef,
  rowDef,
  type Collection,
  type RecordName,
} from '@bonitas/core/model/registry'
import { MODEL_HASH } from '@bonitas/core/model/hash'
import { packed, USUAL, type Columns } from '@bonitas/core/model/sparse'
import type { JobSnapshot, Studio } from '@bonitas/core/model/snapshot'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { RECORD_TABLES } from '../model/recordTables.js'
import { TABLES } from '../model/rowTables.js'
import type { SnapshotMarks } from './snapshotMarks.js'

type Part = PgTable & { readonly studioId: PgColumn; readonly jobId: PgColumn }
type Named = Readonly<Record<string, PgColumn>>

const studioId = sql.placeholder('studioId')
const jobId = sql.placeholder('jobId')

const ofThisJob = (table: Part): SQL => sql`${and(eq(table.studioId, studioId), eq(table.jobId, jobId))}`

/** What is sent of each collection: its fields and what the database adds to them, in columns under the core's names. */
interface Sent {
  readonly table: PgTable
  readonly columns: readonly (readonly [name: string, column: PgColumn])[]
  /** The rows, sorted, as a query under the core's names. */
  readonly rows: SQL
  /** Columns that come from another table: the name of who wrote it. */
  readonly more: readonly string[]
}

const named = (columns: readonly (readonly [string, PgColumn])[]): SQL =>
  sql.join(
    columns.map(([name, column]) => sql`${column} as ${sql.identifier(name)}`),
    sql`, `,
  )

const inOrder = (all: Named, order: readonly string[]): SQL =>
  order.length > 0
    ? sql` order by ${sql.join(
        order.flatMap((f) => all[f] ?? []),
        sql`, `,
      )}`
    : sql``

function rowsOf(collection: Collection): Sent {
  const def = rowDef(collection)
  const table = TABLES[collection] as unknown as Part
  const all = getTableColumns(table) as Named
  const columns = [...Object.keys(def.fields), 'version'].map((f) => [f, all[f] as PgColumn] as const)
  const where = OF_STUDIO.has(collection) ? sql`${table.studioId} = ${studioId}` : ofThisJob(table)
  const rows = sql`select ${named(columns)} from ${table} where ${where}${inOrder(all, def.order)}`
  return { table, columns, rows, more: [] }
}

function recordsOf(name: RecordName): Sent {
  const def = recordDef(name)
  const table = RECORD_TABLES[name] as unknown as Part
  const all = getTableColumns(table) as Named
  const columns = [...(def.counted ? ['seq'] : []), ...Object.keys(def.fields)].map(
    (f) => [f, all[f] as PgColumn] as const,
  )
  const order = inOrder(all, [
    ...def.order,
    ...(def.counted ? ['seq'] : []),
    ...(def.signed ? ['createdAt'] : []),
  ])
  if (def.signed !== 'shown')
    return {
      table,
      columns,
      rows: sql`select ${named(columns)} from ${table} where ${ofThisJob(table)}${order}`,
      more: [],
    }
  const rows = sql`select ${named(columns)}, ${t.member.name} as "memberName"
    from ${table} join ${t.member} on ${and(eq(t.member.studioId, table.studioId), sql`${t.member.id} = ${all.memberId}`)}
    where ${ofThisJob(table)}${order}`
  return { table, columns, rows, more: ['memberName'] }
}

/** Rows made into JSON by their type: several times quicker than pair by pair. */
const list = ({ rows }: Sent): SQL =>
  sql`(select coalesce(json_agg(row_to_json(listed)), '[]') from (${rows}) listed)`

/** A row there is one of. */
const one = ({ rows }: Sent): SQL => sql`(select row_to_json(listed) from (${rows}) listed)`

/** A value as PostgreSQL writes it; an empty list is an empty array of JSON. */
const literal = (value: unknown): SQL =>
  Array.isArray(value)
    ? sql.raw(`'[]'::jsonb`)
    : sql.raw(typeof value === 'string' ? `'${value.replaceAll("'", "''")}'` : String(value))

/** Types whose text has no comma in it and is never empty: a column of them travels as one text, joined by commas. */
const JOINED: ReadonlySet<string> = new Set([
  'PgUUID',
  'PgInteger',
  'PgBigInt53',
  'PgDoublePrecision',
  'PgDateString',
])

/**
 * A long list by columns, each over all its rows; a column that holds nothing but what it usually does is null. Ids,
 * numbers and days come joined, nothing as nothing between two commas; the rest as an array. PostgreSQL writes it in a
 * quarter of the time it takes for as many objects.
 */
function inColumns({ columns, more, rows }: Sent, usual: Readonly<Record<string, unknown>>): SQL {
  const typed: (readonly [string, string])[] = [
    ...columns.map(([name, column]) => [name, column.columnType] as const),
    ...more.map((name) => [name, 'PgText'] as const),
  ]
  const made = typed.map(([name, type]) => {
    const at = sql.identifier(name)
    const all = JOINED.has(type) ? sql`string_agg(coalesce(${at}::text, ''), ',')` : sql`array_agg(${at})`
    const value = usual[name]
    if (value === undefined) return sql`${all} as ${at}`
    return sql`case when bool_or(${at} is distinct from ${literal(value)}) then ${all} end as ${at}`
  })
  return sql`(select row_to_json(columns) from (select ${sql.join(made, sql`, `)} from (${rows}) listed) columns)`
}

/** The lists that may be long are written out by themselves. */
const LONG_NAMES = ['options', 'entries'] as const
const isLong = (name: string) => LONG_NAMES.includes(name as (typeof LONG_NAMES)[number])

const job = getTableColumns(TABLES.brief) as unknown as Named
const brief = Object.keys(rowDef('brief').fields)
  .concat('version')
  .map((f) => [f, job[f] as PgColumn] as const)
const client = getTableColumns(TABLES.client) as unknown as Named
const clientColumns = Object.keys(rowDef('client').fields)
  .concat('version')
  .map((f) => [f, client[f] as PgColumn] as const)
/** One row of the query's own tables as JSON. */
const asJson = (columns: readonly (readonly [string, PgColumn])[]): SQL =>
  sql`json_build_object(${sql.join(
    columns.map(([name, column]) => sql`${sql.raw(`'${name}'`)}, ${column}`),
    sql`, `,
  )})`

/** What the other closed jobs of the studio have taught. */
const LESSONS = sql`(select coalesce(json_agg(taught.one order by closed.closed_on, closed.id, taught.at), '[]')
  from ${t.job} closed, jsonb_array_elements(closed.learned) with ordinality taught(one, at)
  where closed.studio_id = ${studioId} and closed.id <> ${jobId} and closed.closed_on is not null)`

// Written once and prepared under a name: planning thirty parts takes longer than reading them.
const query = (sparse: boolean) => {
  const part = (name: string, value: SQL) => sql`${sql.raw(`'${name}'`)}, ${value}`
  const parts = [
    part('brief', asJson(brief)),
    part('client', asJson(clientColumns)),
    ...COLLECTIONS.filter((c) => c !== 'brief' && c !== 'client' && !(sparse && isLong(c))).map((c) =>
      part(
        c,
        rowDef(c).one
          ? one(rowsOf(c))
          : sparse && c === 'items'
            ? inColumns(rowsOf(c), USUAL.items)
            : list(rowsOf(c)),
      ),
    ),
    part(
      'bookWords',
      sql`(select ${t.studio.bookTexts} from ${t.studio} where ${t.studio.id} = ${studioId})`,
    ),
    part('lessons', LESSONS),
    ...RECORD_NAMES.filter((r) => !(sparse && isLong(r))).map((r) => part(r, list(recordsOf(r)))),
  ]
  // A function of PostgreSQL takes a hundred arguments, fifty parts; two halves make one object.
  const half = Math.ceil(parts.length / 2)
  const made = [parts.slice(0, half), parts.slice(half)].map(
    (some) => sql`json_build_object(${sql.join(some, sql`, `)})`,
  )
  return new PgDialect().sqlToQuery(sql`select ${made[0]}::text as one, ${made[1]}::text as two
  from ${t.job} join ${t.client} on ${and(eq(t.client.studioId, t.job.studioId), eq(t.client.id, t.job.clientId))}
  where ${and(eq(t.job.studioId, studioId), eq(t.job.id, jobId))}`)
}
const WHOLE = { name: 'job snapshot', ...query(false) }
/** Without the lists that may be long. */
const SPARSE = { name: 'sparse job snapshot', ...query(true) }
const listed = (columns: SQL) => new PgDialect().sqlToQuery(sql`select ${columns}::text as list`)
const LONG = {
  options: { name: 'options in columns', ...listed(inColumns(rowsOf('options'), USUAL.options)) },
  entries: { name: 'entries in columns', ...listed(inColumns(recordsOf('entries'), USUAL.entries)) },
}

/** How a job is written out: the queries that do it. */
export const shapeOf = (sparse: boolean): string =>
  sparse ? SPARSE.sql + LONG.options.sql + LONG.entries.sql : WHOLE.sql

/**
 * Long lists as they were last written out, by job and mark. A list under its mark is the same whoever writes it, so a
 * process that has none of them only takes longer.
 */
const written = new LRUCache<string, string>({ maxSize: 64e6, sizeCalculation: (text) => text.length + 1 })

async function longList(
  tx: Tx,
  studio: Studio,
  id: string,
  name: keyof typeof LONG,
  mark: string,
): Promise<string> {
  const key = `${studio.id} ${id} ${name} ${mark}`
  const before = written.get(key)
  if (before !== undefined) return before
  const { name: queryName, sql: text, params } = LONG[name]
  const values = fillPlaceholders(params, { studioId: studio.id, jobId: id })
  const { rows } = await tx.$client.query<{ list: string }>({ name: queryName, text, values })
  const list = JSON.stringify(packed(JSON.parse(rows[0]?.list ?? '{}') as Columns<object>))
  written.set(key, list)
  return list
}

/**
 * Loads one job in a single query whatever its size: each part is a list of JSON rows made by PostgreSQL, so the
 * parts are of one moment and cost one round trip together.
 *
 * @returns undefined when this studio has no such job
 */
export async function loadSnapshot(tx: Tx, studio: Studio, id: string): Promise<JobSnapshot | undefined> {
  const text = await snapshotText(tx, studio, id)
  return text === undefined ? undefined : (JSON.parse(text) as JobSnapshot)
}

/**
 * The same as the JSON it is sent as: PostgreSQL has written it, and nobody here needs to read it.
 *
 * @param sparse its longest lists in columns, as `whole` reads them: their marks, in this transaction
 */
export async function snapshotText(
  tx: Tx,
  studio: Studio,
  id: string,
  sparse?: Pick<SnapshotMarks, keyof typeof LONG>,
): Promise<string | undefined> {
  const { name: queryName, sql: text, params } = sparse ? SPARSE : WHOLE
  const values = fillPlaceholders(params, { studioId: studio.id, jobId: id })
  const { rows } = await tx.$client.query<{ one: string; two: string }>({ name: queryName, text, values })
  const [found] = rows
  if (!found) return undefined
  const { name, currency, locale, system, paper, timeZone } = studio
  const parts = [
    `"studio":${JSON.stringify({ id: studio.id, name, currency, locale, system, paper, timeZone })}`,
  ]
  if (sparse) parts.push(`"model":"${MODEL_HASH}"`)
  if (sparse)
    for (const list of ['options', 'entries'] as const)
      parts.push(`"${list}":${await longList(tx, studio, id, list, sparse[list])}`)
  const inside = (text: string) => text.slice(text.indexOf('{') + 1, text.lastIndexOf('}'))
  return `{${[...parts, inside(found.one), inside(found.two)].join()}}`
}

import { and, eq, fillPlaceholders, getTableColumns, sql, type SQL } from 'drizzle-orm'
import { PgDialect, type PgColumn, type PgTable } from 'drizzle-orm/pg-core'
import { LRUCache } from 'lru-cache'
import { packed, USUAL, type Columns } from '@bonitas/core/model/sparse'
import type { JobSnapshot, Studio } from '@bonitas/core/model/snapshot'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import type { SnapshotMarks } from './snapshotMarks.js'

type Part = PgTable & { studioId: PgColumn; jobId: PgColumn }

const WHOSE: ReadonlySet<string> = new Set(['studioId', 'jobId', 'createdAt'])
// Who wrote it is kept for the record and not sent with every job.
const UNSENT = 'memberId'

/** A row as JSON under the names the core uses, without the keys that say whose it is. */
function asJson(table: PgTable): SQL {
  const pairs = Object.entries(getTableColumns(table))
    .filter(([name]) => !WHOSE.has(name) && name !== UNSENT)
    .map(([name, column]) => sql`${sql.raw(`'${name}'`)}, ${column}`)
  return sql`json_build_object(${sql.join(pairs, sql`, `)})`
}

const studioId = sql.placeholder('studioId')
const jobId = sql.placeholder('jobId')

/** Rows under the names the core uses, made into JSON by their type: several times quicker than pair by pair. */
function list(table: Part, ...order: PgColumn[]): SQL {
  const sorted = order.length > 0 ? sql` order by ${sql.join(order, sql`, `)}` : sql``
  return sql`(select coalesce(json_agg(row_to_json(listed)), '[]') from (select ${columnsOf(table)} from ${table}
    where ${ofThisJob(table)}${sorted}) listed)`
}

const ofThisJob = (table: Part): SQL => sql`${and(eq(table.studioId, studioId), eq(table.jobId, jobId))}`

/** Rows of a list that only grows, oldest first, each with the name of who wrote it. */
function signed(table: Part & { memberId: PgColumn }, order: PgColumn): SQL {
  return sql`select ${columnsOf(table)}, ${t.member.name} as "memberName"
    from ${table} join ${t.member} on ${and(eq(t.member.studioId, table.studioId), eq(t.member.id, table.memberId))}
    where ${ofThisJob(table)} order by ${order}`
}

const withMember = (table: Part & { memberId: PgColumn }, order: PgColumn): SQL =>
  sql`(select coalesce(json_agg(row_to_json(listed)), '[]') from (${signed(table, order)}) listed)`

/** A value as PostgreSQL writes it; an empty list is an empty array of JSON. */
const literal = (value: unknown): SQL =>
  Array.isArray(value)
    ? sql.raw(`'[]'::jsonb`)
    : sql.raw(typeof value === 'string' ? `'${value.replaceAll("'", "''")}'` : String(value))

const sentColumns = (table: PgTable) =>
  Object.entries(getTableColumns(table)).filter(([name]) => !WHOSE.has(name) && name !== UNSENT)

/** Columns under the names the core uses. */
const columnsOf = (table: PgTable): SQL =>
  sql.join(
    sentColumns(table).map(([name, column]) => sql`${column} as ${sql.identifier(name)}`),
    sql`, `,
  )

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
function inColumns(
  table: PgTable,
  more: readonly string[],
  usual: Readonly<Record<string, unknown>>,
  rows: SQL,
): SQL {
  const named: [string, string][] = [
    ...sentColumns(table).map(([name, column]): [string, string] => [name, column.columnType]),
    ...more.map((name): [string, string] => [name, 'PgText']),
  ]
  const columns = named.map(([name, type]) => {
    const at = sql.identifier(name)
    const all = JOINED.has(type) ? sql`string_agg(coalesce(${at}::text, ''), ',')` : sql`array_agg(${at})`
    const value = usual[name]
    if (value === undefined) return sql`${all} as ${at}`
    return sql`case when bool_or(${at} is distinct from ${literal(value)}) then ${all} end as ${at}`
  })
  return sql`(select row_to_json(columns) from (select ${sql.join(columns, sql`, `)} from (${rows}) listed) columns)`
}

const columnsOfJob = (table: Part, usual: Readonly<Record<string, unknown>>, ...order: PgColumn[]): SQL =>
  inColumns(
    table,
    [],
    usual,
    sql`select ${columnsOf(table)} from ${table} where ${ofThisJob(table)} order by ${sql.join(order, sql`, `)}`,
  )

const signedColumns = (
  table: Part & { memberId: PgColumn },
  usual: Readonly<Record<string, unknown>>,
  order: PgColumn,
): SQL => inColumns(table, ['memberName'], usual, signed(table, order))

// Written once and prepared under a name: planning thirty parts takes longer than reading them.
const query = (sparse: boolean) =>
  new PgDialect().sqlToQuery(sql`
  select json_build_object(
    'brief', ${asJson(t.job)},
    'client', ${asJson(t.client)},
    'schools', ${list(t.schools)} -> 0,
    'people', ${list(t.person, t.person.position, t.person.id)},
    'uses', ${list(t.use, t.use.position)},
    'focuses', ${list(t.focus, t.focus.position)},
    'limits', ${list(t.limit, t.limit.what, t.limit.id)},
    'consents', ${list(t.consent, t.consent.on, t.consent.id)},
    'allotments', ${list(t.allotment, t.allotment.category)},
    'visits', ${list(t.visit, t.visit.on, t.visit.id)},
    'works', ${list(t.work, t.work.what, t.work.id)},
    'photos', ${list(t.photo, t.photo.position, t.photo.id)},
    'room', ${list(t.room)} -> 0,
    'walls', ${list(t.wall, t.wall.position, t.wall.id)},
    'ceilings', ${list(t.ceiling, t.ceiling.name, t.ceiling.id)},
    'diagonals', ${list(t.diagonal, t.diagonal.id)},
    'openings', ${list(t.opening, t.opening.wallId, t.opening.startMm, t.opening.id)},
    'fixtures', ${list(t.fixture, t.fixture.wallId, t.fixture.startMm, t.fixture.id)},
    'passages', ${list(t.passage, t.passage.position, t.passage.id)},
    'finishes', ${list(t.finish, t.finish.name)},
    'placements', ${list(t.placement, t.placement.surface)},
    'pieces', ${list(t.piece, t.piece.position, t.piece.id)},
    'parts', ${list(t.wallPart, t.wallPart.name, t.wallPart.id)},
    'schemes', ${list(t.scheme, t.scheme.position, t.scheme.id)},
    'dressings', ${list(t.dressing, t.dressing.id)},
    'pulls', ${list(t.pull, t.pull.position, t.pull.id)},
    'stands', ${list(t.stand, t.stand.pieceId, t.stand.number, t.stand.id)},
    'hangs', ${list(t.hang, t.hang.wallId, t.hang.xMm, t.hang.id)},
    'frames', ${list(t.frame, t.frame.pieceId, t.frame.id)},
    'setOuts', ${list(t.setOut, t.setOut.wallId, t.setOut.startMm, t.setOut.id)},
    'lights', ${list(t.light, t.light.name, t.light.id)},
    'houseRules', ${list(t.houseRule, t.houseRule.need)},
    'items', ${sparse ? columnsOfJob(t.item, USUAL.items, t.item.position, t.item.id) : list(t.item, t.item.position, t.item.id)},
    ${sparse ? sql`` : sql`'options', ${list(t.option, t.option.name, t.option.id)}, 'entries', ${withMember(t.ledgerEntry, t.ledgerEntry.seq)},`}
    'makings', ${list(t.making, t.making.optionId, t.making.position, t.making.id)},
    'sightings', ${list(t.sighting, t.sighting.optionId, t.sighting.on, t.sighting.id)},
    'offers', ${list(t.offer, t.offer.name, t.offer.id)},
    'vouchers', ${list(t.voucher, t.voucher.name, t.voucher.id)},
    'proposals', ${list(t.proposal, t.proposal.proposedOn, t.proposal.id)},
    'receipts', ${list(t.receipt, t.receipt.on, t.receipt.id)},
    'claims', ${list(t.claim, t.claim.madeOn, t.claim.id)},
    'loans', ${list(t.loan, t.loan.takenOn, t.loan.id)},
    'suppliers', (select coalesce(json_agg(${asJson(t.supplier)} order by ${t.supplier.name}), '[]')
                  from ${t.supplier} where ${eq(t.supplier.studioId, studioId)}),
    'acceptances', ${list(t.acceptance)},
    'changeOrders', ${list(t.changeOrder, t.changeOrder.agreedOn, t.changeOrder.createdAt)},
    'orders', ${list(t.purchaseOrder, t.purchaseOrder.number)},
    'lines', ${list(t.orderLine, t.orderLine.itemName)},
    'orderEvents', ${withMember(t.orderEvent, t.orderEvent.seq)}
  )::text as job
  from ${t.job} join ${t.client} on ${and(eq(t.client.studioId, t.job.studioId), eq(t.client.id, t.job.clientId))}
  where ${and(eq(t.job.studioId, studioId), eq(t.job.id, jobId))}`)
const WHOLE = { name: 'job snapshot', ...query(false) }
/** Without the lists that may be long. */
const SPARSE = { name: 'sparse job snapshot', ...query(true) }
const listed = (columns: SQL) => new PgDialect().sqlToQuery(sql`select ${columns}::text as list`)
const LONG = {
  options: {
    name: 'options in columns',
    ...listed(columnsOfJob(t.option, USUAL.options, t.option.name, t.option.id)),
  },
  entries: {
    name: 'entries in columns',
    ...listed(signedColumns(t.ledgerEntry, USUAL.entries, t.ledgerEntry.seq)),
  },
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
  const key = `${id} ${name} ${mark}`
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
  const { rows } = await tx.$client.query<{ job: string }>({ name: queryName, text, values })
  const found = rows[0]?.job
  if (found === undefined) return undefined
  const { name, currency, locale, system } = studio
  const parts = [`"studio":${JSON.stringify({ id: studio.id, name, currency, locale, system })}`]
  if (sparse)
    for (const list of ['options', 'entries'] as const)
      parts.push(`"${list}":${await longList(tx, studio, id, list, sparse[list])}`)
  return `{${parts.join()},${found.slice(found.indexOf('{') + 1)}`
}

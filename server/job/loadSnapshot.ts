import { and, eq, fillPlaceholders, getTableColumns, sql, type SQL } from 'drizzle-orm'
import { PgDialect, type PgColumn, type PgTable } from 'drizzle-orm/pg-core'
import type { JobSnapshot, Studio } from '@bonitas/core/job/snapshot'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'

type Part = PgTable & { studioId: PgColumn; jobId: PgColumn }

const WHOSE: ReadonlySet<string> = new Set(['studioId', 'jobId', 'createdAt'])
// Who wrote it is kept for the record and not sent with every job.
const UNSENT = 'memberId'

/** A row as JSON under the names the core uses, without the keys that say whose it is. */
function asJson(table: PgTable, more: { and?: SQL } = {}): SQL {
  const pairs = Object.entries(getTableColumns(table))
    .filter(([name]) => !WHOSE.has(name) && name !== UNSENT)
    .map(([name, column]) => sql`${sql.raw(`'${name}'`)}, ${column}`)
  return sql`json_build_object(${sql.join(more.and ? [...pairs, more.and] : pairs, sql`, `)})`
}

const studioId = sql.placeholder('studioId')
const jobId = sql.placeholder('jobId')

/** Rows under the names the core uses, made into JSON by their type: several times quicker than pair by pair. */
function list(table: Part, ...order: PgColumn[]): SQL {
  const sorted = order.length > 0 ? sql` order by ${sql.join(order, sql`, `)}` : sql``
  const columns = Object.entries(getTableColumns(table))
    .filter(([name]) => !WHOSE.has(name) && name !== UNSENT)
    .map(([name, column]) => sql`${column} as ${sql.identifier(name)}`)
  return sql`(select coalesce(json_agg(row_to_json(listed)), '[]') from (select ${sql.join(columns, sql`, `)} from ${table}
    where ${and(eq(table.studioId, studioId), eq(table.jobId, jobId))}${sorted}) listed)`
}

// Written once and prepared under a name: planning thirty parts takes longer than reading them.
const QUERY = new PgDialect().sqlToQuery(sql`
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
    'items', ${list(t.item, t.item.position, t.item.id)},
    'options', ${list(t.option, t.option.name, t.option.id)},
    'makings', ${list(t.making, t.making.optionId, t.making.position, t.making.id)},
    'sightings', ${list(t.sighting, t.sighting.optionId, t.sighting.on, t.sighting.id)},
    'offers', ${list(t.offer, t.offer.name, t.offer.id)},
    'suppliers', (select coalesce(json_agg(${asJson(t.supplier)} order by ${t.supplier.name}), '[]')
                  from ${t.supplier} where ${eq(t.supplier.studioId, studioId)}),
    'acceptances', ${list(t.acceptance)},
    'changeOrders', ${list(t.changeOrder, t.changeOrder.agreedOn, t.changeOrder.createdAt)},
    'orders', ${list(t.purchaseOrder, t.purchaseOrder.number)},
    'lines', ${list(t.orderLine, t.orderLine.itemName)},
    'entries', (select coalesce(json_agg(${asJson(t.ledgerEntry, { and: sql`'memberName', ${t.member.name}` })}
                                         order by ${t.ledgerEntry.seq}), '[]')
                from ${t.ledgerEntry} join ${t.member}
                  on ${and(eq(t.member.studioId, t.ledgerEntry.studioId), eq(t.member.id, t.ledgerEntry.memberId))}
                where ${and(eq(t.ledgerEntry.studioId, studioId), eq(t.ledgerEntry.jobId, jobId))})
  )::text as job
  from ${t.job} join ${t.client} on ${and(eq(t.client.studioId, t.job.studioId), eq(t.client.id, t.job.clientId))}
  where ${and(eq(t.job.studioId, studioId), eq(t.job.id, jobId))}`)

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

/** The same as the JSON it is sent as: PostgreSQL has written it, and nobody here needs to read it. */
export async function snapshotText(tx: Tx, studio: Studio, id: string): Promise<string | undefined> {
  const values = fillPlaceholders(QUERY.params, { studioId: studio.id, jobId: id })
  const { rows } = await tx.$client.query<{ job: string }>({ name: 'job snapshot', text: QUERY.sql, values })
  const found = rows[0]?.job
  if (found === undefined) return undefined
  const { name, currency, locale, system } = studio
  return `{"studio":${JSON.stringify({ id: studio.id, name, currency, locale, system })},${found.slice(found.indexOf('{') + 1)}`
}

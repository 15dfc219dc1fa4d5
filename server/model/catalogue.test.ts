import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest'
import { emptyJob } from '@bonitas/core/examples/emptyJob'
import { withChanges } from '@bonitas/core/model/applyChanges'
import { removalOf, type RowsByName } from '@bonitas/core/model/cascade'
import { REFERENCES } from '@bonitas/core/model/references'
import { COLLECTIONS, rowDef, type Collection } from '@bonitas/core/model/registry'
import { filledRow } from '@bonitas/core/testing/filledRow'
import {
  jobWithItems,
  sendChanges,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
} from '../testing/testServer.js'
import type * as Registry from '@bonitas/core/model/registry'
import { keySql, ROW_KEYS } from './keys.js'
import type * as RowTables from './rowTables.js'

// A collection thrown away after this test goes the whole way with one description: what a developer writes for a new
// one is the description, a line in `registry.ts`, a line in `rowTables.ts`, and the migration with its policy.

vi.mock('@bonitas/core/model/registry', async (original) => {
  const registry = await original<typeof Registry>()
  const { defineRow } = await import('@bonitas/core/model/row')
  const f = await import('@bonitas/core/model/field')
  const trinkets = defineRow({
    name: 'trinkets',
    table: 'trinket',
    stage: 'brief',
    singular: 'a trinket',
    order: ['position', 'id'],
    fields: {
      position: f.whole('Position', 0, 100, 'places').starts(0),
      name: f.text('Trinket', 40),
      widthMm: f.mm('Width', 1, 500).orNone(),
      pieceId: f.ref('pieces', 'Stands on', 'remove'),
      serves: f.refs('uses', 'Serves', 'Use'),
      surface: f.surfaceOrNone('Seen on', 'clear'),
      loved: f.flag('Loved').starts(false),
    },
  })
  const ROWS = { ...registry.ROWS, trinkets }
  const names = Object.keys(ROWS)
  return {
    ...registry,
    ROWS,
    COLLECTIONS: names,
    rowDef: (name: keyof typeof ROWS) => ROWS[name],
    isCollection: (name: string) => Object.hasOwn(ROWS, name),
  }
})
vi.mock('./rowTables.js', async (original) => {
  const tables = await original<typeof RowTables>()
  const { tableOf } = await import('./tableOf.js')
  const { ROWS } = (await import('@bonitas/core/model/registry')) as unknown as { ROWS: { trinkets: never } }
  return { ...tables, TABLES: { ...tables.TABLES, trinkets: tableOf(ROWS.trinkets, () => tables.job) } }
})

// A thread of its own would know nothing of the mocks above: the file is read here.
vi.mock('../isolated/runIsolated.js', () => ({
  runIsolated: async (_work: string, { text, currency }: { text: Buffer; currency: string }) => {
    const { readRows } = await import('../job/bundle.js')
    return readRows(JSON.parse(text.toString('utf8')), currency)
  },
}))

const TRINKETS = 'trinkets' as Collection
let server: TestServer
let me: Member
let jobId: string
const pieceId = randomUUID()
const useId = randomUUID()
const wallId = randomUUID()
const trinket = {
  id: randomUUID(),
  position: 0,
  name: 'Shell',
  widthMm: 39.6875,
  pieceId,
  serves: [useId],
  surface: `wall:${wallId}`,
  loved: true,
}

const MIGRATION = `
  create table trinket (studio_id uuid not null, job_id uuid not null, id uuid not null, version integer not null default 1,
    position integer not null, name text not null, width_mm double precision, piece_id uuid not null, serves jsonb not null,
    surface text not null, loved boolean not null,
    primary key (studio_id, job_id, id), foreign key (studio_id, job_id) references job (studio_id, id) on delete cascade);
  alter table trinket enable row level security; alter table trinket force row level security;
  create policy own_studio on trinket using (studio_id = bonitas_studio()) with check (studio_id = bonitas_studio());`

beforeAll(async () => {
  server = await startTestServer()
  const admin = new pg.Client({ connectionString: server.url })
  await admin.connect()
  await admin.query(MIGRATION)
  for (const key of ROW_KEYS.filter((k) => k.table === 'trinket')) await admin.query(keySql(key))
  await admin.end()
  me = await server.member()
  jobId = (await jobWithItems(me, [])).jobId
  const made = await sendChanges(me, jobId, [
    { collection: 'trinkets', id: trinket.id, add: trinket },
    {
      collection: 'pieces',
      id: pieceId,
      add: {
        ...rowDef('pieces').make({
          id: pieceId,
          name: 'Sill',
          kind: 'shelves',
          widthMm: 900,
          depthMm: 200,
          heightMm: 20,
        }),
      },
    },
    {
      collection: 'uses',
      id: useId,
      add: { ...rowDef('uses').make({ id: useId, name: 'Look', position: 0 }) },
    },
    {
      collection: 'walls',
      id: wallId,
      add: { ...rowDef('walls').make({ id: wallId, position: 0, lengthMm: 4000 }) },
    },
  ])
  expect(made.status, JSON.stringify(made.body)).toBe(200)
})
afterAll(() => server.close())

const trinketsOf = async (id: string) =>
  ((await snapshotOf(me, id)) as unknown as { trinkets: object[] }).trinkets

describe('one description goes the whole way', () => {
  test('it is among the collections, with its references', () => {
    expect(COLLECTIONS).toContain('trinkets')
    expect(REFERENCES.filter((r) => r.from === 'trinkets').map((r) => r.to)).toEqual([
      'pieces',
      'uses',
      'walls',
      'parts',
      'openings',
    ])
    expect(rowDef(TRINKETS).blank()).toEqual({
      position: 0,
      widthMm: null,
      serves: [],
      surface: '',
      loved: false,
    })
    expect(filledRow(rowDef(TRINKETS).fields, 'x', () => 'y')).toMatchObject({
      id: 'x',
      pieceId: 'y',
      serves: ['y'],
    })
    expect(emptyJob()).toMatchObject({ trinkets: [] })
  })

  test('schema, table and snapshot: it comes back as it was sent', async () => {
    expect(await trinketsOf(jobId)).toEqual([{ ...trinket, version: 1 }])
    const bad = await sendChanges<{ errors: { field: string; text: string }[] }>(me, jobId, [
      { collection: 'trinkets', id: trinket.id, set: { widthMm: 900 }, was: { widthMm: 39.6875 } },
    ])
    expect([bad.status, bad.body.errors]).toMatchObject([
      400,
      [{ field: 'widthMm', text: 'Width must be at most 500 mm. Check for digits too many.' }],
    ])
  })

  test('changes merge by field, and the mark of the job is another', async () => {
    const tag = async () => (await me.request('GET', `/api/jobs/${jobId}?sparse`)).headers.get('etag')
    const before = await tag()
    const set = (to: object, was: object) =>
      sendChanges(me, jobId, [{ collection: 'trinkets', id: trinket.id, set: to, was }])
    expect((await set({ name: 'Large shell' }, { name: 'Shell' })).status).toBe(200)
    expect((await set({ loved: false }, { loved: true })).status).toBe(200)
    expect((await set({ name: 'Small shell' }, { name: 'Shell' })).status).toBe(412)
    expect(await trinketsOf(jobId)).toEqual([{ ...trinket, name: 'Large shell', loved: false, version: 3 }])
    expect(await tag()).not.toBe(before)
  })

  test('out as a file and in again, its references to the new ids', async () => {
    const file = await me.request('GET', `/api/jobs/${jobId}/export`)
    const made = await me.request<{ id: string }>('POST', '/api/jobs/import', file.body)
    expect(made.status, JSON.stringify(made.body)).toBe(201)
    const copy = await snapshotOf(me, made.body.id)
    expect(await trinketsOf(made.body.id)).toMatchObject([
      {
        name: 'Large shell',
        widthMm: 39.6875,
        pieceId: copy.pieces[0]!.id,
        serves: [copy.uses[0]!.id],
        surface: `wall:${copy.walls[0]!.id}`,
      },
    ])
    expect(copy.pieces[0]!.id).not.toBe(pieceId)
  })

  test('cascade: what it stands on takes it along, what it serves leaves its list, and the server sees to both', async () => {
    const job = await snapshotOf(me, jobId)
    const gone = removalOf(job as unknown as RowsByName, [{ collection: 'pieces', id: pieceId }])
    expect(gone.changes).toContainEqual({ collection: 'trinkets', id: trinket.id, remove: true })
    expect(
      removalOf(job as unknown as RowsByName, [{ collection: 'uses', id: useId }]).changes,
    ).toContainEqual({
      collection: 'trinkets',
      id: trinket.id,
      set: { serves: [] },
    })
    const alone = await sendChanges<{ detail: string }>(me, jobId, [
      { collection: 'uses', id: useId, remove: true, seen: 1 },
    ])
    expect([alone.status, alone.body.detail]).toEqual([409, expect.stringContaining('Large shell')])
    const along = await sendChanges(me, jobId, [
      { collection: 'pieces', id: pieceId, remove: true, seen: 1 },
      { collection: 'trinkets', id: trinket.id, remove: true, seen: 3 },
    ])
    expect(along.status).toBe(200)
    expect(await trinketsOf(jobId)).toEqual([])
    expect(
      (
        withChanges(job, [{ collection: TRINKETS, id: trinket.id, remove: true, seen: 3 }]) as unknown as {
          trinkets: []
        }
      ).trinkets,
    ).toEqual([])
  })
})

import { ROWS } from '@bonitas/core/model/registry'
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest'

import { inScheme } from '@bonitas/core/job/inScheme'
import { migrate } from './database/migrate.js'
import { databaseAt } from './testing/databaseAt.js'
import {
  finishRow,
  jobWithItems,
  MIGRATIONS,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
  addRow,
  removeRow,
  setRow,
} from './testing/testServer.js'

let server: TestServer
let member: Member
let jobId: string
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
})
beforeEach(async () => {
  jobId = (await jobWithItems(member, [])).jobId
})
afterAll(() => server.close())

interface Row {
  readonly id: string
}
const send = (collection: string, row: Row) =>
  addRow<{ detail?: string; errors?: { field: string }[] }>(member, jobId, collection, row)
async function put<R extends Row>(collection: string, row: R): Promise<R> {
  const { status, body } = await send(collection, row)
  expect([status, body.detail]).toEqual([200, undefined])
  return row
}
const schemeRow = (name: string, more: Record<string, unknown> = {}) => ({
  id: randomUUID(),
  position: 0,
  name,
  note: '',
  overId: null,
  retired: false,
  storedAt: '',
  ...more,
})
const placed = (finishId: string, more: Record<string, unknown> = {}) => ({
  ...ROWS.finishAssignments.blank(),
  id: randomUUID(),
  surface: 'walls',
  finishId,
  ...more,
})
const pieceRow = (name: string, more: Record<string, unknown> = {}) => ({
  ...ROWS.pieces.blank(),
  id: randomUUID(),
  position: 0,
  name,
  kind: 'cushion',
  widthMm: 500,
  depthMm: 500,
  heightMm: 150,
  ...more,
})

describe('what a surface wears', () => {
  test('one finish of each scheme and one shared, and as many still open as there are', async () => {
    const finishes = [await put('finishes', finishRow()), await put('finishes', finishRow())]
    const [one, two] = finishes.map((f) => f.id) as [string, string]
    const winter = await put('schemes', schemeRow('Winter'))
    await put('finishAssignments', placed(one))
    await put('finishAssignments', placed(two, { schemeId: winter.id }))
    for (const twice of [placed(two), placed(one, { schemeId: winter.id })]) {
      const { status, body } = await send('finishAssignments', twice)
      expect(status).toBe(409)
      expect(body.detail).toMatch(/has a finish already/)
    }
    for (const id of finishes) await put('finishAssignments', placed(id.id, { candidate: true }))
    expect((await snapshotOf(member, jobId)).finishAssignments).toHaveLength(4)
  })

  test('a scheme that is not of this job is refused', async () => {
    const finish = await put('finishes', finishRow())
    const { status } = await send('finishAssignments', placed(finish.id, { schemeId: randomUUID() }))
    expect(status).toBe(409)
  })

  test('a scheme that something hangs on, or lies over, stays', async () => {
    const base = await put('schemes', schemeRow('All year'))
    const over = await put('schemes', schemeRow('Winter', { overId: base.id, position: 1 }))
    const removed = (id: string) => removeRow(member, jobId, 'schemes', id, 1)
    expect((await removed(base.id)).status).toBe(409)
    expect((await removed(over.id)).status).toBe(200)
    expect((await removed(base.id)).status).toBe(200)
  })

  test('a piece is dressed once in a scheme', async () => {
    const scheme = await put('schemes', schemeRow('Winter'))
    const piece = await put('pieces', pieceRow('Cushion'))
    const dressing = (more: Record<string, unknown> = {}) => ({
      id: randomUUID(),
      schemeId: scheme.id,
      pieceId: piece.id,
      finishId: null,
      absent: true,
      costMinor: null,
      ...more,
    })
    await put('schemeOverrides', dressing())
    expect((await send('schemeOverrides', dressing())).status).toBe(409)
    const cost = await send('schemeOverrides', dressing({ costMinor: -1 }))
    expect([cost.status, cost.body.errors?.[0]?.field]).toEqual([400, 'costMinor'])
  })
})

test('schemes, what they wear, parts of walls and pulled colors come back out of a job file', async () => {
  const [shared, warm] = [
    await put('finishes', finishRow({ name: 'Lime' })),
    await put(
      'finishes',
      finishRow({
        name: 'Rust check',
        material: 'textile',
        patternKind: 'check',
        patternRepeatMm: 120,
        colors: [{ l: 40, a: 30, b: 30, share: 0.3 }],
        readings: [{ l: 41, a: 29, b: 31 }],
        wear: 'hard-wearing',
      }),
    ),
  ]
  const year = await put('schemes', schemeRow('All year'))
  const winter = await put(
    'schemes',
    schemeRow('Winter', { overId: year.id, position: 1, storedAt: 'the hall chest' }),
  )
  const cushion = await put('pieces', pieceRow('Cushion', { finishId: shared.id }))
  const part = await put('parts', {
    id: randomUUID(),
    name: 'Splashback',
    kind: 'other',
    wallId: null,
    count: 1,
    widthMm: 900,
    heightMm: 450,
  })
  await put('finishAssignments', placed(shared.id))
  await put('finishAssignments', placed(warm.id, { schemeId: winter.id }))
  await put('finishAssignments', placed(warm.id, { surface: `part:${part.id}` }))
  await put('schemeOverrides', {
    id: randomUUID(),
    schemeId: winter.id,
    pieceId: cushion.id,
    finishId: warm.id,
    absent: false,
    costMinor: 2900,
  })
  await put('sampledColors', {
    id: randomUUID(),
    position: 0,
    name: 'the sail',
    labL: 62.5,
    labA: -3.25,
    labB: 14,
    share: 0.4,
    photoId: null,
  })
  const { version, ...brief } = (await snapshotOf(member, jobId)).brief
  await setRow(member, jobId, 'brief', { ...brief, schemeId: winter.id })

  const file = await member.request('GET', `/api/jobs/${jobId}/export`)
  const made = await member.request<{ id: string; detail?: string }>('POST', '/api/jobs/import', file.body)
  expect([made.status, made.body.detail]).toEqual([201, undefined])
  const [before, after] = [await snapshotOf(member, jobId), await snapshotOf(member, made.body.id)]
  const byName = (rows: readonly { id: string; name: string }[]) => new Map(rows.map((r) => [r.id, r.name]))
  const told = (job: typeof before) => {
    const names = byName([...job.finishes, ...job.schemes, ...job.pieces, ...job.parts])
    const name = (id: string | null) => id && names.get(id)
    return {
      follows: name(job.brief.schemeId),
      schemes: job.schemes.map(({ id: _, overId, ...s }) => ({ ...s, over: name(overId), version: 0 })),
      finishAssignments: job.finishAssignments
        .map((p) => {
          const [kind, id] = p.surface.split(':')
          return [kind, name(id ?? null), name(p.finishId), name(p.schemeId)].join('/')
        })
        .sort(),
      schemeOverrides: job.schemeOverrides.map((d) => [
        name(d.schemeId),
        name(d.pieceId),
        name(d.finishId),
        d.absent,
        d.costMinor,
      ]),
      parts: job.parts.map(({ id: _, ...p }) => ({ ...p, version: 0 })),
      sampledColors: job.sampledColors.map(({ id: _, ...p }) => ({ ...p, version: 0 })),
      finishes: job.finishes.map(({ id: _, ...f }) => ({ ...f, version: 0 })),
      worn: inScheme(job)
        .finishAssignments.map((p) => name(p.finishId))
        .sort(),
    }
  }
  expect(told(after)).toEqual(told(before))
  expect(told(after)).toMatchObject({ follows: 'Winter', worn: ['Rust check', 'Rust check'] })
  expect(after.schemes.map((s) => s.id)).not.toContain(winter.id)
})

test('a job file of version 2 is read: the name its scheme had is its first scheme', async () => {
  const old = JSON.parse(readFileSync(new URL('./testing/job-version-2.json', import.meta.url), 'utf8')) as {
    version: number
    finishes: unknown[]
    placements: unknown[]
    pieces: { name: string }[]
    brief: Record<string, unknown>
  }
  expect(old.version).toBe(2)
  const read = async (file: unknown) => {
    const made = await member.request<{ id: string; detail?: string }>('POST', '/api/jobs/import', file)
    expect([made.status, made.body.detail]).toEqual([201, undefined])
    return snapshotOf(member, made.body.id)
  }
  const job = await read(old)
  expect(job.schemes.map((s) => [s.id, s.name])).toEqual([[job.brief.schemeId, 'Sewing by the window']])
  expect(job.pieces.map((p) => p.name)).toEqual(old.pieces.map((p) => p.name))
  expect(job.finishes).toHaveLength(old.finishes.length)
  for (const f of job.finishes)
    expect(f).toMatchObject({ texture: 'smooth', patternKind: 'none', colors: [] })
  // What it wore stays shared by every scheme.
  expect(job.finishAssignments.map((p) => [p.schemeId, p.candidate])).toEqual(
    old.placements.map(() => [null, false]),
  )

  const nameless = await read({ ...old, brief: { ...old.brief, schemeName: ' ' } })
  expect([nameless.schemes, nameless.brief.schemeId]).toEqual([[], null])
})

test('looks named before schemes came are carried over by the migration, each into its own studio', async () => {
  const { url, db } = await databaseAt(6)
  const studios = [randomUUID(), randomUUID()] as const
  const jobs = { named: randomUUID(), nameless: randomUUID(), other: randomUUID() }
  const client = randomUUID()
  const job = (studio: string, id: string, name: string) =>
    `insert into job (studio_id, id, client_id, room_name, place, scheme_name, agreed_minor, reserve_ppm, tax_ppm, prices_include_tax,
       fee_kind, fee_minor, fee_ppm, fee_hours, fee_inside, lead_name, decorate_note, building_note, before_reason, back_primer_minor,
       back_paint_minor, inspiration_note)
     values ('${studio}', '${id}', '${client}', 'R', '', '${name}', 1, 0, 0, true, 'none', 0, 0, 0, true, '', '', '', '', 0, 0, '');`
  for (const s of studios)
    await db.query(`begin; set local bonitas.system = 'on'; set local bonitas.studio = '${s}';
      insert into studio (id, name, currency, locale, system) values ('${s}', 'S', 'EUR', 'en-IE', 'metric');
      insert into client values ('${s}', '${client}', 1, 'C');
      ${s === studios[0] ? job(s, jobs.named, 'Reed & smoke') + job(s, jobs.nameless, ' ') : job(s, jobs.other, 'Salt')}
      commit`)
  const finish = randomUUID()
  await db.query(`begin; set local bonitas.studio = '${studios[0]}';
    insert into finish (studio_id, job_id, id, name, code, material, sheen, role, lab_l, lab_a, lab_b, measured)
      values ('${studios[0]}', '${jobs.named}', '${finish}', 'F', '', 'paint', 'flat', 'main', 50, 0, 0, false);
    insert into placement (studio_id, job_id, id, surface, finish_id, substrate, hold)
      values ('${studios[0]}', '${jobs.named}', gen_random_uuid(), 'walls', '${finish}', 'sound paint', 'applied');
    commit`)
  await migrate(url, MIGRATIONS)
  const seen = async (studio: string, text: string) => {
    await db.query(`set bonitas.studio = '${studio}'`)
    return (await db.query<Record<string, unknown>>(text)).rows
  }
  const names = 'select s.name, j.id from job j left join scheme s on s.id = j.scheme_id order by s.name'
  expect(await seen(studios[0], names)).toEqual([
    { name: 'Reed & smoke', id: jobs.named },
    { name: null, id: jobs.nameless },
  ])
  expect(await seen(studios[1], names)).toEqual([{ name: 'Salt', id: jobs.other }])
  expect(await seen(studios[0], 'select scheme_id, candidate from finish_assignment')).toEqual([
    { scheme_id: null, candidate: false },
  ])
  expect(await seen(studios[0], 'select texture, wear, colors from finish')).toEqual([
    { texture: 'smooth', wear: 'not known', colors: [] },
  ])
  for (const table of ['scheme', 'scheme_override', 'sampled_color', 'wall_part', 'deck', 'sample'])
    expect(await seen(randomUUID(), `select * from ${table}`), table).toEqual([])
  await db.end()
})

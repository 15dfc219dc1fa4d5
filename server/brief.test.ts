import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest'
import { deriveJob } from '@bonitas/core/job/derive'
import { migrate } from './database/migrate.js'
import { databaseAt } from './testing/databaseAt.js'
import {
  jobWithItems,
  MIGRATIONS,
  money,
  orderOf,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
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

const brief = async (change: Record<string, unknown>) => {
  const { version, ...row } = (await snapshotOf(member, jobId)).brief
  return setRow<{ errors?: { field: string; text: string }[] }>(member, jobId, 'brief', { ...row, ...change })
}
const order = (amountMinor: number, more: Record<string, unknown> = {}, key?: string) =>
  money(
    member,
    jobId,
    'change-orders',
    { amountMinor, agreedOn: '2026-11-03', agreedBy: 'Ilka Varga', why: 'bay curtains', ...more },
    key,
  )
const position = async () => deriveJob(await snapshotOf(member, jobId), '2026-11-23').position

describe('the agreed budget', () => {
  test('is free to change until it is agreed, and then moves by change orders only', async () => {
    expect((await brief({ agreedMinor: 500_000 })).status).toBe(200)
    expect((await order(10_000)).status).toBe(409)
    expect((await brief({ agreedOn: '2026-11-01' })).status).toBe(200)
    const raised = await brief({ agreedMinor: 600_000 })
    expect([raised.status, raised.body.errors?.[0]?.field]).toEqual([409, 'agreedMinor'])
    expect((await order(60_000)).status).toBe(201)
    expect((await order(-20_000, { why: 'no cornice' })).status).toBe(201)
    expect((await position()).agreedMinor).toBe(540_000)
    expect((await snapshotOf(member, jobId)).changeOrders.map((c) => [c.amountMinor, c.why])).toEqual([
      [60_000, 'bay curtains'],
      [-20_000, 'no cornice'],
    ])
    const [listed] = (
      await member.request<{ id: string; agreedMinor: number }[]>('GET', '/api/jobs')
    ).body.filter((j) => j.id === jobId)
    expect(listed!.agreedMinor).toBe(540_000)
  })
  test('a slip of the day can be taken back until money hangs on it', async () => {
    await brief({ agreedOn: '2026-11-01' })
    expect((await brief({ agreedOn: null })).status).toBe(200)
    await brief({ agreedOn: '2026-11-02' })
    await order(100)
    const opened = await brief({ agreedOn: null })
    expect([opened.status, opened.body.errors?.[0]?.field]).toEqual([409, 'agreedOn'])
  })
  test('an order binds it too', async () => {
    const job = await jobWithItems(member, [10_000])
    jobId = job.jobId
    await money(member, jobId, 'orders', orderOf([job.items[0]!.itemId]))
    expect((await brief({ agreedMinor: 1 })).status).toBe(409)
    expect((await order(100)).status).toBe(201)
  })
  test('the same order sent twice counts once, and bad ones are refused by field', async () => {
    await brief({ agreedOn: '2026-11-01', agreedMinor: 100_000 })
    const key = randomUUID()
    await Promise.all([order(5000, {}, key), order(5000, {}, key)])
    expect((await snapshotOf(member, jobId)).changeOrders).toHaveLength(1)
    for (const [wish, field] of [
      [{ amountMinor: 0 }, 'amountMinor'],
      [{ amountMinor: 0.5 }, 'amountMinor'],
      [{ agreedOn: 'soon' }, 'agreedOn'],
      [{ agreedBy: ' ' }, 'agreedBy'],
      [{ why: '' }, 'why'],
    ] as const) {
      const answer = await order(5000, wish)
      expect([answer.status, answer.body.errors?.[0]?.field]).toEqual([400, field])
    }
    expect((await order(-200_000)).body.errors?.[0]?.field).toBe('amountMinor')
  })
  test('a change order is never changed or removed', async () => {
    await brief({ agreedOn: '2026-11-01' })
    await order(5000)
    for (const act of ['update change_order set amount_minor = 1', 'delete from change_order'])
      await expect(server.db.asStudio(member.studioId, (tx) => tx.$client.query(act))).rejects.toThrow(
        /append-only/,
      )
  })
})

test('the list of jobs says what the tape says: level of intervention, percentage fee and change orders counted alike', async () => {
  const job = await jobWithItems(member, [10_000, 20_000, 40_000])
  jobId = job.jobId
  const setItem = async (at: number, change: Record<string, unknown>) => {
    const { version, ...row } = (await snapshotOf(member, jobId)).items.find(
      (i) => i.id === job.items[at]!.itemId,
    )!
    await setRow(member, jobId, 'items', { ...row, ...change })
  }
  await setItem(1, { level: 'with building work' })
  await setItem(2, { chosenOptionId: null })
  await brief({
    level: 'decorate only',
    feeKind: 'percent of cost',
    feePpm: 100_000,
    agreedMinor: 500_000,
    agreedOn: '2026-11-01',
  })
  await order(-50_000)
  const tape = await position()
  // A tenth of 100.00 chosen and 400.00 still open at its target; the 200.00 belong to the other level.
  expect(tape).toMatchObject({ agreedMinor: 450_000, chosenMinor: 10_000, feeMinor: 5_000 })
  const [listed] = (await member.request<Record<string, number | string>[]>('GET', '/api/jobs')).body.filter(
    (j) => j.id === jobId,
  )
  for (const figure of [
    'agreedMinor',
    'reserveMinor',
    'paidMinor',
    'orderedMinor',
    'chosenMinor',
    'freeMinor',
  ] as const)
    expect(listed![figure], figure).toBe(tape[figure])
})

test('a job file of version 1 is read: the rectangle becomes four walls, and nothing is lost', async () => {
  const old = JSON.parse(
    readFileSync(new URL('./testing/job-version-1.json', import.meta.url), 'utf8'),
  ) as Record<string, unknown>
  const made = await member.request<{ id: string; detail?: string }>('POST', '/api/jobs/import', old)
  expect([made.status, made.body.detail]).toEqual([201, undefined])
  const job = await snapshotOf(member, made.body.id)
  expect(job.walls.map((w) => [w.name, w.lengthMm])).toEqual([
    ['North wall', 4860],
    ['East wall', 3920],
    ['South wall', 4860],
    ['West wall', 3920],
  ])
  const wall = (name: string) => job.walls.find((w) => w.name === name)!.id
  expect(job.openings.find((o) => o.kind === 'window')!.wallId).toBe(wall('West wall'))
  expect(job.schools.colorScheme).toBe('two mains and one accent')
  expect(job.finishAssignments.find((p) => p.surface.startsWith('wall:'))!.surface).toBe(
    `wall:${wall('North wall')}`,
  )
  expect(job.pieces[0]!.wallId).toBe(wall('East wall'))
  const { areas } = deriveJob(job, '2026-11-23')
  expect(areas!.floorMm2).toBe(4860 * 3920)
})

test('rooms measured before the walls came are carried over by the migration', async () => {
  const { url, db } = await databaseAt(3)
  const ids = { s: randomUUID(), c: randomUUID(), j: randomUUID(), j2: randomUUID(), f: randomUUID() }
  await db.query(`begin; set local bonitas.system = 'on'; set local bonitas.studio = '${ids.s}';
    insert into studio (id, name, currency, locale, system) values ('${ids.s}', 'S', 'EUR', 'en-IE', 'metric');
    insert into client values ('${ids.s}', '${ids.c}', 1, 'C');
    insert into job (studio_id, id, client_id, room_name, place, scheme_name, agreed_minor, reserve_ppm, tax_ppm, prices_include_tax, color_school)
      values ('${ids.s}', '${ids.j}', '${ids.c}', 'R', '', '', 1, 0, 0, true, 'quiet neutral'), ('${ids.s}', '${ids.j2}', '${ids.c}', 'R2', '', '', 1, 0, 0, true, 'quiet neutral');
    insert into room (studio_id, job_id, id, length_mm, width_mm, height_mm, skirting_mm) values ('${ids.s}', '${ids.j}', '${ids.j}', 4000, 3000, 2500, 100), ('${ids.s}', '${ids.j2}', '${ids.j2}', null, null, null, 0);
    insert into opening (studio_id, job_id, id, wall, kind, name, start_mm, width_mm, height_mm, sill_mm)
      values ('${ids.s}', '${ids.j}', gen_random_uuid(), 'west', 'door', 'D', 100, 800, 2000, 0), ('${ids.s}', '${ids.j2}', gen_random_uuid(), 'east', 'window', 'W', 100, 800, 1000, 900);
    insert into finish (studio_id, job_id, id, name, code, material, sheen, role, lab_l, lab_a, lab_b, measured) values ('${ids.s}', '${ids.j}', '${ids.f}', 'F', '', 'paint', 'flat', 'main', 50, 0, 0, false);
    insert into placement (studio_id, job_id, id, surface, finish_id, substrate) values ('${ids.s}', '${ids.j}', gen_random_uuid(), 'wall:south', '${ids.f}', 'sound paint');
    insert into piece (studio_id, job_id, id, name, kind, count, width_mm, depth_mm, height_mm, stays, side) values ('${ids.s}', '${ids.j}', gen_random_uuid(), 'P', 'sofa', 1, 1, 1, 1, false, 'north');
    commit`)
  await migrate(url, MIGRATIONS)
  await db.query(`set bonitas.studio = '${ids.s}'`)
  const one = async (text: string) => (await db.query<Record<string, unknown>>(text)).rows
  expect(await one(`select name, length_mm from wall where job_id = '${ids.j}' order by position`)).toEqual([
    { name: 'North wall', length_mm: 4000 },
    { name: 'East wall', length_mm: 3000 },
    { name: 'South wall', length_mm: 4000 },
    { name: 'West wall', length_mm: 3000 },
  ])
  expect(
    await one(
      `select w.name, o.hinge, o.swing from opening o join wall w on w.id = o.wall_id order by w.name`,
    ),
  ).toEqual([
    { name: 'East wall, length not measured', hinge: 'none', swing: 'none' },
    { name: 'West wall', hinge: 'left', swing: 'in' },
  ])
  expect(
    await one(`select w.name from finish_assignment p join wall w on p.surface = 'wall:' || w.id`),
  ).toEqual([{ name: 'South wall' }])
  expect(await one(`select w.name from piece p join wall w on w.id = p.wall_id`)).toEqual([
    { name: 'North wall' },
  ])
  expect(await one(`select color_scheme, tenure from schools where job_id = '${ids.j}'`)).toEqual([
    { color_scheme: 'quiet neutral', tenure: null },
  ])
  await db.query(`set bonitas.studio = '${randomUUID()}'`)
  expect(await one('select * from wall')).toEqual([])
  await db.end()
})

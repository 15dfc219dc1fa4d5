import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { items as itemDef } from '@bonitas/core/model/rows/items'
import { options as optionDef } from '@bonitas/core/model/rows/options'
import { pieces as pieceDef } from '@bonitas/core/model/rows/pieces'
import { finishAssignments } from '@bonitas/core/model/rows/finishAssignments'
import {
  finishRow,
  jobWithItems,
  money,
  orderOf,
  sendChanges,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
} from '../testing/testServer.js'

let server: TestServer
let me: Member
let jobId: string
beforeAll(async () => {
  server = await startTestServer()
  me = await server.member()
  jobId = (await jobWithItems(me, [])).jobId
})
afterAll(() => server.close())

const send = (changes: unknown[], key?: string) =>
  sendChanges<{
    did?: { collection: string; id: string; before: Row | null; after: Row | null }[]
    detail?: string
    errors?: { field: string; row?: { id: string } }[]
    current?: {
      collection: string
      id: string
      fields?: string[]
      now?: Row | null
      name?: string
      field?: string
    }[]
  }>(me, jobId, changes, key)
type Row = Record<string, unknown> & { version: number }

const piece = (more: object = {}) =>
  pieceDef.make({
    id: randomUUID(),
    name: 'Settee',
    kind: 'sofa',
    widthMm: 1900,
    depthMm: 900,
    heightMm: 800,
    ...more,
  })
const item = (more: object = {}) =>
  itemDef.make({ id: randomUUID(), name: 'Shelf', category: 'furniture', targetMinor: 100, ...more })
const option = (itemId: string, more: object = {}) =>
  optionDef.make({ id: randomUUID(), itemId, name: 'Oak', priceMinor: 500, ...more })
const add = (collection: string, row: { readonly id: string }) => ({ collection, id: row.id, add: row })
const set = (collection: string, id: string, to: object, was: object) => ({ collection, id, set: to, was })

describe('a group', () => {
  test('rows that name each other, and themselves, come in any order', async () => {
    const one = item()
    const o = option(one.id)
    const o2 = option(one.id, { partOfId: o.id })
    const two = item({ forItemId: one.id })
    const chosen = { ...one, chosenOptionId: o.id }
    const made = await send([add('options', o2), add('options', o), add('items', two), add('items', chosen)])
    expect([made.status, made.body.did?.length]).toEqual([200, 4])
    const gone = await send([
      { collection: 'options', id: o.id, remove: true, seen: 1 },
      set('items', one.id, { chosenOptionId: null }, { chosenOptionId: o.id }),
      set('options', o2.id, { partOfId: null }, { partOfId: o.id }),
    ])
    expect(gone.status).toBe(200)
  })

  test('is all or none: one row that names what is not there keeps all of it out', async () => {
    const before = (await snapshotOf(me, jobId)).pieces.length
    const bad = await send([add('pieces', piece()), add('pieces', piece({ finishId: randomUUID() }))])
    expect(bad.status).toBe(409)
    expect((await snapshotOf(me, jobId)).pieces).toHaveLength(before)
  })

  test('an item cannot choose an option of another, nor a list name what is not there', async () => {
    const [one, two] = [item(), item()]
    const o = option(one.id)
    await send([add('items', one), add('items', two), add('options', o)])
    expect(
      (await send([set('items', two.id, { chosenOptionId: o.id }, { chosenOptionId: null })])).status,
    ).toBe(409)
    const listed = await send([set('items', two.id, { serves: [randomUUID()] }, { serves: [] })])
    expect([listed.status, listed.body.errors]).toMatchObject([
      409,
      [{ field: 'serves', row: { id: two.id } }],
    ])
    const f = finishRow()
    const laid = finishAssignments.make({ id: randomUUID(), surface: `wall:${randomUUID()}`, finishId: f.id })
    expect((await send([add('finishes', f), add('finishAssignments', laid)])).status).toBe(409)
  })

  test('a removal that something still names is refused by name, and done when that goes along', async () => {
    const one = item({ name: 'Tall shelf' })
    const o = option(one.id, { name: 'Oak, oiled' })
    await send([add('items', one), add('options', o)])
    const gone = { collection: 'items', id: one.id, remove: true, seen: 1 }
    const alone = await send([gone])
    expect([alone.status, alone.body.detail]).toEqual([409, expect.stringContaining('Oak, oiled')])
    expect(alone.body.current).toEqual([
      { collection: 'options', id: o.id, name: 'Oak, oiled', field: 'itemId', record: false },
    ])
    const along = await send([gone, { collection: 'options', id: o.id, remove: true, seen: 1 }])
    expect(along.status).toBe(200)
  })

  test('two placements change their surfaces with each other', async () => {
    const f = finishRow()
    const [a, b] = (['walls', 'floor'] as const).map((surface) =>
      finishAssignments.make({ id: randomUUID(), surface, finishId: f.id }),
    )
    await send([add('finishes', f), add('finishAssignments', a!), add('finishAssignments', b!)])
    const swapped = await send([
      set('finishAssignments', a!.id, { surface: 'floor' }, { surface: 'walls' }),
      set('finishAssignments', b!.id, { surface: 'walls' }, { surface: 'floor' }),
    ])
    expect(swapped.status).toBe(200)
    const third = await send([
      add(
        'finishAssignments',
        finishAssignments.make({ id: randomUUID(), surface: 'floor', finishId: f.id }),
      ),
    ])
    expect([third.status, third.body.detail]).toEqual([409, expect.stringContaining('has a finish already')])
  })
})

describe('two people', () => {
  const set1 = (id: string, to: object, was: object, key?: string) => send([set('pieces', id, to, was)], key)
  test('different fields never meet; the same field asks, and says who stands there; equal wishes are one', async () => {
    const p = piece()
    await send([add('pieces', p)])
    expect((await set1(p.id, { widthMm: 2000 }, { widthMm: 1900 })).status).toBe(200)
    expect((await set1(p.id, { name: 'Sofa' }, { name: 'Settee' })).status).toBe(200)
    const clash = await set1(p.id, { widthMm: 2100, depthMm: 950 }, { widthMm: 1900, depthMm: 900 })
    expect(clash.status).toBe(412)
    expect(clash.body.current).toMatchObject([
      { id: p.id, fields: ['widthMm'], now: { widthMm: 2000, version: 3 } },
    ])
    // Nothing of the refused group was written.
    expect((await snapshotOf(me, jobId)).pieces.find((x) => x.id === p.id)).toMatchObject({
      depthMm: 900,
      version: 3,
    })
    const same = await set1(p.id, { widthMm: 2000 }, { widthMm: 1900 })
    expect([same.status, same.body.did]).toEqual([200, []])
  })

  test('a removal has seen the row as it is; a change of what is gone is told so', async () => {
    const p = piece()
    await send([add('pieces', p)])
    await set1(p.id, { widthMm: 2000 }, { widthMm: 1900 })
    const blind = await send([{ collection: 'pieces', id: p.id, remove: true, seen: 1 }])
    expect([blind.status, blind.body.current]).toMatchObject([412, [{ fields: [], now: { version: 2 } }]])
    expect((await send([{ collection: 'pieces', id: p.id, remove: true, seen: 2 }])).status).toBe(200)
    expect((await send([{ collection: 'pieces', id: p.id, remove: true, seen: 2 }])).status).toBe(200)
    const late = await set1(p.id, { widthMm: 5 }, { widthMm: 2000 })
    expect([late.status, late.body.current]).toMatchObject([412, [{ id: p.id, now: null }]])
  })

  test('of many at once with one field exactly one wins', async () => {
    const p = piece()
    await send([add('pieces', p)])
    const answers = await Promise.all(
      Array.from({ length: 6 }, (_, i) => set1(p.id, { name: `Writer ${i}` }, { name: 'Settee' })),
    )
    expect(answers.map((a) => a.status).sort()).toEqual([200, 412, 412, 412, 412, 412])
  })
})

describe('a group sent again', () => {
  test('is done once and answered the same, whatever was written between', async () => {
    const p = piece()
    const key = randomUUID()
    await send([add('pieces', p)])
    const group = [set('pieces', p.id, { widthMm: 2000 }, { widthMm: 1900 })]
    const first = await send(group, key)
    await send([set('pieces', p.id, { widthMm: 2500 }, { widthMm: 2000 })])
    const second = await send(group, key)
    expect(second.body).toEqual(first.body)
    expect((await snapshotOf(me, jobId)).pieces.find((x) => x.id === p.id)).toMatchObject({
      widthMm: 2500,
      version: 3,
    })
    expect((await send([add('pieces', piece())], key)).status).toBe(422)
  })
  test('twice at the same time is done once', async () => {
    const p = piece()
    const key = randomUUID()
    const both = await Promise.all([send([add('pieces', p)], key), send([add('pieces', p)], key)])
    expect(both.map((a) => a.status)).toEqual([200, 200])
    expect((await snapshotOf(me, jobId)).pieces.filter((x) => x.id === p.id)).toHaveLength(1)
  })
  test('a refused group leaves its key free', async () => {
    const key = randomUUID()
    expect((await send([add('pieces', piece({ finishId: randomUUID() }))], key)).status).toBe(409)
    expect((await send([add('pieces', piece())], key)).status).toBe(200)
  })
})

describe('money hangs on it', () => {
  test('what is ordered stays chosen, also while it is being ordered on another process', async () => {
    for (let round = 0; round < 6; round++) {
      const job = await jobWithItems(me, [10_000])
      const { itemId } = job.items[0]!
      const other = option(itemId)
      await sendChanges(me, job.jobId, [add('options', other)])
      const was = (await snapshotOf(me, job.jobId)).items[0]!.chosenOptionId
      const [ordered, changed] = await Promise.all([
        money(me, job.jobId, 'orders', orderOf([itemId])),
        sendChanges(me, job.jobId, [
          set('items', itemId, { chosenOptionId: other.id }, { chosenOptionId: was }),
        ]),
      ])
      const after = await snapshotOf(me, job.jobId)
      // Whichever came first: what was ordered is what is chosen.
      expect(ordered.status).toBe(201)
      expect([200, 409]).toContain(changed.status)
      expect(after.lines[0]!.optionId).toBe(after.items[0]!.chosenOptionId)
    }
  })
  test('what the ledger names is named as what stands in the way', async () => {
    const job = await jobWithItems(me, [10_000])
    await money(me, job.jobId, 'orders', orderOf([job.items[0]!.itemId]))
    const { itemId, optionId } = job.items[0]!
    const gone = await sendChanges<{ current?: { collection: string; record: boolean }[]; detail?: string }>(
      me,
      job.jobId,
      [
        { collection: 'items', id: itemId, remove: true, seen: 2 },
        { collection: 'options', id: optionId, remove: true, seen: 1 },
      ],
    )
    expect([gone.status, gone.body.current]).toMatchObject([409, [{ collection: 'lines', record: true }]])
  })
})

test('pages that listen hear of a group, once it is there and never of one that was refused', async () => {
  const ear = new pg.Client({ connectionString: server.url })
  await ear.connect()
  await ear.query('listen bonitas_job')
  const heard: string[] = []
  ear.on('notification', ({ payload }) => heard.push(payload ?? ''))
  const [good, bad, last] = [randomUUID(), randomUUID(), randomUUID()]
  await send([add('pieces', piece())], good)
  await send([add('pieces', piece({ finishId: randomUUID() }))], bad)
  await send([add('pieces', piece())], last)
  await expect.poll(() => heard).toEqual([`${jobId} ${good}`, `${jobId} ${last}`])
  await ear.end()
})

import { randomUUID } from 'node:crypto'
import { rmSync } from 'node:fs'
import pg from 'pg'
import { expect, test } from 'vitest'
import { migrate } from './database/migrate.js'
import { upgradeBundle } from './job/upgradeBundle.js'
import { insert, migrationsTo } from './testing/olderDatabase.js'
import { emptyDatabase, MIGRATIONS } from './testing/testServer.js'

type Row = Record<string, unknown>

test('what is stored and a job file of the version before are tied alike, in every studio', async () => {
  const url = await emptyDatabase()
  const before = migrationsTo('0012_rows_described_once')
  await migrate(url, before)
  rmSync(before, { recursive: true })
  const db = new pg.Client({ connectionString: url })
  await db.connect()
  const id = () => randomUUID()
  const ids = Object.fromEntries(
    ['lamp', 'settee', 'chair1', 'chair2', 'stool', 'trunk', 'i1', 'i2', 'i3', 'o', 'p', 'l'].map((n) => [
      n,
      id(),
    ]),
  )
  const pieces = [
    { id: ids.lamp, name: 'Lamp', there: false },
    { id: ids.settee, name: ' settee ', there: false, kind: 'other', serves: '["u","v"]' },
    { id: ids.chair1, name: 'Chair', there: false },
    { id: ids.chair2, name: 'chair', there: false },
    { id: ids.stool, name: 'Stool', there: true, lent_from: 'the kitchen' },
    { id: ids.trunk, name: 'Trunk', there: true, lent_from: 'an aunt' },
  ]
  const items = [
    { id: ids.i1, name: 'LAMP', category: 'services' },
    {
      id: ids.i2,
      name: 'Settee',
      category: 'furniture',
      weight_g: 41_000,
      fixing: 'screwed to the wall',
      piece_kind: 'sofa',
      serves: '["v","w"]',
    },
    { id: ids.i3, name: 'Chair', category: 'furniture' },
  ]
  const studios = [id(), id()]
  for (const studio of studios) {
    const job = id()
    await db.query(`select set_config('bonitas.studio', $1, false)`, [studio])
    const own = { studio_id: studio, job_id: job }
    await insert(db, 'studio', {
      id: studio,
      name: 'Studio',
      currency: 'EUR',
      locale: 'en-IE',
      system: 'metric',
    })
    const client = id()
    await insert(db, 'client', { studio_id: studio, id: client })
    await insert(db, 'job', { studio_id: studio, id: job, client_id: client })
    for (const p of pieces)
      await insert(db, 'piece', { ...own, kind: 'lamp', fixing: 'stands free', width_mm: 100, ...p })
    for (const i of items) await insert(db, 'item', { ...own, fixing: 'stands free', ...i })
    await insert(db, 'option', {
      ...own,
      id: ids.o,
      item_id: ids.i2,
      kind: 'new',
      name: 'Stool',
      width_mm: 17,
    })
    await insert(db, 'option', { ...own, id: ids.p, item_id: ids.i2, kind: 'owned', name: 'trunk' })
    await db.query('update item set chosen_option_id = $1 where id = $2', [ids.o, ids.i2])
    await insert(db, 'loan', { ...own, id: ids.l, name: 'trunk', reason: 'to try' })
  }
  await migrate(url, MIGRATIONS)

  const file = upgradeBundle({
    version: 7,
    pieces: pieces.map(({ lent_from: lentFrom = '', serves = '[]', kind = 'lamp', ...p }) => ({
      ...p,
      kind,
      lentFrom,
      widthMm: 100,
      fixing: 'stands free',
      weightG: null,
      wallId: null,
      originalAt: '',
      serves: JSON.parse(serves) as unknown,
    })),
    items: items.map(({ weight_g: weightG = null, piece_kind: pieceKind = null, serves = '[]', ...i }) => ({
      fixing: 'stands free',
      wallId: null,
      originalAt: '',
      serves: JSON.parse(serves) as unknown,
      pieceKind,
      ...i,
      weightG,
      chosenOptionId: i.id === ids.i2 ? ids.o : null,
    })),
    options: [
      { id: ids.o, itemId: ids.i2, kind: 'new', name: 'Stool', widthMm: 17 },
      { id: ids.p, itemId: ids.i2, kind: 'owned', name: 'trunk' },
    ],
    loans: [{ id: ids.l, name: 'trunk', owner: '', reason: 'to try', returnedOn: null }],
  }) as Record<string, Row[]>

  const byId = (rows: Row[]) => [...rows].sort((a, b) => (String(a.id) < String(b.id) ? -1 : 1))
  const stored = async (text: string) => (await db.query<Row>(text)).rows
  for (const studio of studios) {
    await db.query(`select set_config('bonitas.studio', $1, false)`, [studio])
    expect(
      await stored(
        'select id, item_id as "itemId", own_size as "ownSize", weight_g as "weightG", fixing, kind, serves from piece order by id',
      ),
    ).toEqual(
      byId(file.pieces!).map(({ id, itemId, ownSize, weightG, fixing, kind, serves }) => ({
        id,
        itemId,
        ownSize,
        weightG,
        fixing,
        kind,
        serves,
      })),
    )
    expect(await stored('select id, piece_id as "pieceId" from option order by id')).toEqual(
      byId(file.options!).map(({ id, pieceId }) => ({ id, pieceId })),
    )
    expect(await stored('select name, piece_id as "pieceId", owner, reason from loan order by name')).toEqual(
      [...file.loans!]
        .sort((a, b) => (String(a.name) < String(b.name) ? -1 : 1))
        .map(({ name, pieceId, owner, reason }) => ({ name, pieceId, owner, reason })),
    )
  }
  await db.end()
})

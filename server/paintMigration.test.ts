import { randomUUID } from 'node:crypto'
import { rmSync } from 'node:fs'
import pg from 'pg'
import { expect, test } from 'vitest'
import { migrate } from './database/migrate.js'
import { upgradeBundle } from './job/upgradeBundle.js'
import { insert, migrationsTo } from './testing/olderDatabase.js'
import { emptyDatabase, MIGRATIONS } from './testing/testServer.js'

// Until version 15 the paint of a room was bought by the first item that names a paint and that no line of the take-off raised:
// stored rows and job files are read alike.

const FINISHES = [
  ['oat', 'paint'],
  ['primer', 'primer'],
  ['tile', 'tile'],
] as const
/** Name, category, finish, whether a line of the take-off raised it, and what it is said to buy. */
const ITEMS = [
  ['Tiles', 'surfaces', 'tile', false, null],
  ['Oat cushion', 'textiles', 'oat', false, null],
  ['Wallpaper in oat', 'surfaces', 'oat', true, null],
  ['Brushes', 'surfaces', null, false, null],
  ['Paint and primer', 'surfaces', 'oat', false, 'all paint'],
  ['More primer', 'surfaces', 'primer', false, null],
] as const

test('a job file', () => {
  const up = upgradeBundle({
    version: 14,
    finishes: FINISHES.map(([id, material]) => ({ id, material })),
    // Whatever order the file lists them in.
    items: ITEMS.map(([name, category, finishId], position) => ({
      id: name,
      name,
      category,
      finishId,
      position,
    })).reverse(),
    takeoffs: ITEMS.filter((i) => i[3]).map(([itemId]) => ({ itemId })),
  }) as Record<string, Record<string, unknown>[]>
  expect(Object.fromEntries(up.items!.map((i) => [i.name, i.buysPaint]))).toEqual(
    Object.fromEntries(ITEMS.map((i) => [i[0], i[4]])),
  )
})

test('a database, in every studio', async () => {
  const url = await emptyDatabase()
  const before = migrationsTo('0023_takeoff_facts')
  await migrate(url, before)
  rmSync(before, { recursive: true })
  const db = new pg.Client({ connectionString: url })
  await db.connect()
  const studios = [randomUUID(), randomUUID()]
  for (const studio of studios) {
    const [client, job] = [randomUUID(), randomUUID()]
    const own = { studio_id: studio, job_id: job }
    await db.query(`select set_config('bonitas.studio', $1, false)`, [studio])
    await insert(db, 'studio', { id: studio, name: 'Older' })
    await insert(db, 'client', { id: client, studio_id: studio })
    await insert(db, 'job', { id: job, studio_id: studio, client_id: client })
    const finishes = new Map(FINISHES.map(([name]) => [name as string, randomUUID()]))
    for (const [name, material] of FINISHES)
      await insert(db, 'finish', { ...own, id: finishes.get(name), name, material })
    for (const [position, [name, category, finish, raised]] of ITEMS.entries()) {
      const id = randomUUID()
      await insert(db, 'item', {
        ...{ ...own, id, name, category, position },
        ...(finish === null ? {} : { finish_id: finishes.get(finish) }),
      })
      if (raised) await insert(db, 'takeoff', { ...own, id: randomUUID(), name, item_id: id })
    }
  }
  await migrate(url, MIGRATIONS)
  for (const studio of studios) {
    await db.query(`select set_config('bonitas.studio', $1, false)`, [studio])
    const { rows } = await db.query<{ name: string; buys: string | null }>(
      'select name, buys_paint as buys from item',
    )
    expect(Object.fromEntries(rows.map((r) => [r.name, r.buys]))).toEqual(
      Object.fromEntries(ITEMS.map((i) => [i[0], i[4]])),
    )
  }
  await db.end()
})

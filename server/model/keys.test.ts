import pg from 'pg'
import { getTableConfig, type PgTable } from 'drizzle-orm/pg-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { COLLECTIONS, RECORD_NAMES } from '@bonitas/core/model/registry'
import { freshDatabase } from '../testing/testServer.js'
import { keySql, ROW_KEYS, tableNameOf, type RowKey } from './keys.js'
import { RECORD_TABLES } from './recordTables.js'
import { TABLES } from './rowTables.js'

let db: pg.Client
beforeAll(async () => {
  db = new pg.Client({ connectionString: await freshDatabase() })
  await db.connect()
})
afterAll(() => db.end())

const told = (k: RowKey) => `${k.table}(${k.columns.join()}) → ${k.to}(${k.toColumns.join()})`

describe('the keys of the database are the references of the fields', () => {
  test('every key between rows, no more and no less, without an action and deferrable', async () => {
    const columns = (
      keys: string,
      of: string,
    ) => `(select array_agg(a.attname::text order by k.n) from unnest(c.${keys}) with ordinality k(at, n)
      join pg_attribute a on a.attrelid = c.${of} and a.attnum = k.at)`
    const { rows } = await db.query<RowKey & { action: string; deferrable: boolean }>(`
      select t.relname as table, f.relname as to, ${columns('conkey', 'conrelid')} as columns, ${columns('confkey', 'confrelid')} as "toColumns",
        c.confdeltype as action, c.condeferrable as deferrable
      from pg_constraint c join pg_class t on t.oid = c.conrelid join pg_class f on f.oid = c.confrelid
      where c.contype = 'f' and c.connamespace = 'public'::regnamespace`)
    const ours = new Set([...COLLECTIONS, ...RECORD_NAMES].map((c) => tableNameOf(c)))
    const between = rows.filter(
      (k) =>
        ours.has(k.table) &&
        ours.has(k.to) &&
        k.columns.at(-1) !== 'job_id' &&
        k.columns.at(-1) !== 'studio_id',
    )
    const missing = ROW_KEYS.filter((k) => !between.some((b) => told(b) === told(k)))
    expect(missing.map(keySql), 'write these into a migration').toEqual([])
    expect(between.map(told).sort()).toEqual(ROW_KEYS.map(told).sort())
    // "a" is no action: a row that would be cleared by the database alone would change without a new version.
    expect(between.filter((k) => k.action !== 'a' || !k.deferrable).map(told)).toEqual([])
  })

  test('every table has the columns of its description, and a policy that hides it from other studios', async () => {
    const { rows } = await db.query<{ table: string; column: string; nullable: string }>(
      `select table_name as table, column_name as column, is_nullable as nullable from information_schema.columns where table_schema = 'public'`,
    )
    for (const table of [...Object.values(TABLES), ...Object.values(RECORD_TABLES)] as unknown as PgTable[]) {
      const { name, columns } = getTableConfig(table)
      const there = rows.filter((r) => r.table === name)
      expect(there.map((r) => `${r.column} ${r.nullable === 'YES' ? 'null' : ''}`).sort(), name).toEqual(
        columns.map((c) => `${c.name} ${c.notNull ? '' : 'null'}`).sort(),
      )
      const policy = await db.query(`select 1 from pg_policies where tablename = $1`, [name])
      expect(policy.rowCount, name).toBeGreaterThan(0)
    }
  })
})

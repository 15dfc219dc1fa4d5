import { cpSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type pg from 'pg'
import { MIGRATIONS } from './testServer.js'

type Row = Record<string, unknown>

/** The migrations as they were up to one of them, in a folder that the test removes. */
export function migrationsTo(tag: string): string {
  const folder = mkdtempSync(join(tmpdir(), 'migrations-'))
  cpSync(MIGRATIONS, folder, { recursive: true })
  const file = join(folder, 'meta/_journal.json')
  const journal = JSON.parse(readFileSync(file, 'utf8')) as { entries: { tag: string }[] }
  const last = journal.entries.findIndex((e) => e.tag === tag)
  writeFileSync(file, JSON.stringify({ ...journal, entries: journal.entries.slice(0, last + 1) }))
  return folder
}

/** The least a row of a table can be: what may be null is, the rest is empty, with what is given over it. */
export async function insert(db: pg.Client, table: string, given: Row): Promise<void> {
  const { rows } = await db.query<{ name: string; type: string; nullable: string; usual: string | null }>(
    `select column_name as name, data_type as type, is_nullable as nullable, column_default as usual
     from information_schema.columns where table_schema = 'public' and table_name = $1`,
    [table],
  )
  const empty = (type: string): unknown =>
    type === 'boolean'
      ? false
      : type === 'jsonb'
        ? '[]'
        : type.startsWith('text')
          ? ''
          : type === 'date' || type.startsWith('timestamp')
            ? '2026-01-01'
            : 1
  const columns = rows.filter((c) => c.name in given || (c.nullable === 'NO' && c.usual === null))
  await db.query(
    `insert into "${table}" (${columns.map((c) => `"${c.name}"`).join(',')})
     values (${columns.map((_, i) => `$${i + 1}`).join(',')})`,
    columns.map((c) => given[c.name] ?? empty(c.type)),
  )
}

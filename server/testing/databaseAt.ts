import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import pg from 'pg'
import { emptyDatabase } from './testServer.js'

/** A database as it was after its first migrations, for the later ones to be tried on, and a connection to it. */
export async function databaseAt(migrations: number): Promise<{ url: string; db: pg.Client }> {
  const url = await emptyDatabase()
  const db = new pg.Client({ connectionString: url })
  await db.connect()
  const folder = new URL('../database/migrations/', import.meta.url)
  const journal = JSON.parse(readFileSync(new URL('meta/_journal.json', folder), 'utf8')) as {
    entries: { tag: string; when: number }[]
  }
  await db.query(
    'create schema drizzle; create table drizzle.__drizzle_migrations (id serial primary key, hash text not null, created_at bigint)',
  )
  for (const { tag, when } of journal.entries.slice(0, migrations)) {
    const text = readFileSync(new URL(`${tag}.sql`, folder), 'utf8')
    for (const statement of text.split('--> statement-breakpoint')) await db.query(statement)
    await db.query('insert into drizzle.__drizzle_migrations (hash, created_at) values ($1, $2)', [
      createHash('sha256').update(text).digest('hex'),
      when,
    ])
  }
  return { url, db }
}

import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { drizzle } from 'drizzle-orm/node-postgres'
import { migrate as run } from 'drizzle-orm/node-postgres/migrator'
import pg from 'pg'

interface JournalEntry {
  readonly tag: string
  readonly when: number
}

/**
 * Brings the database up to the newest migration. Several processes may start at once: one migrates, the rest wait.
 *
 * Drizzle's migrator never notices an applied file that was edited afterwards and silently skips one dated before
 * the newest applied, so both are checked first.
 *
 * @throws {Error} naming the file, when a migration was edited after it ran or is dated too early
 * @throws {Error} when the database role would see through row level security
 */
export async function migrate(url: string, folder: string): Promise<void> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await client.query('select pg_advisory_lock(7266827)')
    const role = await client.query<{ sees_all: boolean }>(
      'select rolsuper or rolbypassrls as sees_all from pg_roles where rolname = current_user',
    )
    if (role.rows[0]?.sees_all)
      throw new Error(
        'The database role is a superuser or bypasses row level security, so studios could see each other. ' +
          'Point DATABASE_URL at an ordinary role that owns the database.',
      )
    const journal = JSON.parse(readFileSync(join(folder, 'meta/_journal.json'), 'utf8')) as {
      entries: JournalEntry[]
    }
    const exists = await client.query<{ found: string | null }>(
      "select to_regclass('drizzle.__drizzle_migrations')::text as found",
    )
    if (exists.rows[0]?.found) {
      const applied = await client.query<{ hash: string; created_at: string }>(
        'select hash, created_at from drizzle.__drizzle_migrations order by created_at',
      )
      checkJournal(
        journal.entries.map((e) => ({
          ...e,
          hash: sha256(readFileSync(join(folder, `${e.tag}.sql`), 'utf8')),
        })),
        applied.rows.map((r) => ({ hash: r.hash, when: Number(r.created_at) })),
      )
    }
    await run(drizzle(client), { migrationsFolder: folder }).catch((error: unknown) => {
      // The migrator shows the statement and hides what PostgreSQL said of it.
      const cause =
        error instanceof Error && error.cause instanceof Error ? error.cause.message : String(error)
      throw new Error(`A migration failed: ${cause}`, { cause: error })
    })
  } finally {
    await client.end()
  }
}

/** Compares the files with what ran. Exported for its test. */
export function checkJournal(
  files: readonly { tag: string; when: number; hash: string }[],
  applied: readonly { hash: string; when: number }[],
): void {
  const newest = Math.max(0, ...applied.map((a) => a.when))
  for (const file of files) {
    const ran = applied.find((a) => a.when === file.when)
    if (ran && ran.hash !== file.hash)
      throw new Error(
        `Migration ${file.tag} was edited after it ran. Restore it, and write the change as a new migration.`,
      )
    if (!ran && file.when < newest)
      throw new Error(
        `Migration ${file.tag} is dated before one that already ran and would be skipped. Give it a later date.`,
      )
  }
}

const sha256 = (text: string) => createHash('sha256').update(text).digest('hex')

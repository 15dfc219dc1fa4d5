import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres'
import { sql } from 'drizzle-orm'
import pg from 'pg'
import * as schema from './schema.js'

export type Tx = Parameters<Parameters<NodePgDatabase<typeof schema>['transaction']>[0]>[0]

// Days stay the ISO text that PostgreSQL sends; a Date would move them by the time zone of the process.
pg.types.setTypeParser(pg.types.builtins.DATE, (text) => text)

/**
 * The one door to PostgreSQL. Every query runs in a transaction that belongs to one studio; row level security
 * hides all else. There is no way to query outside one.
 */
export class Database {
  readonly pool: pg.Pool
  private readonly db: NodePgDatabase<typeof schema>

  constructor(url: string, connections = 10) {
    this.pool = new pg.Pool({ connectionString: url, max: connections, connectionTimeoutMillis: 10_000 })
    // An idle connection that PostgreSQL drops must not end the process; the next query opens another.
    this.pool.on('error', (error) => console.error(`database connection lost: ${error.message}`))
    this.db = drizzle(this.pool, { schema })
  }

  /** Runs `work` as this studio; commits when it returns, rolls back when it throws. */
  asStudio<T>(studioId: string, work: (tx: Tx) => Promise<T>, mode: 'write' | 'read' = 'write'): Promise<T> {
    return this.db.transaction(
      async (tx) => {
        await tx.execute(sql`select set_config('bonitas.studio', ${studioId}, true)`)
        return work(tx)
      },
      mode === 'read' ? { isolationLevel: 'repeatable read', accessMode: 'read only' } : undefined,
    )
  }

  /** Runs `work` before the studio is known: signing in, sessions, founding a studio. Sees members and sessions only. */
  asSystem<T>(work: (tx: Tx) => Promise<T>): Promise<T> {
    return this.db.transaction(async (tx) => {
      await tx.execute(sql`select set_config('bonitas.system', 'on', true)`)
      return work(tx)
    })
  }

  close(): Promise<void> {
    return this.pool.end()
  }
}

import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres'
import pg from 'pg'
import { isUuid } from '../http/guards.js'

/** Queries inside one transaction that belongs to a studio, or to the system. */
export type Tx = NodePgDatabase & { readonly $client: pg.PoolClient }

// Days stay the ISO text that PostgreSQL sends; a Date would move them by the time zone of the process.
pg.types.setTypeParser(pg.types.builtins.DATE, (text) => text)

/**
 * The one door to PostgreSQL. Every query runs in a transaction that belongs to one studio; row level security
 * hides all else. There is no way to query outside one.
 */
export class Database {
  readonly pool: pg.Pool
  private readonly drivers = new WeakMap<pg.PoolClient, Tx>()

  constructor(url: string, connections = 10) {
    this.pool = new pg.Pool({ connectionString: url, max: connections, connectionTimeoutMillis: 10_000 })
    // An idle connection that PostgreSQL drops must not end the process; the next query opens another.
    this.pool.on('error', (error) => console.error(`database connection lost: ${error.message}`))
    // One in use says so too, beside failing its query: unheard, it would end the process.
    this.pool.on('connect', (client) => client.on('error', () => undefined))
  }

  /** Runs `work` as this studio; commits when it returns, rolls back when it throws. */
  asStudio<T>(studioId: string, work: (tx: Tx) => Promise<T>, mode: 'write' | 'read' = 'write'): Promise<T> {
    // The id goes into the text of the statement, since SET takes no parameters; it is nothing but a UUID.
    if (!isUuid(studioId)) throw new Error('a studio is named by a UUID')
    const begin = mode === 'read' ? 'begin isolation level repeatable read read only' : 'begin'
    return this.transaction(`${begin}; set local bonitas.studio = '${studioId}'`, work)
  }

  /** Runs `work` before the studio is known: signing in, founding a studio. Sees members and sessions only. */
  asSystem<T>(work: (tx: Tx) => Promise<T>): Promise<T> {
    return this.transaction(`begin; set local bonitas.system = 'on'`, work)
  }

  /** Opening statement and owner go to the server together: one round trip less on every request. */
  private async transaction<T>(opening: string, work: (tx: Tx) => Promise<T>): Promise<T> {
    const client = await this.pool.connect()
    let broken = false
    try {
      await client.query(opening)
      const result = await work(this.driver(client))
      await client.query('commit')
      return result
    } catch (error) {
      await client.query('rollback').catch(() => {
        broken = true
      })
      throw error
    } finally {
      client.release(broken)
    }
  }

  private driver(client: pg.PoolClient): Tx {
    let made = this.drivers.get(client)
    if (!made) {
      made = drizzle(client)
      this.drivers.set(client, made)
    }
    return made
  }

  close(): Promise<void> {
    return this.pool.end()
  }
}

import pg from 'pg'
import { startProgram } from './program.js'

/** Loads the demo once, into a database that the tests' own are copied from. */
export default async function demoOnce(): Promise<void> {
  const program = await startProgram('load')
  await program.close()
  const name = new URL(program.databaseUrl).pathname.slice(1)
  const client = new pg.Client({ connectionString: process.env.BONITAS_TEST_DATABASE_URL })
  await client.connect()
  // Nothing can be copied while somebody is connected: the program was killed, its sessions end when PostgreSQL notices.
  for (let open = 1; open > 0;) {
    const { rows } = await client.query<{ open: number }>(
      'select count(*)::int as open from pg_stat_activity where datname = $1',
      [name],
    )
    open = rows[0]?.open ?? 0
    if (open > 0) await new Promise((done) => setTimeout(done, 100))
  }
  await client.end()
  process.env.BONITAS_DEMO_DATABASE = name
}

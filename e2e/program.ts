import { spawn, type ChildProcess } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { createServer } from 'node:net'
import { test as base } from '@playwright/test'
import pg from 'pg'

/** The built program on a database of its own, as a process that can be killed and started again. */
export interface Program {
  readonly url: string
  readonly databaseUrl: string
  kill(): Promise<void>
  start(): Promise<void>
}

function required(name: string): string {
  const value = process.env[name]
  if (!value) throw new Error(`${name} is missing: run the tests with npm test`)
  return value
}

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0))
    })
  })

/** @param where a database of the PostgreSQL to use; asked anew at every start, since one that was killed comes back elsewhere */
export async function startProgram(
  demo: 'load' | 'none',
  where = () => required('BONITAS_TEST_DATABASE_URL'),
): Promise<Program & { close(): Promise<void> }> {
  const name = `t${randomUUID().replaceAll('-', '')}`
  const client = new pg.Client({ connectionString: where() })
  await client.connect()
  await client.query(`create database ${name}`)
  await client.end()
  const databaseUrl = () => {
    const database = new URL(where())
    database.pathname = `/${name}`
    return database.href
  }
  const port = await freePort()
  const url = `http://127.0.0.1:${port}`
  let child: ChildProcess | undefined
  const start = async () => {
    child = spawn(process.execPath, [required('BONITAS_SERVER')], {
      env: {
        ...process.env,
        DATABASE_URL: databaseUrl(),
        PORT: String(port),
        BONITAS_DEMO: demo,
        NODE_ENV: 'production',
      },
      stdio: ['ignore', 'ignore', 'inherit'],
    })
    for (let tries = 0; ; tries++) {
      const up = await fetch(`${url}/api/health`).then((r) => r.ok, () => false) // prettier-ignore
      if (up) return
      if (tries > 1800) throw new Error('the program did not start')
      await new Promise((done) => setTimeout(done, 50))
    }
  }
  const kill = async () => {
    if (!child || child.exitCode !== null || child.signalCode !== null) return
    const gone = new Promise((done) => child?.once('exit', done))
    child.kill('SIGKILL')
    await gone
  }
  await start()
  return {
    url,
    get databaseUrl() {
      return databaseUrl()
    },
    start,
    kill,
    async close() {
      await kill()
    },
  }
}

/** Tests with a program of their own: `demo` with the demo studio loaded, `empty` without. */
export const test = base.extend<{ empty: Program; demo: Program }>({
  empty: async ({}, use) => {
    const program = await startProgram('none')
    await use(program)
    await program.close()
  },

  demo: async ({}, use) => {
    const program = await startProgram('load')
    await use(program)
    await program.close()
  },
})
export { expect, type Page } from '@playwright/test'

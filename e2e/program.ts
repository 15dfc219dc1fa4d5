import { spawn, type ChildProcess } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { test as base } from '@playwright/test'
import pg from 'pg'

/** The built program on a database of its own, as a process that can be killed and started again. */
export interface Program {
  readonly url: string
  readonly databaseUrl: string
  kill(): Promise<void>
  start(): Promise<void>
}

/** The demo with suppliers that can be reached, and where these take orders about how to behave. */
export interface Supplied {
  readonly program: Program
  readonly shops: string
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

const ordinary = () => required('BONITAS_TEST_DATABASE_URL')

/** @param where a database of the PostgreSQL to use; asked anew at every start, since one that was killed comes back elsewhere */
export async function startProgram(
  demo: 'load' | 'none',
  where = ordinary,
  more: Readonly<Record<string, string>> = {},
): Promise<Program & { close(): Promise<void> }> {
  const name = `t${randomUUID().replaceAll('-', '')}`
  const client = new pg.Client({ connectionString: where() })
  await client.connect()
  // The demo is loaded once (demoOnce.ts) and copied.
  const loaded = demo === 'load' && where === ordinary ? process.env.BONITAS_DEMO_DATABASE : undefined
  await client.query(`create database ${name}${loaded ? ` template ${loaded}` : ''}`)
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
        ...more,
      },
      stdio: ['ignore', 'ignore', 'inherit'],
    })
    for (let tries = 0; ; tries++) {
      const up = await fetch(`${url}/api/health`).then(
        (r) => r.ok,
        () => false,
      )
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

/** The stand-in of a device as built, on a port of its own. */
export function startDevice(
  name: 'laser-tape' | 'color-reader' | 'suppliers',
  env: Readonly<Record<string, string>> = {},
): Promise<{ url: string; process: ChildProcess }> {
  const child = spawn(process.execPath, [join(process.env.BONITAS_ROOT ?? '.', `.bonitas/${name}.mjs`)], {
    env: { ...process.env, PORT: '0', ...env },
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  })
  return new Promise((resolve) => {
    child.on('message', (m) => resolve({ url: (m as { listening: string }).listening, process: child }))
  })
}

/** Tests with a program of their own: `demo` with the demo studio loaded, `empty` without, `supplied` with its suppliers reached. */
export const test = base.extend<{ empty: Program; demo: Program; supplied: Supplied }>({
  // The code of pages comes late, each part at another moment, where BONITAS_LATE says up to how many milliseconds: what
  // is pressed before its part is there must not be lost.
  page: async ({ page }, use) => {
    const most = Number(process.env.BONITAS_LATE ?? 0)
    if (most > 0)
      await page.route('**/assets/*.js', async (route) => {
        await new Promise((done) => setTimeout(done, Math.random() * most))
        await route.continue()
      })
    await use(page)
  },

  supplied: async ({}, use) => {
    const shops = await startDevice('suppliers')
    const names = ['hollin', 'lantern', 'loom'].map((s) => `${s}=${shops.url}/${s}`)
    const program = await startProgram('load', undefined, { BONITAS_SUPPLIERS: names.join(',') })
    await use({ program, shops: shops.url })
    await program.close()
    shops.process.kill()
  },

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

import { fork } from 'node:child_process'
import { fileURLToPath } from 'node:url'

/** The three suppliers that are not there, as a process of their own. */
export interface Shops {
  readonly at: string
  close(): void
}

export async function startShops(): Promise<Shops> {
  const child = fork(fileURLToPath(new URL('../../simulators/suppliers/main.ts', import.meta.url)), [], {
    execArgv: ['--import', 'tsx'],
    env: { ...process.env, PORT: '0', SUPPLIERS_SEED: '1' },
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  })
  const at = await new Promise<string>((resolve) =>
    child.on('message', (m) => resolve((m as { listening: string }).listening)),
  )
  return { at, close: () => void child.kill() }
}

// npm run soak: the long property runs, on a database of their own. Ends with vitest's own count.
import { spawnSync } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { startCluster } from './database.mjs'
import { installModules, ROOT, STATE } from './prepare.mjs'

mkdirSync(STATE, { recursive: true })
installModules()
const cluster = await startCluster(join(STATE, 'test-cluster'))
const name = `bonitas_soak_${process.pid}`
cluster.createDatabase(name)
const done = spawnSync(
  process.execPath,
  [join(ROOT, 'node_modules/vitest/vitest.mjs'), 'run', '--project', 'server', 'server/changes/tabs.test.ts'],
  {
    cwd: ROOT,
    stdio: 'inherit',
    env: {
      ...process.env,
      BONITAS_TEST_DATABASE_URL: cluster.url(name),
      BONITAS_ROOT: ROOT,
      BONITAS_SOAK_GROUPS: process.env.BONITAS_SOAK_GROUPS ?? '10000',
    },
  },
)
cluster.dropDatabases('t%')
cluster.dropDatabase(name)
cluster.stop()
process.exitCode = done.status ?? 1

// npm test: everything, on databases and ports of its own. Ends with one line: N passed, N failed.
//   --only lint,types,unit,server,e2e    some of it
import { spawn } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { requireChromium } from './chromium.mjs'
import { startCluster } from './database.mjs'
import { Trouble } from './packages.mjs'
import { build, installModules, ROOT, STATE } from './prepare.mjs'

const only = process.argv.includes('--only')
  ? process.argv[process.argv.indexOf('--only') + 1].split(',')
  : undefined
const wanted = (name) => !only || only.includes(name)
const totals = { passed: 0, failed: 0 }

function run(command, args, env = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } })
    child.on('error', () => resolve(1))
    child.on('exit', (code) => resolve(code ?? 1))
  })
}

/** A check without a count of its own counts as one. */
async function check(name, command, args) {
  if (!wanted(name)) return
  const started = Date.now()
  const code = await run(command, args)
  totals[code === 0 ? 'passed' : 'failed']++
  console.log(`${code === 0 ? 'ok    ' : 'FAILED'} ${name}, ${((Date.now() - started) / 1000).toFixed(1)} s`)
}

/** A runner that leaves its counts in a file; one that leaves none, or ends badly without a failed test, counts as failed. */
async function counted(name, command, args, file, env, read) {
  if (!wanted(name)) return
  const started = Date.now()
  rmSync(file, { force: true })
  const code = await run(command, args, env)
  let counts = { passed: 0, failed: 0 }
  try {
    counts = read(JSON.parse(readFileSync(file, 'utf8')))
  } catch {
    counts.failed++
  }
  if (code !== 0 && counts.failed === 0) counts.failed++
  if (counts.passed + counts.failed === 0) counts.failed++
  totals.passed += counts.passed
  totals.failed += counts.failed
  console.log(
    `${counts.failed === 0 ? 'ok    ' : 'FAILED'} ${name}: ${counts.passed} passed, ${counts.failed} failed, ${((Date.now() - started) / 1000).toFixed(1)} s`,
  )
}

const bin = (path) => [process.execPath, join(ROOT, 'node_modules', path)]
const vitestCounts = (report) => ({
  passed: report.numPassedTests,
  failed: report.numFailedTests + (report.numFailedTestSuites > 0 && report.numFailedTests === 0 ? 1 : 0),
})
const playwrightCounts = (report) => ({
  passed: report.stats.expected,
  failed: report.stats.unexpected + report.stats.flaky,
})

async function main() {
  mkdirSync(STATE, { recursive: true })
  installModules()
  if (wanted('e2e')) requireChromium()
  const results = (name) => join(STATE, `${name}-results.json`)
  const [node, vitest] = bin('vitest/vitest.mjs')

  // What is read from the sources alone keeps one core busy each; together they take as long as the longer chain.
  await Promise.all([
    check('lint', node, [join(ROOT, 'node_modules/eslint/bin/eslint.js'), '.', '--max-warnings', '0']),
    (async () => {
      await check('types', 'npm', ['run', '--silent', 'types'])
      const prettier = join(ROOT, 'node_modules/prettier/bin/prettier.cjs')
      await check('format', node, [prettier, '--check', '.', '--log-level', 'warn'])
      const unit = ['run', '--project', 'unit', '--project', 'components', '--reporter=default']
      const report = ['--reporter=json', `--outputFile.json=${results('unit')}`]
      await counted('unit', node, [vitest, ...unit, ...report], results('unit'), {}, vitestCounts)
    })(),
  ])

  if (wanted('server') || wanted('e2e')) {
    // A cluster of its own, durable like the real one: what is tested includes what a kill -9 leaves behind.
    const cluster = await startCluster(join(STATE, 'test-cluster'))
    const name = `bonitas_test_${process.pid}`
    cluster.createDatabase(name)
    const env = {
      BONITAS_TEST_DATABASE_URL: cluster.url(name),
      BONITAS_SERVER: await build(),
      BONITAS_ROOT: ROOT,
      NO_PROXY: '127.0.0.1',
    }
    writeFileSync(join(STATE, 'test-database-url'), cluster.url(name), { mode: 0o600 })
    try {
      await counted(
        'server',
        node,
        [
          vitest,
          'run',
          '--project',
          'server',
          '--reporter=default',
          '--reporter=json',
          `--outputFile.json=${results('server')}`,
        ],
        results('server'),
        env,
        vitestCounts,
      )
      await counted(
        'e2e',
        node,
        [join(ROOT, 'node_modules/@playwright/test/cli.js'), 'test', '--config', 'e2e/playwright.config.ts'],
        results('e2e'),
        { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: results('e2e') },
        playwrightCounts,
      )
    } finally {
      cluster.dropDatabases('t%')
      cluster.dropDatabase(name)
      cluster.stop()
    }
  }
  console.log(`\n${totals.passed} passed, ${totals.failed} failed`)
  process.exitCode = totals.failed === 0 ? 0 : 1
}

main().catch((error) => {
  console.error(error instanceof Trouble ? error.message : error)
  console.log(`\n${totals.passed} passed, ${totals.failed + 1} failed`)
  process.exitCode = 1
})

// What must be there before the program can run: packages and builds. Each step is skipped when nothing changed.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'
import { Trouble } from './packages.mjs'

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..')
export const STATE = join(ROOT, '.bonitas')

/** The stand-ins of the devices, as built. */
export const LASER_TAPE = join(STATE, 'laser-tape.mjs')
export const COLOR_READER = join(STATE, 'color-reader.mjs')
export const SUPPLIERS = join(STATE, 'suppliers.mjs')

const read = (file) => (existsSync(file) ? readFileSync(file, 'utf8') : '')

/** Runs a program in the project's folder with its output shown only when it fails. */
export function quietly(title, command, args, env = {}) {
  const done = spawnSync(command, args, {
    cwd: ROOT,
    encoding: 'utf8',
    env: { ...process.env, ...env },
    maxBuffer: 1 << 28,
  })
  if (done.status !== 0)
    throw new Trouble(
      `${title} failed.\n${done.stdout ?? ''}${done.stderr ?? ''}${done.error?.message ?? ''}`,
    )
}

/** Installs the npm packages when they are absent or do not match the lock file. */
export function installModules() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19))
    throw new Trouble(`Node ${process.versions.node} is too old: 20.19 or newer is needed.`)
  const stamp = join(STATE, 'modules')
  const wanted = createHash('sha256')
    .update(read(join(ROOT, 'package-lock.json')))
    .update(process.version)
    .digest('hex')
  if (read(stamp) === wanted && existsSync(join(ROOT, 'node_modules/vite/package.json'))) return
  console.log('Installing packages ...')
  quietly('Installing packages', 'npm', ['ci', '--no-fund', '--no-audit'])
  mkdirSync(STATE, { recursive: true })
  writeFileSync(stamp, wanted)
}

/** Newest change and number of files under the folders, so that a build knows whether its sources moved. */
function fingerprint(folders) {
  const hash = createHash('sha256')
  const walk = (path) => {
    const stat = statSync(path)
    if (!stat.isDirectory()) {
      if (!/\.(test|spec)\.ts$/.test(path)) hash.update(`${path} ${stat.size} ${stat.mtimeMs}\n`)
      return
    }
    for (const name of readdirSync(path).sort())
      if (!['node_modules', 'dist', 'testing'].includes(name)) walk(join(path, name))
  }
  for (const folder of folders) if (existsSync(join(ROOT, folder))) walk(join(ROOT, folder))
  return hash.digest('hex')
}

function whenChanged(name, sources, product, build) {
  const stamp = join(STATE, name)
  const wanted = fingerprint(sources)
  if (read(stamp) === wanted && existsSync(join(ROOT, product))) return
  build()
  mkdirSync(STATE, { recursive: true })
  writeFileSync(stamp, wanted)
}

/** Lays a gzip copy beside every script and style, so that the server compresses nothing while a page waits. */
function precompress(folder) {
  for (const name of readdirSync(folder))
    if (/\.(js|css)$/.test(name))
      writeFileSync(join(folder, `${name}.gz`), gzipSync(readFileSync(join(folder, name)), { level: 9 }))
}

/** Builds web client, server and stand-ins into plain files. */
export async function build() {
  whenChanged('web-build', ['web', 'core', 'package-lock.json'], 'web/dist/index.html', () => {
    console.log('Building the web client ...')
    quietly('Building the web client', process.execPath, [
      'node_modules/vite/bin/vite.js',
      'build',
      'web',
      '--logLevel',
      'warn',
    ])
    precompress(join(ROOT, 'web/dist/assets'))
  })
  const bundle = '.bonitas/server/main.mjs'
  const { build: bundleProgram } = await import('esbuild')
  const dependencies = JSON.parse(read(join(ROOT, 'server/package.json'))).dependencies
  for (const [device, outfile] of [
    ['laser-tape', LASER_TAPE],
    ['color-reader', COLOR_READER],
    ['suppliers', SUPPLIERS],
  ])
    await bundleProgram({
      absWorkingDir: ROOT,
      entryPoints: [`simulators/${device}/main.ts`],
      outfile,
      bundle: true,
      platform: 'node',
      format: 'esm',
      target: 'node20',
      logLevel: 'error',
    })
  await bundleProgram({
    absWorkingDir: ROOT,
    // The program, and the threads it reads untrusted files in.
    entryPoints: {
      main: 'server/main.ts',
      paperThread: 'server/isolated/paperThread.ts',
      jobFileThread: 'server/isolated/jobFileThread.ts',
      bookThread: 'server/isolated/bookThread.ts',
    },
    outdir: '.bonitas/server',
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    logLevel: 'error',
    external: Object.keys(dependencies)
      .filter((d) => !d.startsWith('@bonitas/'))
      .flatMap((d) => [d, `${d}/*`]),
    banner: {
      js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
    },
  })
  return join(ROOT, bundle)
}

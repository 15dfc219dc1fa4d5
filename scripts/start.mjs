// npm start: everything from a bare checkout to a running program. Plain Node, nothing installed is needed to begin.
//   --empty        no demo studio      --reset-demo   load the demo studio anew
//   --port N       another port        --dev          for work on the code: rebuilds as files change
import { fork, spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { startCluster } from './database.mjs'
import { Trouble } from './packages.mjs'
import { build, COLOR_READER, installModules, LASER_TAPE, ROOT, STATE, SUPPLIERS } from './prepare.mjs'

const DEFAULT_PORT = 4310

function options(args) {
  const told = { empty: false, resetDemo: false, dev: false, port: undefined }
  for (let i = 0; i < args.length; i++) {
    const [name, inline] = args[i].split('=')
    if (name === '--empty') told.empty = true
    else if (name === '--reset-demo') told.resetDemo = true
    else if (name === '--dev') told.dev = true
    else if (name === '--port') {
      const text = inline ?? args[++i]
      told.port = Number(text)
      if (!/^\d+$/.test(text ?? '') || told.port < 1 || told.port > 65535)
        throw new Trouble(`--port wants a number from 1 to 65535, not "${text ?? ''}".`)
    } else throw new Trouble(`Unknown option ${args[i]}. Known: --empty, --reset-demo, --port N, --dev.`)
  }
  if (told.empty && told.resetDemo)
    throw new Trouble('--empty and --reset-demo contradict each other. Give one.')
  return told
}

const lockFile = join(STATE, 'running')

/** The start script that is running here, if one is: a lock left by kill -9 names a process that is gone. */
function runningHere() {
  if (!existsSync(lockFile)) return undefined
  const { pid, address } = JSON.parse(readFileSync(lockFile, 'utf8') || '{}')
  let command = ''
  try {
    command = readFileSync(`/proc/${pid}/cmdline`, 'utf8')
  } catch {
    // gone
  }
  return command.includes('start.mjs') ? { pid, address } : undefined
}

const taken = (port) =>
  new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', () => resolve(true))
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(false)))
  })

async function choosePort(wish) {
  if (wish !== undefined) {
    if (await taken(wish))
      throw new Trouble(`Port ${wish} is taken by another program. Give another with --port.`)
    return wish
  }
  for (let port = DEFAULT_PORT; port < DEFAULT_PORT + 50; port++) if (!(await taken(port))) return port
  throw new Trouble(`Ports ${DEFAULT_PORT} to ${DEFAULT_PORT + 49} are all taken. Give one with --port.`)
}

/** The stand-in of a device, and the address of its readings; the program does without when it will not start. */
function startDevice(program, children) {
  const device = fork(program, [], {
    cwd: ROOT,
    detached: true,
    stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
  })
  children.push(device)
  return new Promise((resolve) => {
    device.on('message', ({ listening }) => resolve(`${listening}/readings`))
    device.on('exit', () => resolve(''))
    device.on('error', () => resolve(''))
  })
}

async function main() {
  const told = options(process.argv.slice(2))
  mkdirSync(STATE, { recursive: true })
  const other = runningHere()
  if (other)
    throw new Trouble(
      `Already running (process ${other.pid})${other.address ? ` at ${other.address}` : ''}. Stop it with Ctrl-C there, or use it.`,
    )
  const port = await choosePort(told.port)
  writeFileSync(lockFile, JSON.stringify({ pid: process.pid }))

  installModules()
  const bundle = await build()
  const own = process.env.DATABASE_URL ? undefined : await startCluster(join(STATE, 'cluster'))
  own?.createDatabase('bonitas')
  const children = []
  let ending = false
  const end = (code) => {
    if (ending) return
    ending = true
    for (const child of children) child.kill('SIGTERM')
    const started = Date.now()
    const wait = setInterval(() => {
      if (
        children.every((c) => c.exitCode !== null || c.signalCode !== null) ||
        Date.now() - started > 6000
      ) {
        clearInterval(wait)
        own?.stop()
        rmSync(lockFile, { force: true })
        process.exit(code)
      }
    }, 50)
  }
  process.on('SIGINT', () => end(0))
  process.on('SIGTERM', () => end(0))
  process.on('SIGHUP', () => end(0))

  const address = `http://127.0.0.1:${port}/`
  const laserTape = process.env.BONITAS_LASER_TAPE ?? (await startDevice(LASER_TAPE, children))
  const colorReader = process.env.BONITAS_COLOR_READER ?? (await startDevice(COLOR_READER, children))
  const standIns = process.env.BONITAS_SUPPLIERS === undefined ? await startDevice(SUPPLIERS, children) : ''
  const suppliers =
    process.env.BONITAS_SUPPLIERS ??
    (standIns
      ? ['hollin', 'lantern', 'loom'].map((s) => `${s}=${standIns.replace('/readings', `/${s}`)}`).join(',')
      : '')
  // At work on the code the server runs from its sources and starts anew when one changes; else it runs as built.
  const [program, args] = told.dev
    ? [join(ROOT, 'node_modules/tsx/dist/cli.mjs'), ['watch', '--clear-screen=false', 'server/main.ts']]
    : [bundle, []]
  const server = fork(program, args, {
    cwd: ROOT,
    detached: true, // Ctrl-C at the terminal reaches this script alone, which ends the others in order
    env: {
      ...process.env,
      DATABASE_URL: process.env.DATABASE_URL ?? own.url('bonitas'),
      PORT: String(port),
      BONITAS_ROOT: ROOT,
      BONITAS_LASER_TAPE: laserTape,
      BONITAS_COLOR_READER: colorReader,
      BONITAS_SUPPLIERS: suppliers,
      BONITAS_DEMO: told.resetDemo ? 'reset' : told.empty ? 'none' : 'load',
      NODE_ENV: 'production',
    },
    execArgv: told.dev ? [] : ['--enable-source-maps'],
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  })
  children.push(server)
  server.on('message', () => {
    writeFileSync(lockFile, JSON.stringify({ pid: process.pid, address }))
    console.log(`Bonitas is at ${address}   (Ctrl-C ends it)`)
    if (laserTape && !process.env.BONITAS_LASER_TAPE)
      console.log(`A laser tape to try with, its stand-in, is at ${laserTape.replace('/readings', '/')}`)
    if (colorReader && !process.env.BONITAS_COLOR_READER)
      console.log(`A color reader to try with, its stand-in, is at ${colorReader.replace('/readings', '/')}`)
  })
  server.on('exit', (code, signal) => {
    if (ending) return
    console.error(`The server ended (${signal ?? `code ${code}`}).`)
    end(1)
  })
  if (told.dev) {
    writeFileSync(lockFile, JSON.stringify({ pid: process.pid, address }))
    console.log(`The API is at ${address}; the page, following its sources, at the address below.`)
    const vite = spawn(process.execPath, ['node_modules/vite/bin/vite.js', 'web', '--host', '127.0.0.1'], {
      cwd: ROOT,
      detached: true,
      stdio: 'inherit',
      env: { ...process.env, BONITAS_API: address },
    })
    children.push(vite)
  }
}

main().catch((error) => {
  if (existsSync(lockFile) && JSON.parse(readFileSync(lockFile, 'utf8') || '{}').pid === process.pid)
    rmSync(lockFile, { force: true })
  console.error(error instanceof Trouble ? error.message : error)
  process.exit(1)
})

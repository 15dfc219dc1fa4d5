import { createServer } from 'node:http'
import { join } from 'node:path'
import { createApp } from './app.js'
import { Database } from './database/database.js'
import { migrate } from './database/migrate.js'
import { JobWords } from './live/jobWords.js'
import { loadDemo } from './demo/loadDemo.js'
import { tidy } from './database/tidy.js'
import { proveAll } from './ledger/proof.js'
import { loggable } from './http/loggable.js'
import { catalogPlaces } from './source/catalogs.js'

// The process that `npm start` runs. Told by the environment: DATABASE_URL, PORT, HOST, BONITAS_ROOT, BONITAS_DEMO
// (load | reset | none), BONITAS_SECURE, BONITAS_LASER_TAPE and BONITAS_COLOR_READER (where the browser finds their readings),
// BONITAS_SUPPLIERS (where the server finds catalogs: name=address, parted by commas).
const env = process.env
const root = env.BONITAS_ROOT ?? process.cwd()
const url = env.DATABASE_URL
if (!url) throw new Error('DATABASE_URL is missing. Start the program with npm start, or set it.')

process.on('uncaughtException', (error: Error) => {
  // What stops the start is told in a sentence; what happens later keeps its trace.
  console.error(started ? loggable(error) : error.message)
  process.exit(1)
})
let started = false

await migrate(url, join(root, 'server/database/migrations'))
const db = new Database(url)
if (env.BONITAS_DEMO === 'load' || env.BONITAS_DEMO === 'reset')
  await loadDemo(db, join(root, 'demo'), env.BONITAS_DEMO === 'reset')

const words = new JobWords(url)
const app = createApp({
  db,
  words,
  webFolder: join(root, 'web/dist'),
  secure: env.BONITAS_SECURE === '1',
  laserTape: env.BONITAS_LASER_TAPE || undefined,
  colorReader: env.BONITAS_COLOR_READER || undefined,
  suppliers: catalogPlaces(env.BONITAS_SUPPLIERS),
  exampleRooms: join(root, 'demo/rooms'),
})
const server = createServer(app)
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(error.code === 'EADDRINUSE' ? `Port ${env.PORT ?? ''} is taken.` : error.message)
  process.exit(error.code === 'EADDRINUSE' ? 98 : 1)
})
server.listen(Number(env.PORT ?? 4310), env.HOST ?? '127.0.0.1', () => {
  started = true
  process.send?.({ listening: true })
})

// Once a day every ledger is proved in SQL, and what nobody can want back is let go of; looked after hourly, so that a
// restart skips no night.
const daily = () =>
  void proveAll(db)
    .then(() => tidy(db))
    .catch((error: unknown) => console.error(`daily work: ${loggable(error)}`))
setTimeout(daily, 60_000).unref()
setInterval(daily, 3_600_000).unref()

let ending = false
function end(): void {
  if (ending) return
  ending = true
  // Requests under way finish; idle connections are closed at once, so Ctrl-C does not hang.
  void words.close()
  server.close(() => void db.close().then(() => process.exit(0)))
  server.closeIdleConnections()
  // Lines that only listen are never idle.
  setTimeout(() => server.closeAllConnections(), 500).unref()
  setTimeout(() => process.exit(0), 5000).unref()
}
process.on('SIGINT', end)
process.on('SIGTERM', end)
process.on('disconnect', end)

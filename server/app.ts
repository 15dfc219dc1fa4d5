import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { constants } from 'node:zlib'
import compression from 'compression'
import express, { type Express } from 'express'
import helmet from 'helmet'
import type { Database } from './database/database.js'
import { sameOrigin } from './http/guards.js'
import { precompressed } from './http/precompressed.js'
import { pagePreload } from './http/pagePreload.js'
import { notFound, problemHandler } from './http/problem.js'
import type { JobWords } from './live/jobWords.js'
import { liveRoutes } from './live/routes.js'
import { changeRoutes } from './changes/routes.js'
import { exampleRoomRoutes } from './job/exampleRoomRoutes.js'
import { jobRoutes } from './job/routes.js'
import { libraryRoutes } from './library/routes.js'
import { paperRoutes } from './ledger/paperRoutes.js'
import { handoverRoutes } from './handover/routes.js'
import { installRoutes } from './install/routes.js'
import { ledgerRoutes } from './ledger/routes.js'
import { supplierRoutes } from './ledger/supplierRoutes.js'
import { paletteRoutes } from './palette/routes.js'
import { planRoutes } from './plan/routes.js'
import { photoRoutes } from './photo/routes.js'
import { Catalogs, type CatalogPlaces } from './source/catalogs.js'
import { catalogRoutes } from './source/catalogRoutes.js'
import { takeoffRoutes } from './takeoff/routes.js'
import { scheduleRoutes } from './source/scheduleRoutes.js'
import { sessionRoutes, signedIn } from './session/routes.js'
import { studioRoutes } from './session/studioRoutes.js'

export interface AppOptions {
  readonly db: Database
  /** What is heard of jobs that are written; without it pages look by and by. */
  readonly words?: JobWords | undefined
  /** Folder of the built web client; absent in tests of the API and in development. */
  readonly webFolder?: string
  /** True behind HTTPS: the cookie is then never sent without it. */
  readonly secure?: boolean
  /** Where the laser tape sends its readings, seen from the browser; none when the studio has no such device. */
  readonly laserTape?: string | undefined
  /** Where the color reader sends its readings, likewise. */
  readonly colorReader?: string | undefined
  /** Catalogs of suppliers by name, as `catalogPlaces` reads them. */
  readonly suppliers?: CatalogPlaces
  /** Folder of job files of rooms that are done; without it there are none to take. */
  readonly exampleRooms?: string
}

/** Headers that keep foreign code out of the page. @param devices origins of tapes and readers a page may talk to */
const headers = (secure: boolean, devices: readonly string[]) =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        connectSrc: ["'self'", ...devices],
        // Style attributes set the widths and colors of samples; style elements and scripts come from files only.
        styleSrcAttr: ["'unsafe-inline'"],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: secure,
  })

/** The built client: its files for good, every other address its page. */
function serveClient(app: Express, webFolder: string): void {
  app.use('/assets', precompressed(join(webFolder, 'assets')))
  app.use(
    '/assets',
    express.static(join(webFolder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }),
  )
  app.use(express.static(webFolder, { index: false }))
  const preload = pagePreload(webFolder)
  app.get('/{*path}', (req, res) => {
    const link = preload(req.path)
    if (link) res.set('Link', link)
    res.set('Cache-Control', 'no-cache').sendFile(join(webFolder, 'index.html'))
  })
}

/** The whole server as one Express application; it holds no state of its own. */
export function createApp({
  db,
  words,
  webFolder,
  secure = false,
  laserTape,
  colorReader,
  suppliers = new Map<string, string>(),
  exampleRooms,
}: AppOptions): Express {
  const catalogs = new Catalogs(suppliers)
  const devices = [laserTape, colorReader].flatMap((d) => (d ? [new URL(d).origin] : []))
  const app = express()
  app.disable('x-powered-by')
  app.use(headers(secure, devices))
  // A job is compressed anew for every answer: at the quickest it is a fifth of its size or less, in two thirds of the time or less.
  app.use(compression({ brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: 1 } } }))

  const api = express.Router()
  api.use((_req, res, next) => {
    res.set('Cache-Control', 'private, no-cache')
    next()
  })
  api.get('/health', async (_req, res) => {
    await db.pool.query('select 1')
    res.json({ ok: true })
  })
  api.use(sameOrigin)
  // Who is not signed in sends little: nothing large is unpacked or parsed for a stranger.
  api.use(sessionRoutes(db, secure))
  api.use(signedIn(db))
  // A job file may be large; everything else is small, and an upload nobody asked for should fail early.
  api.use('/jobs/import', express.raw({ type: () => true, limit: '60mb' }))
  api.use('/library', express.json({ limit: '30mb' }))
  api.use('/jobs/:jobId/list-import', express.json({ limit: '25mb' }))
  api.use('/jobs/:jobId/changes', express.json({ limit: '25mb' }))
  api.use(express.json({ limit: '1mb' }))
  api.get('/devices', (_req, res) => {
    res.json({ laserTape: laserTape ?? null, colorReader: colorReader ?? null })
  })
  api.use('/jobs/:jobId', photoRoutes(db))
  api.use('/jobs/:jobId', paletteRoutes(db))
  api.use('/jobs/:jobId', planRoutes(db))
  api.use('/jobs/:jobId', takeoffRoutes(db))
  api.use('/jobs/:jobId', installRoutes(db))
  api.use(catalogRoutes(db, catalogs))
  api.use(handoverRoutes(db))
  api.use(scheduleRoutes(db))
  api.use(studioRoutes(db))
  api.use(changeRoutes(db))
  if (words) api.use(liveRoutes(db, words))
  api.use(jobRoutes(db))
  if (exampleRooms) api.use(exampleRoomRoutes(db, exampleRooms))
  api.use(libraryRoutes(db))
  api.use(paperRoutes(db))
  api.use('/jobs/:jobId', supplierRoutes(db, catalogs))
  api.use('/jobs/:jobId', ledgerRoutes(db, catalogs))
  api.use(() => {
    throw notFound('This address')
  })
  api.use(problemHandler)
  app.use('/api', api)

  if (webFolder && existsSync(webFolder)) serveClient(app, webFolder)
  app.use(problemHandler)
  return app
}

import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { Router } from 'express'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import type { ExampleRoom } from '@bonitas/core/job/exampleRoom'
import type { Database } from '../database/database.js'
import { notFound } from '../http/problem.js'
import type { Visitor } from '../session/sessions.js'
import { importJob, readJobFile } from './bundle.js'

interface RoomFile {
  readonly currency: string
  readonly brief: { readonly roomName: string; readonly place: string; readonly agreedMinor: number }
  readonly room: { readonly kind: ExampleRoom['kind'] }
}

const readRoom = (folder: string, key: string) =>
  JSON.parse(readFileSync(join(folder, `${key}.json`), 'utf8')) as RoomFile

/**
 * Rooms that are done, to look at and to try things on: what there is, and a copy of one as a job of the studio.
 *
 * @param folder of job files, one for each room
 */
export function exampleRoomRoutes(db: Database, folder: string): Router {
  const router = Router()
  const rooms = readdirSync(folder)
    .filter((file) => file.endsWith('.json'))
    .map((file): ExampleRoom => {
      const key = file.slice(0, -'.json'.length)
      const { brief, room } = readRoom(folder, key)
      return { key, name: brief.roomName, place: brief.place, kind: room.kind }
    })
    .sort((x, y) => x.name.localeCompare(y.name))

  router.get('/example-rooms', (_req, res) => {
    res.json(rooms)
  })

  router.post('/example-rooms/:key', async (req, res) => {
    const { studio, member } = req.visitor as Visitor
    const known = rooms.find((r) => r.key === req.params.key)
    if (!known) throw notFound('This example room')
    const room = readRoom(folder, known.key)
    // The amount is made up: it is taken as so many units of whatever money the studio counts in.
    const unit = 10 ** (currencyDigits(studio.currency) - currencyDigits(room.currency))
    const own = {
      ...room,
      currency: studio.currency,
      brief: { ...room.brief, agreedMinor: Math.round(room.brief.agreedMinor * unit) },
    }
    const file = await readJobFile(Buffer.from(JSON.stringify(own)), studio.currency)
    const id = await db.asStudio(studio.id, (tx) =>
      importJob(tx, { studioId: studio.id, memberId: member.id }, file),
    )
    res.status(201).location(`/api/jobs/${id}`).json({ id })
  })

  return router
}

import { Router } from 'express'
import { and, eq } from 'drizzle-orm'
import sharp from 'sharp'
import { array, number, object, string } from 'yup'
import type { Database, Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { notFound, Problem } from '../http/problem.js'
import type { Visitor } from '../session/sessions.js'
import { NoAnswer, type Catalogs } from './catalogs.js'

const KNOWN_WISHES = [
  'q',
  'kind',
  'maxWidthMm',
  'maxDepthMm',
  'maxHeightMm',
  'maxPriceMinor',
  'page',
] as const

const askedSchema = object({
  lines: array(
    object({ key: string().max(80).required(), quantity: number().integer().min(1).max(10_000).required() })
      .noUnknown()
      .required(),
  )
    .max(200)
    .required('Lines are missing. Give at least one.'),
}).strict()

/** What the supplier says now; when it says nothing, what it said last, with the day. */
async function remembered(
  db: Database,
  studioId: string,
  name: string,
  key: string,
  ask: () => Promise<object>,
): Promise<object> {
  try {
    const answer = await ask()
    await db.asStudio(studioId, (tx) => remember(tx, studioId, key, answer))
    return { ...answer, stale: null }
  } catch (error) {
    if (!(error instanceof NoAnswer)) throw error
    const [last] = await db.asStudio(
      studioId,
      (tx) =>
        tx
          .select()
          .from(t.catalogAnswer)
          .where(and(eq(t.catalogAnswer.studioId, studioId), eq(t.catalogAnswer.key, key))),
      'read',
    )
    if (!last)
      throw new Problem(
        424,
        'The supplier does not answer',
        `The catalog “${name}” ${error.message}. Try again later; what is in the job already stays as it is.`,
      )
    return {
      ...(last.answer as object),
      stale: { why: error.message, since: last.fetchedAt.toISOString() },
    }
  }
}

/** Suppliers' catalogs: asked now, and remembered for when they do not answer. */
export function catalogRoutes(db: Database, catalogs: Catalogs): Router {
  const router = Router()

  router.get('/catalogs', (_req, res) => {
    res.json({ names: [...catalogs.places.keys()] })
  })

  router.get<{ name: string }>('/catalogs/:name/products', async (req, res) => {
    const { studio } = req.visitor as Visitor
    if (!catalogs.places.has(req.params.name)) throw notFound('This catalog')
    const wish = new URLSearchParams()
    for (const k of KNOWN_WISHES) {
      const value = req.query[k]
      if (typeof value === 'string' && value !== '' && value.length <= 80) wish.set(k, value)
    }
    const { name } = req.params
    res.json(
      await remembered(db, studio.id, name, `${name}?${wish.toString()}`, () => catalogs.search(name, wish)),
    )
  })

  router.get<{ name: string; key: string }>('/catalogs/:name/products/:key', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { name, key } = req.params
    if (!catalogs.places.has(name)) throw notFound('This catalog')
    res.json(await remembered(db, studio.id, name, `${name}/${key}`, () => catalogs.product(name, key)))
  })

  router.get<{ name: string; key: string }>('/catalogs/:name/products/:key/picture', async (req, res) => {
    const { name, key } = req.params
    if (!catalogs.places.has(name)) throw notFound('This catalog')
    try {
      // Whatever came is drawn anew: no script and no size of theirs reaches the page.
      const png = await sharp(await catalogs.picture(name, key), { limitInputPixels: 4_000_000 })
        .resize(240, 240, { fit: 'inside', withoutEnlargement: true })
        .png()
        .toBuffer()
      res.type('image/png').set('Cache-Control', 'private, max-age=86400').send(png)
    } catch {
      throw notFound('This picture')
    }
  })

  router.post<{ name: string }>('/catalogs/:name/quotes', async (req, res) => {
    if (!catalogs.places.has(req.params.name)) throw notFound('This catalog')
    const { lines } = await askedSchema.validate(req.body ?? {}, { abortEarly: false })
    try {
      res.json(await catalogs.quote(req.params.name, lines))
    } catch (error) {
      if (!(error instanceof NoAnswer)) throw error
      throw new Problem(
        424,
        'The supplier does not answer',
        `The catalog “${req.params.name}” ${error.message}. Ask again later.`,
      )
    }
  })

  return router
}

async function remember(tx: Tx, studioId: string, key: string, answer: object): Promise<void> {
  await tx
    .insert(t.catalogAnswer)
    .values({ studioId, key, answer, fetchedAt: new Date() })
    .onConflictDoUpdate({
      target: [t.catalogAnswer.studioId, t.catalogAnswer.key],
      set: { answer, fetchedAt: new Date() },
    })
}

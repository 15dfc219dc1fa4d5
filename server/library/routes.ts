import { and, asc, count, eq } from 'drizzle-orm'
import { Router } from 'express'
import { readDeck, readSample, type Deck, type Sample } from '@bonitas/core/stages/palette/library/sample'
import type { Database, Tx } from '../database/database.js'
import { deck, sample } from '../database/schema.js'
import { isUuid } from '../http/guards.js'
import { conflict, notFound } from '../http/problem.js'
import type { Visitor } from '../session/sessions.js'
import { randomUUID } from 'node:crypto'

const MOST_DECKS = 60

type Stored = typeof sample.$inferSelect

function toSample(row: Stored): Sample {
  const { studioId: _s, deckId: _d, position: _p, labL, labA, labB, ...rest } = row
  return { ...rest, lab: { l: labL, a: labA, b: labB } } as unknown as Sample
}

function toRow({ lab, ...rest }: Sample): Omit<Stored, 'studioId' | 'deckId' | 'position'> {
  return {
    ...rest,
    labL: lab.l,
    labA: lab.a,
    labB: lab.b,
    sheens: [...rest.sheens],
    tins: [...rest.tins],
    readings: [...rest.readings],
  }
}

/**
 * Keeps a deck in the library of a studio.
 * @throws {Problem} 409 when it has one of that name
 */
export async function keepDeck(tx: Tx, studioId: string, id: string, of: Deck): Promise<void> {
  const [found] = await tx.select({ n: count() }).from(deck).where(eq(deck.studioId, studioId))
  if ((found?.n ?? 0) >= MOST_DECKS)
    throw conflict(`A library keeps at most ${MOST_DECKS} decks. Remove some first.`)
  const made = await tx
    .insert(deck)
    .values({ studioId, id, name: of.name, note: of.note })
    .onConflictDoNothing()
    .returning()
  if (!made[0])
    throw conflict(`The library has a deck named “${of.name}”. Remove it first, or name this one otherwise.`)
  for (let at = 0; at < of.samples.length; at += 1000)
    await tx.insert(sample).values(
      of.samples.slice(at, at + 1000).map((s, i) => ({
        ...toRow(s),
        studioId,
        deckId: id,
        position: at + i,
      })),
    )
}

/** One sample more at the end of the deck “Measured”, which is made when missing. */
async function keepMeasured(tx: Tx, studioId: string, one: Sample) {
  await tx
    .insert(deck)
    .values({
      studioId,
      id: randomUUID(),
      name: 'Measured',
      note: 'Samples read with the color reader',
    })
    .onConflictDoNothing()
  // The deck is locked, so that two readings at once get places of their own.
  const [to] = await tx
    .select({ id: deck.id })
    .from(deck)
    .where(and(eq(deck.studioId, studioId), eq(deck.name, 'Measured')))
    .for('update')
  if (!to) throw notFound('This deck')
  const of = and(eq(sample.studioId, studioId), eq(sample.deckId, to.id))
  const there = await tx
    .select({ position: sample.position, name: sample.name })
    .from(sample)
    .where(of)
    .orderBy(asc(sample.position))
  const same = there.find((s) => s.name === one.name)
  const position = same?.position ?? (there[there.length - 1]?.position ?? -1) + 1
  if (same) await tx.delete(sample).where(and(of, eq(sample.position, position)))
  await tx.insert(sample).values({ ...toRow(one), studioId, deckId: to.id, position })
  return { deckId: to.id, position }
}

/** The finish library of a studio: decks of samples, shared by its jobs. */
export function libraryRoutes(db: Database): Router {
  const router = Router()

  router.get('/library', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const decks = await db.asStudio(
      studio.id,
      (tx) =>
        tx
          .select({ id: deck.id, name: deck.name, note: deck.note, samples: count(sample.position) })
          .from(deck)
          .leftJoin(sample, and(eq(sample.studioId, deck.studioId), eq(sample.deckId, deck.id)))
          .where(eq(deck.studioId, studio.id))
          .groupBy(deck.studioId, deck.id)
          .orderBy(asc(deck.createdAt), asc(deck.name)),
      'read',
    )
    res.json({ decks })
  })

  router.get<{ deckId: string }>('/library/:deckId', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { deckId } = req.params
    if (!isUuid(deckId)) throw notFound('This deck')
    const mine = and(eq(deck.studioId, studio.id), eq(deck.id, deckId))
    const [found, samples] = await db.asStudio(
      studio.id,
      async (tx) =>
        [
          await tx.select().from(deck).where(mine),
          await tx
            .select()
            .from(sample)
            .where(and(eq(sample.studioId, studio.id), eq(sample.deckId, deckId)))
            .orderBy(asc(sample.position)),
        ] as const,
      'read',
    )
    if (!found[0]) throw notFound('This deck')
    res.json({ name: found[0].name, note: found[0].note, samples: samples.map(toSample) } satisfies Deck)
  })

  router.put<{ deckId: string }>('/library/:deckId', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { deckId } = req.params
    if (!isUuid(deckId)) throw notFound('This deck')
    const of = readDeck(req.body)
    await db.asStudio(studio.id, (tx) => keepDeck(tx, studio.id, deckId, of))
    res.status(201).json({ id: deckId })
  })

  router.delete<{ deckId: string }>('/library/:deckId', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const { deckId } = req.params
    if (!isUuid(deckId)) throw notFound('This deck')
    const gone = await db.asStudio(studio.id, (tx) =>
      tx
        .delete(deck)
        .where(and(eq(deck.studioId, studio.id), eq(deck.id, deckId)))
        .returning({ id: deck.id }),
    )
    if (gone.length === 0) throw notFound('This deck')
    res.status(204).end()
  })

  /** One sample more, as a color reader measured it: at the end of the deck “Measured”, which is made when missing. */
  router.post('/library/measured', async (req, res) => {
    const { studio } = req.visitor as Visitor
    const one = readSample(req.body, 'Sample')
    const row = await db.asStudio(studio.id, (tx) => keepMeasured(tx, studio.id, one))
    res.status(201).json(row)
  })
  return router
}

import type { PgColumn, PgTable } from 'drizzle-orm/pg-core'
import type { Collection } from '@bonitas/core/model/registry'
import * as t from '../database/schema.js'

type RowTable = PgTable & { studioId: PgColumn; id: PgColumn; version: PgColumn; jobId?: PgColumn }

/** The table behind each collection of the job. */
export const TABLES: Readonly<Record<Collection, RowTable>> = {
  brief: t.job,
  client: t.client,
  schools: t.schools,
  people: t.person,
  uses: t.use,
  focuses: t.focus,
  limits: t.limit,
  consents: t.consent,
  allotments: t.allotment,
  visits: t.visit,
  works: t.work,
  photos: t.photo,
  room: t.room,
  walls: t.wall,
  ceilings: t.ceiling,
  diagonals: t.diagonal,
  openings: t.opening,
  fixtures: t.fixture,
  passages: t.passage,
  finishes: t.finish,
  placements: t.placement,
  pieces: t.piece,
  parts: t.wallPart,
  schemes: t.scheme,
  dressings: t.dressing,
  pulls: t.pull,
  stands: t.stand,
  hangs: t.hang,
  frames: t.frame,
  setOuts: t.setOut,
  lights: t.light,
  houseRules: t.houseRule,
  items: t.item,
  options: t.option,
  makings: t.making,
  sightings: t.sighting,
  suppliers: t.supplier,
  offers: t.offer,
  vouchers: t.voucher,
  proposals: t.proposal,
  receipts: t.receipt,
  claims: t.claim,
  loans: t.loan,
  acceptances: t.acceptance,
}

/** Rows that belong to the studio and are shared by its jobs. */
export const OF_STUDIO: ReadonlySet<Collection> = new Set(['client', 'suppliers'])

/** A row as the job knows it, without the keys that say whose it is. */
export function bare<T extends object>(row: T): Omit<T, 'studioId' | 'jobId' | 'createdAt'> {
  const {
    studioId: _s,
    jobId: _j,
    createdAt: _c,
    ...rest
  } = row as T & { studioId?: unknown; jobId?: unknown; createdAt?: unknown }
  return rest
}

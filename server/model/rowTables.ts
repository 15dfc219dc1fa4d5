import { sql } from 'drizzle-orm'
import { check, unique } from 'drizzle-orm/pg-core'
import { ROWS, type Collection } from '@bonitas/core/model/registry'
import { jobTableOf, studioTableOf, tableOf } from './tableOf.js'

// One table a collection, made from its description. Whoever needs a table by name imports it from
// `database/schema.ts`; whoever treats all alike takes `TABLES`.

export const job = jobTableOf(ROWS.brief, (t) => [
  check('job_agreed_not_negative', sql`${t.agreedMinor} >= 0`),
])
export const client = studioTableOf(ROWS.client)
export const supplier = studioTableOf(ROWS.suppliers)

const ofThe = () => job

export const schools = tableOf(ROWS.schools, ofThe, (t) => [
  unique('schools_one_per_job').on(t.studioId, t.jobId),
])
export const room = tableOf(ROWS.room, ofThe, (t) => [unique('room_one_per_job').on(t.studioId, t.jobId)])
export const person = tableOf(ROWS.people, ofThe)
export const use = tableOf(ROWS.uses, ofThe)
export const focus = tableOf(ROWS.focuses, ofThe)
export const limit = tableOf(ROWS.limits, ofThe)
export const consent = tableOf(ROWS.consents, ofThe)
export const allotment = tableOf(ROWS.allotments, ofThe)
export const visit = tableOf(ROWS.visits, ofThe)
export const work = tableOf(ROWS.works, ofThe)
export const photo = tableOf(ROWS.photos, ofThe)
export const wall = tableOf(ROWS.walls, ofThe)
export const ceiling = tableOf(ROWS.ceilings, ofThe)
export const diagonal = tableOf(ROWS.diagonals, ofThe)
export const opening = tableOf(ROWS.openings, ofThe)
export const fixture = tableOf(ROWS.fixtures, ofThe)
export const passage = tableOf(ROWS.passages, ofThe)
export const finish = tableOf(ROWS.finishes, ofThe)
export const placement = tableOf(ROWS.placements, ofThe)
export const piece = tableOf(ROWS.pieces, ofThe)
export const wallPart = tableOf(ROWS.parts, ofThe)
export const scheme = tableOf(ROWS.schemes, ofThe)
export const dressing = tableOf(ROWS.dressings, ofThe)
export const pull = tableOf(ROWS.pulls, ofThe)
export const stand = tableOf(ROWS.stands, ofThe)
export const hang = tableOf(ROWS.hangs, ofThe)
export const frame = tableOf(ROWS.frames, ofThe)
export const setOut = tableOf(ROWS.setOuts, ofThe)
export const light = tableOf(ROWS.lights, ofThe)
export const houseRule = tableOf(ROWS.houseRules, ofThe)
export const item = tableOf(ROWS.items, ofThe)
export const option = tableOf(ROWS.options, ofThe, (t) => [
  // What an item chooses is named with the item, so that it can only be one of its own.
  unique('option_of_item').on(t.studioId, t.jobId, t.itemId, t.id),
  check('option_price_not_negative', sql`${t.priceMinor} >= 0`),
])
export const making = tableOf(ROWS.makings, ofThe)
export const sighting = tableOf(ROWS.sightings, ofThe)
export const offer = tableOf(ROWS.offers, ofThe)
export const voucher = tableOf(ROWS.vouchers, ofThe)
export const proposal = tableOf(ROWS.proposals, ofThe)
export const receipt = tableOf(ROWS.receipts, ofThe)
export const claim = tableOf(ROWS.claims, ofThe)
export const loan = tableOf(ROWS.loans, ofThe)
export const acceptance = tableOf(ROWS.acceptances, ofThe)

/** The table behind each collection. */
export const TABLES = {
  brief: job,
  client,
  schools,
  room,
  suppliers: supplier,
  people: person,
  uses: use,
  focuses: focus,
  limits: limit,
  consents: consent,
  allotments: allotment,
  visits: visit,
  works: work,
  photos: photo,
  walls: wall,
  ceilings: ceiling,
  diagonals: diagonal,
  openings: opening,
  fixtures: fixture,
  passages: passage,
  finishes: finish,
  placements: placement,
  pieces: piece,
  parts: wallPart,
  schemes: scheme,
  dressings: dressing,
  pulls: pull,
  stands: stand,
  hangs: hang,
  frames: frame,
  setOuts: setOut,
  lights: light,
  houseRules: houseRule,
  items: item,
  options: option,
  makings: making,
  sightings: sighting,
  offers: offer,
  vouchers: voucher,
  proposals: proposal,
  receipts: receipt,
  claims: claim,
  loans: loan,
  acceptances: acceptance,
} as const satisfies Readonly<Record<Collection, object>>

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
export const focalPoint = tableOf(ROWS.focalPoints, ofThe)
export const constraint = tableOf(ROWS.constraints, ofThe)
export const consent = tableOf(ROWS.consents, ofThe)
export const budgetShare = tableOf(ROWS.budgetShares, ofThe)
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
export const finishAssignment = tableOf(ROWS.finishAssignments, ofThe)
export const piece = tableOf(ROWS.pieces, ofThe)
export const wallPart = tableOf(ROWS.parts, ofThe)
export const scheme = tableOf(ROWS.schemes, ofThe)
export const schemeOverride = tableOf(ROWS.schemeOverrides, ofThe)
export const sampledColor = tableOf(ROWS.sampledColors, ofThe)
export const piecePart = tableOf(ROWS.pieceParts, ofThe)
export const shelf = tableOf(ROWS.shelves, ofThe)
export const shelfPlacement = tableOf(ROWS.shelfPlacements, ofThe)
export const takeoff = tableOf(ROWS.takeoffs, ofThe)
export const takeoffPart = tableOf(ROWS.takeoffParts, ofThe)
export const effort = tableOf(ROWS.efforts, ofThe)
export const consumable = tableOf(ROWS.consumables, ofThe)
export const floorPlacement = tableOf(ROWS.floorPlacements, ofThe)
export const wallPlacement = tableOf(ROWS.wallPlacements, ofThe)
export const frame = tableOf(ROWS.frames, ofThe)
export const panelLayout = tableOf(ROWS.panelLayouts, ofThe)
export const light = tableOf(ROWS.lights, ofThe)
export const houseRule = tableOf(ROWS.houseRules, ofThe)
export const item = tableOf(ROWS.items, ofThe)
export const option = tableOf(ROWS.options, ofThe, (t) => [
  // What an item chooses is named with the item, so that it can only be one of its own.
  unique('option_of_item').on(t.studioId, t.jobId, t.itemId, t.id),
  check('option_price_not_negative', sql`${t.priceMinor} >= 0`),
])
export const fabrication = tableOf(ROWS.fabrications, ofThe)
export const priceObservation = tableOf(ROWS.priceObservations, ofThe)
export const discount = tableOf(ROWS.discounts, ofThe)
export const voucher = tableOf(ROWS.vouchers, ofThe)
export const proposal = tableOf(ROWS.proposals, ofThe)
export const receipt = tableOf(ROWS.receipts, ofThe)
export const claim = tableOf(ROWS.claims, ofThe)
export const loan = tableOf(ROWS.loans, ofThe)
export const crew = tableOf(ROWS.crew, ofThe)
export const closure = tableOf(ROWS.closures, ofThe)
export const quietHours = tableOf(ROWS.quietHours, ofThe)
export const task = tableOf(ROWS.tasks, ofThe)
export const seasonalSet = tableOf(ROWS.seasonalSets, ofThe)
export const registerEntry = tableOf(ROWS.registerEntries, ofThe)
export const finishRecord = tableOf(ROWS.finishRecords, ofThe)
export const careNote = tableOf(ROWS.careNotes, ofThe)
export const edit = tableOf(ROWS.edits, ofThe)
export const pictureMark = tableOf(ROWS.pictureMarks, ofThe)
export const bookText = tableOf(ROWS.bookTexts, ofThe)
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
  focalPoints: focalPoint,
  constraints: constraint,
  consents: consent,
  budgetShares: budgetShare,
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
  finishAssignments: finishAssignment,
  pieces: piece,
  pieceParts: piecePart,
  parts: wallPart,
  shelves: shelf,
  shelfPlacements: shelfPlacement,
  takeoffs: takeoff,
  takeoffParts: takeoffPart,
  efforts: effort,
  consumables: consumable,
  schemes: scheme,
  schemeOverrides: schemeOverride,
  sampledColors: sampledColor,
  floorPlacements: floorPlacement,
  wallPlacements: wallPlacement,
  frames: frame,
  panelLayouts: panelLayout,
  lights: light,
  houseRules: houseRule,
  items: item,
  options: option,
  fabrications: fabrication,
  priceObservations: priceObservation,
  discounts: discount,
  vouchers: voucher,
  proposals: proposal,
  receipts: receipt,
  claims: claim,
  loans: loan,
  crew,
  closures: closure,
  quietHours,
  tasks: task,
  seasonalSets: seasonalSet,
  registerEntries: registerEntry,
  finishRecords: finishRecord,
  careNotes: careNote,
  edits: edit,
  pictureMarks: pictureMark,
  bookTexts: bookText,
  acceptances: acceptance,
} as const satisfies Readonly<Record<Collection, object>>

import { acceptances } from './rows/acceptances.js'
import { budgetShares } from './rows/budgetShares.js'
import { brief } from './rows/brief.js'
import { ceilings } from './rows/ceilings.js'
import { claims } from './rows/claims.js'
import { client } from './rows/client.js'
import { closures } from './rows/closures.js'
import { consents } from './rows/consents.js'
import { crew } from './rows/crew.js'
import { diagonals } from './rows/diagonals.js'
import { schemeOverrides } from './rows/schemeOverrides.js'
import { finishes } from './rows/finishes.js'
import { fixtures } from './rows/fixtures.js'
import { focalPoints } from './rows/focalPoints.js'
import { frames } from './rows/frames.js'
import { wallPlacements } from './rows/wallPlacements.js'
import { houseRules } from './rows/houseRules.js'
import { items } from './rows/items.js'
import { lights } from './rows/lights.js'
import { constraints } from './rows/constraints.js'
import { loans } from './rows/loans.js'
import { fabrications } from './rows/fabrications.js'
import { discounts } from './rows/discounts.js'
import { openings } from './rows/openings.js'
import { options } from './rows/options.js'
import { parts } from './rows/parts.js'
import { passages } from './rows/passages.js'
import { people } from './rows/people.js'
import { photos } from './rows/photos.js'
import { pieceParts } from './rows/pieceParts.js'
import { pieces } from './rows/pieces.js'
import { finishAssignments } from './rows/finishAssignments.js'
import { proposals } from './rows/proposals.js'
import { sampledColors } from './rows/sampledColors.js'
import { quietHours } from './rows/quietHours.js'
import { receipts } from './rows/receipts.js'
import { room } from './rows/room.js'
import { shelfPlacements } from './rows/shelfPlacements.js'
import { shelves } from './rows/shelves.js'
import { consumables } from './rows/consumables.js'
import { efforts } from './rows/efforts.js'
import { takeoffParts } from './rows/takeoffParts.js'
import { takeoffs } from './rows/takeoffs.js'
import { schemes } from './rows/schemes.js'
import { schools } from './rows/schools.js'
import { panelLayouts } from './rows/panelLayouts.js'
import { priceObservations } from './rows/priceObservations.js'
import { floorPlacements } from './rows/floorPlacements.js'
import { suppliers } from './rows/suppliers.js'
import { tasks } from './rows/tasks.js'
import { uses } from './rows/uses.js'
import { visits } from './rows/visits.js'
import { vouchers } from './rows/vouchers.js'
import { walls } from './rows/walls.js'
import { bookTexts } from './rows/bookTexts.js'
import { careNotes } from './rows/careNotes.js'
import { edits } from './rows/edits.js'
import { finishRecords } from './rows/finishRecords.js'
import { pictureMarks } from './rows/pictureMarks.js'
import { registerEntries } from './rows/registerEntries.js'
import { seasonalSets } from './rows/seasonalSets.js'
import { works } from './rows/works.js'
import { changeOrders } from './records/changeOrders.js'
import { entries } from './records/entries.js'
import { lines } from './records/lines.js'
import { orderEvents } from './records/orderEvents.js'
import { orders } from './records/orders.js'
import type { RecordDef } from './record.js'
import type { RowDef, RowOf } from './row.js'

/**
 * Every collection a person edits. Types, schemas, blank rows, references, cascades, the order of import, the compact form
 * and the tables all follow from this list: a new collection is one file in `rows/` and one word here.
 */
export const ROWS = {
  brief,
  client,
  schools,
  people,
  uses,
  focalPoints,
  constraints,
  consents,
  budgetShares,
  visits,
  works,
  photos,
  room,
  walls,
  ceilings,
  diagonals,
  openings,
  fixtures,
  passages,
  finishes,
  finishAssignments,
  pieces,
  pieceParts,
  parts,
  schemes,
  schemeOverrides,
  sampledColors,
  shelves,
  shelfPlacements,
  takeoffs,
  takeoffParts,
  efforts,
  consumables,
  floorPlacements,
  wallPlacements,
  frames,
  panelLayouts,
  lights,
  houseRules,
  items,
  options,
  fabrications,
  priceObservations,
  suppliers,
  discounts,
  vouchers,
  proposals,
  receipts,
  claims,
  loans,
  crew,
  closures,
  quietHours,
  tasks,
  seasonalSets,
  registerEntries,
  finishRecords,
  careNotes,
  edits,
  pictureMarks,
  bookTexts,
  acceptances,
} as const

/** Every collection that only grows. */
export const RECORDS = {
  changeOrders,
  orders,
  lines,
  entries,
  orderEvents,
} as const

/** The row of each collection, by its name. */
export type Rows = { [C in keyof typeof ROWS]: RowOf<(typeof ROWS)[C]['fields']> }
export type Collection = keyof typeof ROWS
export type RecordName = keyof typeof RECORDS

/** A collection seen without the types of its fields: for code that treats all of them alike. */
export type AnyRow = RowDef
export type AnyRecord = RecordDef
/** Collections by name, as the code that follows from them takes them; a test hands in one more. */
export type Registry = Readonly<Record<string, AnyRow>>

export const COLLECTIONS = Object.keys(ROWS) as Collection[]
export const RECORD_NAMES = Object.keys(RECORDS) as RecordName[]

/** The description of a collection, without the types of its fields. */
export const rowDef = (collection: Collection): AnyRow => ROWS[collection] as unknown as AnyRow
export const recordDef = (name: RecordName): AnyRecord => RECORDS[name] as unknown as AnyRecord

/** Whether a name from outside is a collection that is edited. */
export const isCollection = (name: string): name is Collection => Object.hasOwn(ROWS, name)

/** Rows a job has exactly one of: they can be changed, not made or removed. */
export const SINGLE: ReadonlySet<Collection> = new Set(COLLECTIONS.filter((c) => ROWS[c].one))

/** Rows that belong to the studio and are shared by its jobs. */
export const OF_STUDIO: ReadonlySet<Collection> = new Set(COLLECTIONS.filter((c) => ROWS[c].of === 'studio'))

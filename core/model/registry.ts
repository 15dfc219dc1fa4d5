import {
  allotmentSchema,
  briefSchema,
  clientSchema,
  consentSchema,
  focusSchema,
  limitSchema,
  personSchema,
  photoSchema,
  schoolsSchema,
  useSchema,
  visitSchema,
  workSchema,
  type Allotment,
  type Brief,
  type Client,
  type Consent,
  type Focus,
  type Limit,
  type Person,
  type Photo,
  type Schools,
  type Use,
  type Visit,
  type Work,
} from '../stages/brief/schema.js'
import { acceptanceSchema, type Acceptance } from '../findings/schema.js'
import {
  ceilingSchema,
  diagonalSchema,
  fixtureSchema,
  openingSchema,
  passageSchema,
  roomSchema,
  wallSchema,
  type Ceiling,
  type Diagonal,
  type Fixture,
  type Opening,
  type Passage,
  type Room,
  type Wall,
} from '../stages/measure/schema.js'
import {
  claimSchema,
  loanSchema,
  proposalSchema,
  receiptSchema,
  voucherSchema,
  type Claim,
  type Loan,
  type Proposal,
  type Receipt,
  type Voucher,
} from '../stages/ledger/schema.js'
import {
  dressingSchema,
  finishSchema,
  partSchema,
  pieceSchema,
  placementSchema,
  pullSchema,
  schemeSchema,
  type Dressing,
  type Finish,
  type Part,
  type Piece,
  type Placement,
  type Pull,
  type Scheme,
} from '../stages/palette/schema.js'
import {
  frameSchema,
  hangSchema,
  houseRuleSchema,
  lightSchema,
  setOutSchema,
  standSchema,
  type Frame,
  type Hang,
  type HouseRule,
  type Light,
  type SetOut,
  type Stand,
} from '../stages/plan/schema.js'
import {
  itemSchema,
  makingSchema,
  offerSchema,
  optionSchema,
  sightingSchema,
  supplierSchema,
  type Item,
  type Making,
  type Offer,
  type Option,
  type Sighting,
  type Supplier,
} from '../stages/source/schema.js'

/** The rows a person edits, by the name of their collection in snapshot, address and database alike. */
export interface Rows {
  brief: Brief
  client: Client
  schools: Schools
  people: Person
  uses: Use
  focuses: Focus
  limits: Limit
  consents: Consent
  allotments: Allotment
  visits: Visit
  works: Work
  photos: Photo
  room: Room
  walls: Wall
  ceilings: Ceiling
  diagonals: Diagonal
  openings: Opening
  fixtures: Fixture
  passages: Passage
  finishes: Finish
  placements: Placement
  pieces: Piece
  parts: Part
  schemes: Scheme
  dressings: Dressing
  pulls: Pull
  stands: Stand
  hangs: Hang
  frames: Frame
  setOuts: SetOut
  lights: Light
  houseRules: HouseRule
  items: Item
  options: Option
  makings: Making
  sightings: Sighting
  suppliers: Supplier
  offers: Offer
  vouchers: Voucher
  proposals: Proposal
  receipts: Receipt
  claims: Claim
  loans: Loan
  acceptances: Acceptance
}
export type Collection = keyof Rows

/** One schema per collection: form, route and import use the same. */
export const SCHEMAS = {
  brief: briefSchema,
  client: clientSchema,
  schools: schoolsSchema,
  people: personSchema,
  uses: useSchema,
  focuses: focusSchema,
  limits: limitSchema,
  consents: consentSchema,
  allotments: allotmentSchema,
  visits: visitSchema,
  works: workSchema,
  photos: photoSchema,
  room: roomSchema,
  walls: wallSchema,
  ceilings: ceilingSchema,
  diagonals: diagonalSchema,
  openings: openingSchema,
  fixtures: fixtureSchema,
  passages: passageSchema,
  finishes: finishSchema,
  placements: placementSchema,
  pieces: pieceSchema,
  parts: partSchema,
  schemes: schemeSchema,
  dressings: dressingSchema,
  pulls: pullSchema,
  stands: standSchema,
  hangs: hangSchema,
  frames: frameSchema,
  setOuts: setOutSchema,
  lights: lightSchema,
  houseRules: houseRuleSchema,
  items: itemSchema,
  options: optionSchema,
  makings: makingSchema,
  sightings: sightingSchema,
  suppliers: supplierSchema,
  offers: offerSchema,
  vouchers: voucherSchema,
  proposals: proposalSchema,
  receipts: receiptSchema,
  claims: claimSchema,
  loans: loanSchema,
  acceptances: acceptanceSchema,
} as const

export const COLLECTIONS = Object.keys(SCHEMAS) as Collection[]

/** Rows a job has exactly one of: they can be changed, not made or removed. */
export const SINGLE: ReadonlySet<Collection> = new Set(['brief', 'client', 'schools', 'room'])

import { NEW_BRIEF, NEW_ROOM } from '../brief/newJob.js'
import { TOPICS } from '../brief/schools.js'
import type { Finish, Piece, Placement } from '../palette/schema.js'
import type { Item, Option, Supplier } from '../source/schema.js'
import type { Rows } from './collections.js'
import type { JobSnapshot, Stored } from './snapshot.js'

/** A job as it is on its first day: for the examples of the rule book, and to build upon in tests. */
export function emptyJob(more: Partial<JobSnapshot> = {}): JobSnapshot {
  const none = Object.fromEntries(TOPICS.map((t) => [t, null])) as Omit<Rows['schools'], 'id'>
  return {
    studio: { id: 'studio', name: 'Studio', currency: 'EUR', locale: 'en-IE', system: 'metric' },
    brief: { ...NEW_BRIEF, id: 'job', version: 1, clientId: 'client', roomName: 'Room', agreedMinor: 500_000 },
    client: { id: 'client', version: 1, name: 'Client' },
    schools: { ...none, id: 'schools', version: 1 },
    room: { ...NEW_ROOM, id: 'room', version: 1 },
    people: [], uses: [], focuses: [], limits: [], consents: [], allotments: [], visits: [], works: [], photos: [],
    walls: [], ceilings: [], diagonals: [], openings: [], fixtures: [], passages: [],
    finishes: [], placements: [], pieces: [], parts: [], schemes: [], dressings: [], pulls: [], stands: [], hangs: [], frames: [], setOuts: [], lights: [], houseRules: [], items: [], options: [], makings: [], sightings: [], suppliers: [], offers: [], vouchers: [], proposals: [], receipts: [], claims: [], loans: [], acceptances: [],
    changeOrders: [], orders: [], lines: [], entries: [], orderEvents: [],
    ...more,
  } // prettier-ignore
}

/** What a piece is before anything but its name, kind and size is known. */
export const NEW_PIECE = {
  position: 0,
  count: 1,
  finishId: null,
  there: false,
  stays: false,
  wallId: null,
  material: '',
  color: '',
  place: '',
  verdict: null,
  sentimental: false,
  lentFrom: '',
  reason: '',
  serves: [],
  openDepthMm: null,
  fixing: 'stands free',
  weightG: null,
  originalAt: '',
  lampType: null,
  focal: false,
  lit: false,
  traits: [],
  legsMm: null,
} as const satisfies Partial<Piece>

/** What a finish is before anything but its name, material and color is known. */
export const NEW_FINISH = {
  code: '',
  material: 'paint',
  sheen: 'flat',
  role: 'main',
  measured: false,
  texture: 'smooth',
  patternKind: 'none',
  patternRepeatMm: null,
  colors: [],
  readings: [],
  wear: 'not known',
  sealed: false,
  outdoor: false,
  paintKit: null,
} as const satisfies Partial<Finish>

/** What a placement is before anything but its surface and finish is known. */
export const NEW_PLACEMENT = {
  substrate: 'sound paint',
  overL: null,
  overA: null,
  overB: null,
  hold: 'applied',
  schemeId: null,
  candidate: false,
} as const satisfies Partial<Placement>

/** What an item is before anything but its name, category and price is known. */
export const NEW_ITEM = {
  intent: '',
  specification: '',
  quantity: 1,
  maxWidthMm: null,
  maxDepthMm: null,
  maxHeightMm: null,
  neededOn: null,
  finishId: null,
  chosenOptionId: null,
  position: 0,
  serves: [],
  focusId: null,
  fixing: 'stands free',
  weightG: null,
  wallId: null,
  level: null,
  originalAt: '',
  pieceKind: null,
  minWidthMm: null,
  minDepthMm: null,
  minHeightMm: null,
  aimFinishId: null,
  aimDeltaE: null,
  demands: [],
  spend: 'even',
  importance: 3,
  mayWait: false,
  locked: false,
  plannedOptionId: null,
  intentKept: null,
  forItemId: null,
  companion: '',
  usesPerYear: null,
} as const satisfies Partial<Item>

/** What an option is before anything but its item, name and price is known. */
export const NEW_OPTION = {
  kind: 'new',
  supplierId: null,
  packSize: 1,
  discountPpm: 0,
  discountMinor: 0,
  deliveryMinor: 0,
  fittingMinor: 0,
  leadDays: null,
  returnDays: null,
  widthMm: null,
  depthMm: null,
  heightMm: null,
  note: '',
  legsMm: null,
  unit: 'each',
  currency: null,
  rate: '',
  rateOn: null,
  tradePpm: 0,
  reworkMinor: 0,
  hours: 0,
  years: null,
  colorL: null,
  colorA: null,
  colorB: null,
  material: '',
  traits: [],
  liking: null,
  condition: null,
  lookedAt: [],
  seenAt: '',
  seenOn: null,
  heldUntil: null,
  reviewOn: null,
  stock: null,
  stockOn: null,
  watchMinor: null,
  partOfId: null,
  catalogKey: '',
  photoId: null,
} as const satisfies Partial<Option>

/** What a supplier is before anything but its name is known. */
export const NEW_SUPPLIER = {
  note: '',
  minOrderMinor: 0,
  restockPpm: 0,
  deliveryBands: [],
  columns: [],
  catalog: '',
} as const satisfies Partial<Supplier>

/** A stored piece for an example or a test. */
export const pieceWith = (more: Partial<Piece> & Pick<Piece, 'id'>): Stored<Piece> => ({
  ...NEW_PIECE, name: more.id, kind: 'other', widthMm: 1000, depthMm: 500, heightMm: 800, serves: [], traits: [], version: 1, ...more,
}) // prettier-ignore

/** A stored item for an example or a test. */
export const itemWith = (more: Partial<Item> & Pick<Item, 'id'>): Stored<Item> => ({
  ...NEW_ITEM, name: more.id, category: 'furniture', targetMinor: 10_000, serves: [], demands: [], version: 1, ...more,
}) // prettier-ignore

/** A stored option for an example or a test. */
export const optionWith = (more: Partial<Option> & Pick<Option, 'id' | 'itemId'>): Stored<Option> => ({
  ...NEW_OPTION, name: more.id, priceMinor: 10_000, traits: [], lookedAt: [], version: 1, ...more,
}) // prettier-ignore

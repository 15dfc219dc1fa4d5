/**
 * The collection behind each word by which a finding names what it is about. A `surface` and the `job` itself are no rows;
 * a surface that is one wall, part or opening is named by its id behind a second word.
 */
export const REF_COLLECTIONS = {
  finish: 'finishes',
  piece: 'pieces',
  item: 'items',
  option: 'options',
  order: 'orders',
  use: 'uses',
  placement: 'finishAssignments',
  wall: 'walls',
  opening: 'openings',
  passage: 'passages',
  photo: 'photos',
  person: 'people',
  stand: 'floorPlacements',
  hang: 'wallPlacements',
  setOut: 'panelLayouts',
  light: 'lights',
  fixture: 'fixtures',
  receipt: 'receipts',
  shelfPlace: 'shelfPlacements',
  claim: 'claims',
  loan: 'loans',
  takeoff: 'takeoffs',
  work: 'works',
  task: 'tasks',
  crew: 'crew',
  mark: 'pictureMarks',
  set: 'seasonalSets',
  'surface:wall': 'walls',
  'surface:part': 'parts',
  'surface:opening': 'openings',
} as const

/** What a finding can be about. */
export type RefKind = Exclude<keyof typeof REF_COLLECTIONS, `surface:${string}`> | 'surface' | 'job'

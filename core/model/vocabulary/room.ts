/** What kind of room it is: it decides what a finish must bear. */
export const ROOM_KINDS = [
  'living room',
  'bedroom',
  "child's room",
  'study',
  'dining room',
  'kitchen',
  'wet room',
  'hall',
  'service room',
  'outdoors',
  'one-room flat',
] as const

export type RoomKind = (typeof ROOM_KINDS)[number]

/** What a wall's face is like: it decides what can be hung or stuck on it. */
export const FACES = ['smooth paint', 'textured paint', 'paper', 'tile', 'stone or brick', 'timber'] as const

export type Face = (typeof FACES)[number]

export const OPENING_KINDS = ['door', 'window', 'opening'] as const

export const HINGES = ['left', 'right', 'none'] as const

export const SWINGS = ['in', 'out', 'slides', 'none'] as const

/** What a window carries before anything is hung anew. */
export const CARRIES = ['nothing', 'rod', 'track', 'fixed blind'] as const

export const FIXTURE_KINDS = [
  'radiator',
  'vent',
  'socket',
  'switch',
  'wall light',
  'ceiling point',
  'built-in',
  'water or waste',
  'heat outlet',
  'blemish',
  'other',
] as const

export const PASSAGE_KINDS = [
  'street door',
  'gate or path',
  'corridor',
  'turn',
  'stair',
  'landing',
  'lift car',
  'lift door',
  'room door',
] as const

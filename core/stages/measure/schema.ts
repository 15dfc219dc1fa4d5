import { ROOM_KINDS } from '../../model/vocabulary/shared.js'
import {
  choiceField,
  choiceOrNone,
  flagField,
  idField,
  mmField,
  mmOrNone,
  noteField,
  realField,
  realOrNone,
  rowSchema,
  type RowOf,
  wholeField,
} from '../../model/checks.js'

/** What all walls of a room share, and where the room lies. */
export const roomSchema = rowSchema(() => ({
  id: idField(),
  heightMm: mmOrNone('Height', 1_500, 12_000),
  skirtingMm: mmField('Skirting height', 0, 500),
  corniceMm: mmField('Cornice height', 0, 500),
  /** Height of the rail or wainscot that sets a lower wall apart; null when the walls are whole. */
  lowerWallMm: mmOrNone('Lower wall', 300, 3_000),
  /** Compass bearing one faces when looking straight at the first wall from inside; null until it is taken. */
  northDeg: realOrNone('Bearing of the first wall', 0, 360),
  /** Degrees north; south is negative. Null until it is known. */
  latitudeDeg: realOrNone('Latitude', -66, 66),
  kind: choiceOrNone('Kind of room', ROOM_KINDS),
}))
export type Room = RowOf<typeof roomSchema>

/** What a wall's face is like: it decides what can be hung or stuck on it. */
export const FACES = ['smooth paint', 'textured paint', 'paper', 'tile', 'stone or brick', 'timber'] as const
export type Face = (typeof FACES)[number]

/** One wall of the run, in the order walked, and the turn at its end: right is positive. */
export const wallSchema = rowSchema(() => ({
  id: idField(),
  position: wholeField('Position', 0, 10_000, 'places'),
  name: noteField('Name', 60),
  lengthMm: mmField('Length', 10, 50_000),
  turnDeg: realField('Turn', -179, 179),
  face: choiceField('Face', FACES),
}))
export type Wall = RowOf<typeof wallSchema>

/** A part of the ceiling lower than the rest: from a height at one wall to a height some way into the room. */
export const ceilingSchema = rowSchema(() => ({
  id: idField(),
  wallId: idField('Wall'),
  name: noteField('Name', 60),
  startHeightMm: mmField('Height at the wall', 0, 12_000),
  endHeightMm: mmField('Height further in', 0, 12_000),
  depthMm: mmField('Reaches into the room', 10, 50_000),
  /** Over the whole width of the room, or only in front of its wall. */
  whole: flagField('Whole width'),
}))
export type Ceiling = RowOf<typeof ceilingSchema>

/** A measured distance between two corners: each is named by the wall that begins there. */
export const diagonalSchema = rowSchema(() => ({
  id: idField(),
  fromWallId: idField('From corner'),
  toWallId: idField('To corner'),
  lengthMm: mmField('Diagonal', 100, 70_000),
}))
export type Diagonal = RowOf<typeof diagonalSchema>

export const OPENING_KINDS = ['door', 'window', 'opening'] as const
export const HINGES = ['left', 'right', 'none'] as const
export const SWINGS = ['in', 'out', 'slides', 'none'] as const

/** A door, window or plain opening in one wall; distances from the left end as seen from inside. */
export const openingSchema = rowSchema(() => ({
  id: idField(),
  wallId: idField('Wall'),
  kind: choiceField('Kind', OPENING_KINDS),
  name: noteField('Name', 60),
  startMm: mmField('From left', 0, 50_000),
  /** Of a door the clear width: what passes between its stops. */
  widthMm: mmField('Width', 100, 10_000),
  heightMm: mmField('Height', 100, 6_000),
  sillMm: mmField('Sill', 0, 5_000),
  hinge: choiceField('Hinge', HINGES),
  swing: choiceField('Swing', SWINGS),
}))
export type Opening = RowOf<typeof openingSchema>

export const FIXTURE_KINDS = [
  'radiator',
  'vent',
  'socket',
  'switch',
  'wall light',
  'ceiling point',
  'built-in',
  'water or waste',
  'other',
] as const

/**
 * Something fixed to a wall: where its box begins from the left and from the floor, and how far it stands out. A
 * ceiling point hangs `depthMm` out from its wall.
 */
export const fixtureSchema = rowSchema(() => ({
  id: idField(),
  wallId: idField('Wall'),
  kind: choiceField('Kind', FIXTURE_KINDS),
  name: noteField('Name', 60),
  startMm: mmField('From left', 0, 50_000),
  widthMm: mmField('Width', 0, 20_000),
  heightMm: mmField('Height', 0, 6_000),
  bottomMm: mmField('From floor', 0, 6_000),
  depthMm: mmField('Stands out', 0, 20_000),
}))
export type Fixture = RowOf<typeof fixtureSchema>

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

/** One part of the way from the street to the room, in the order a piece is carried through it. */
export const passageSchema = rowSchema(() => ({
  id: idField(),
  position: wholeField('Position', 0, 10_000, 'places'),
  kind: choiceField('Kind', PASSAGE_KINDS),
  name: noteField('Name', 60),
  widthMm: mmField('Clear width', 100, 20_000),
  heightMm: mmField('Clear height', 500, 10_000),
  /** Of a lift car and a landing the depth, of a corridor and a stair the length; of a turn the width after it. */
  lengthMm: mmOrNone('Length or depth', 100, 50_000),
}))
export type Passage = RowOf<typeof passageSchema>

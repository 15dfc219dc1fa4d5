import {
  choiceField,
  flagField,
  idField,
  idOrNone,
  minorOrNone,
  mmField,
  noteField,
  realField,
  rowSchema,
  type RowOf,
  textField,
  wholeField,
  wholeOrNone,
} from '../../model/checks.js'
import { NEED_KEYS } from './needs.js'

/**
 * Where one piece stands: the middle of its footprint in the coordinates of the wall run (x to the right, y down the
 * sheet), and how far it is turned clockwise from standing with its back to the upper edge of the sheet.
 */
export const standSchema = rowSchema(() => ({
  id: idField(),
  pieceId: idField('Piece'),
  /** The option whose size is tried in its place; null for the size of the piece. */
  optionId: idOrNone('Option tried'),
  /** Which of several alike, from 1. */
  number: wholeField('Which of them', 1, 200, 'pieces'),
  xMm: wholeField('From the left', -100_000, 100_000, 'mm'),
  yMm: wholeField('From the top', -100_000, 100_000, 'mm'),
  turnDeg: realField('Turned', 0, 360),
  /** Its underside above the floor: a lamp on a table, a pendant under a ceiling. */
  raisedMm: mmField('Above the floor', 0, 12_000),
  /** A second place, where it goes while a bed is let out. */
  parked: flagField('Parking place'),
}))
export type Stand = RowOf<typeof standSchema>

export const HANG_FIXINGS = [
  'picture hook',
  'screw and plug',
  'hollow-wall anchor',
  'screw into a stud',
  'adhesive strips',
  'rail and cord',
  'string on a nail',
] as const
export type HangFixing = (typeof HANG_FIXINGS)[number]

export const WALL_MAKES = ['not known', 'masonry', 'plasterboard', 'timber'] as const
export type WallMake = (typeof WALL_MAKES)[number]

/** Where one piece hangs on a wall, told by its middle: from the left corner as seen from inside, and from the floor. */
export const hangSchema = rowSchema(() => ({
  id: idField(),
  pieceId: idField('Piece'),
  number: wholeField('Which of them', 1, 200, 'pieces'),
  wallId: idField('Wall'),
  xMm: wholeField('Middle from the left corner', -1_000, 50_000, 'mm'),
  centerMm: mmField('Middle above the floor', 0, 12_000),
  /** From the top edge down to the point that takes the hook, the wire drawn taut. */
  dropMm: mmField('Hook drop', 0, 3_000),
  hooks: wholeField('Hooks', 1, 6, 'hooks'),
  hookSpanMm: mmField('Between the hooks', 0, 10_000),
  fixing: choiceField('Held by', HANG_FIXINGS),
  /** What one fixing is rated for by its maker; null while it is not known. */
  ratedG: wholeOrNone('Rated load of one', 1, 1_000_000, 'grams'),
  into: choiceField('Into', WALL_MAKES),
  /** Pieces of one group are laid out together; empty for one that hangs by itself. */
  group: noteField('Group', 40),
}))
export type Hang = RowOf<typeof hangSchema>

export const PROFILES = ['flat', 'molded', 'ornate'] as const
export const FRAME_COATS = [
  'natural timber',
  'dark timber',
  'black',
  'white',
  'gilt',
  'silver',
  'color',
] as const
export const GLAZINGS = ['none', 'glass', 'acrylic', 'UV-filtering glass', 'UV-filtering acrylic'] as const
export type Glazing = (typeof GLAZINGS)[number]
export const BOARDS = ['none', 'conservation board', 'plain paper board'] as const

/** Sheet, mat, frame and glass of one picture: its outer size on the wall follows from them. */
export const frameSchema = rowSchema(() => ({
  id: idField(),
  pieceId: idField('Piece'),
  sheetWidthMm: mmField('Sheet width', 10, 5_000),
  sheetHeightMm: mmField('Sheet height', 10, 5_000),
  /** How far the mat covers the sheet on each side. */
  overlapMm: mmField('Mat over the sheet', 0, 100),
  borderMm: mmField('Mat border', 0, 600),
  bottomBorderMm: mmField('Mat border below', 0, 600),
  faceMm: mmField('Frame face', 0, 300),
  /** How far the frame covers the mat on each side. */
  rebateMm: mmField('Frame over the mat', 0, 50),
  filletMm: mmField('Inner fillet', 0, 40),
  profile: choiceField('Profile', PROFILES),
  coat: choiceField('Frame finish', FRAME_COATS),
  glazing: choiceField('Glazing', GLAZINGS),
  glazingMm: realField('Glazing thickness', 0, 10),
  board: choiceField('Mat board', BOARDS),
  moldingMinor: minorOrNone('Molding, a meter'),
  boardMinor: minorOrNone('Board, a square meter'),
  glazingMinor: minorOrNone('Glazing, a square meter'),
  workMinor: minorOrNone('Making'),
}))
export type Frame = RowOf<typeof frameSchema>

export const SET_OUT_KINDS = [
  'rail',
  'wainscot panels',
  'picture-frame panels',
  'board and batten',
  'curtain rail',
  'shelf',
] as const
export type SetOutKind = (typeof SET_OUT_KINDS)[number]

/** Something set out evenly along a wall: a rail, panels, battens, a curtain rail, a shelf. */
export const setOutSchema = rowSchema(() => ({
  id: idField(),
  wallId: idField('Wall'),
  kind: choiceField('Kind', SET_OUT_KINDS),
  name: noteField('Name', 60),
  startMm: mmField('From left', 0, 50_000),
  endMm: mmField('To', 0, 50_000),
  bottomMm: mmField('Lower edge above the floor', 0, 12_000),
  heightMm: mmField('Height', 0, 12_000),
  /** Fields of panels, battens of board and batten. */
  count: wholeField('Number', 1, 200, 'fields'),
  /** Width of a stile, a gap between panels, or a batten. */
  stileMm: mmField('Stile or gap', 0, 1_000),
  depthMm: mmField('Stands out', 0, 2_000),
  openingId: idOrNone('Window'),
}))
export type SetOut = RowOf<typeof setOutSchema>

export const AIMS = ['down', 'up', 'up and down', 'all round'] as const
export type Aim = (typeof AIMS)[number]

/** What a lamp gives: how much light, in which cone, from which height. It hangs on a piece or on a fixture. */
export const lightSchema = rowSchema(() => ({
  id: idField(),
  name: textField('Name', 80),
  pieceId: idOrNone('Piece'),
  fixtureId: idOrNone('Fixture'),
  lumens: wholeField('Luminous flux', 1, 100_000, 'lumens'),
  beamDeg: realField('Beam', 5, 360),
  aim: choiceField('Thrown', AIMS),
  /** The lamp itself above the underside of its piece; of a fixture above the floor. */
  headMm: mmField('Lamp above the foot', 0, 12_000),
}))
export type Light = RowOf<typeof lightSchema>

/** A number the job sets for itself in the place of the customary one. */
export const houseRuleSchema = rowSchema(() => ({
  id: idField(),
  need: choiceField('Rule', NEED_KEYS),
  mm: mmField('Set to', 0, 20_000),
  why: noteField('Why', 200),
}))
export type HouseRule = RowOf<typeof houseRuleSchema>

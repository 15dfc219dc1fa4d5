import type { Frame } from '../../model/rows/frames.js'
import type { WallPlacement } from '../../model/rows/wallPlacements.js'
import type { Light } from '../../model/rows/lights.js'
import type { FloorPlacement } from '../../model/rows/floorPlacements.js'

/** What a row of the plan is before anything but its piece and place is known. */
export const NEW_STAND = {
  optionId: null,
  number: 1,
  turnDeg: 0,
  raisedMm: 0,
  parked: false,
} as const satisfies Partial<FloorPlacement>

export const NEW_HANG = {
  number: 1,
  dropMm: 60,
  hooks: 1,
  hookSpanMm: 0,
  fixing: 'picture hook',
  ratedG: null,
  into: 'not known',
  group: '',
  turnDeg: 0,
  onPurpose: false,
} as const satisfies Partial<WallPlacement>

export const NEW_FRAME = {
  sheetWidthMm: 300,
  sheetHeightMm: 400,
  overlapMm: 5,
  borderMm: 60,
  bottomBorderMm: 60,
  faceMm: 25,
  rebateMm: 6,
  filletMm: 0,
  profile: 'flat',
  coat: 'black',
  glazing: 'glass',
  glare: false,
  glazingMm: 2,
  board: 'not known',
  moldingMinor: null,
  boardMinor: null,
  glazingMinor: null,
  workMinor: null,
} as const satisfies Partial<Frame>

export const NEW_LIGHT = {
  pieceId: null,
  fixtureId: null,
  lumens: 806,
  beamDeg: 360,
  aim: 'all round',
  headMm: 1_400,
  switchMm: null,
} as const satisfies Partial<Light>

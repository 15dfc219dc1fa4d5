import { choice, flag, minor, mm, real, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { PROFILES, FRAME_COATS, GLAZINGS, BOARDS } from '../vocabulary/frame.js'

/** Sheet, mat, frame and glass of one picture: its outer size on the wall follows from them. */
export const frames = defineRow({
  name: 'frames',
  table: 'frame',
  stage: 'plan',
  singular: 'a frame',
  order: ['pieceId', 'id'],
  fields: {
    pieceId: ref('pieces', 'Piece', 'remove'),
    sheetWidthMm: mm('Sheet width', 10, 5_000),
    sheetHeightMm: mm('Sheet height', 10, 5_000),
    /** How far the mat covers the sheet on each side. */
    overlapMm: mm('Mat over the sheet', 0, 100),
    borderMm: mm('Mat border', 0, 600),
    bottomBorderMm: mm('Mat border below', 0, 600),
    faceMm: mm('Frame face', 0, 300),
    /** How far the frame covers the mat on each side. */
    rebateMm: mm('Frame over the mat', 0, 50),
    filletMm: mm('Inner fillet', 0, 40),
    profile: choice('Profile', PROFILES),
    coat: choice('Frame finish', FRAME_COATS),
    glazing: choice('Glazing', GLAZINGS),
    /** Windows or lamps are seen mirrored in it from where one stands. */
    glare: flag('Reflections seen').starts(false),
    glazingMm: real('Glazing thickness', 0, 10),
    board: choice('Mat board', BOARDS),
    moldingMinor: minor('Molding, a meter').orNone(),
    boardMinor: minor('Board, a square meter').orNone(),
    glazingMinor: minor('Glazing, a square meter').orNone(),
    workMinor: minor('Making').orNone(),
  },
})
export type Frame = RowOf<typeof frames.fields>

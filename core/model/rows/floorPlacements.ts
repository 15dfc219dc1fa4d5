import { flag, mm, real, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/**
 * Where one piece stands: the middle of its footprint in the coordinates of the wall run (x to the right, y down the
 * sheet), and how far it is turned clockwise from standing with its back to the upper edge of the sheet.
 */
export const floorPlacements = defineRow({
  name: 'floorPlacements',
  table: 'floor_placement',
  stage: 'plan',
  singular: 'a place on the floor',
  order: ['pieceId', 'number', 'id'],
  fields: {
    pieceId: ref('pieces', 'Piece', 'remove'),
    /** The option whose size is tried in its place; null for the size of the piece. */
    optionId: ref('options', 'Option tried', 'clear').orNone(),
    /** Which of several alike, from 1. */
    number: whole('Which of them', 1, 200, 'pieces').starts(1),
    xMm: mm('From the left', -100_000, 100_000),
    yMm: mm('From the top', -100_000, 100_000),
    turnDeg: real('Turned', 0, 360).starts(0),
    /** Its underside above the floor: a lamp on a table, a pendant under a ceiling. */
    raisedMm: mm('Above the floor', 0, 12_000).starts(0),
    /** A second place, where it goes while a bed is extended. */
    parked: flag('Parking place').starts(false),
  },
})
export type FloorPlacement = RowOf<typeof floorPlacements.fields>

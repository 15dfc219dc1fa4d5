import { flag, mm, ref, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** A piece that is cut: an upright of a panel, a part of a cover. */
export const takeoffParts = defineRow({
  name: 'takeoffParts',
  table: 'takeoff_part',
  stage: 'takeoff',
  singular: 'a piece to be cut',
  order: ['takeoffId', 'position', 'id'],
  fields: {
    takeoffId: ref('takeoffs', 'Line', 'remove'),
    position: whole('Position', 0, 10_000, 'places').starts(0),
    name: text('Name'),
    count: whole('Number', 1, 2_000, 'pieces').starts(1),
    /** Along the length of the stock or the cloth. */
    lengthMm: mm('Length', 1, 20_000),
    /** Across it; cloth alone. */
    widthMm: mm('Width', 1, 20_000).orNone(),
    /** Without nap or direction: it may be turned by a quarter. */
    mayTurn: flag('May be turned').starts(false),
  },
})
export type TakeoffPart = RowOf<typeof takeoffParts.fields>

import { flag, mm, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** Where a piece stands on or in another: on which shelf counted from below, and in which order from the left. */
export const shelfPlacements = defineRow({
  name: 'shelfPlacements',
  table: 'shelf_placement',
  stage: 'handover',
  singular: 'a place on or in a piece',
  order: ['hostId', 'level', 'position', 'id'],
  fields: {
    pieceId: ref('pieces', 'Piece', 'remove'),
    hostId: ref('pieces', 'Stands on', 'remove'),
    /** Counted from below over all rows of shelves; 0 is on top of the piece. */
    level: whole('Shelf from below', 0, 200, 'shelves').starts(0),
    /** Which of several side by side, from the left; null where it does not matter. */
    compartment: whole('Compartment from the left', 1, 40, 'compartments').orNone(),
    /** Its left edge from the left edge of its shelf or compartment; null sets it out evenly with the others. */
    xMm: mm('From the left', 0, 20_000).orNone(),
    /** The thing on the same shelf on top of which it stands. */
    onId: ref('shelfPlacements', 'On top of', 'clear').orNone(),
    position: whole('Position', 0, 10_000, 'places').starts(0),
    /** How many of the piece stand there. */
    count: whole('How many', 1, 200, 'pieces').starts(1),
    /** Laid flat: its height lies along the shelf. */
    lies: flag('Laid flat').starts(false),
  },
})
export type ShelfPlacement = RowOf<typeof shelfPlacements.fields>

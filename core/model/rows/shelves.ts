import { flag, mm, note, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/**
 * Shelves or compartments of a piece that are alike, the lowest first: how high they are inside, how many lie side by side
 * and how many one above the other. Width and depth are of one; null takes those of the piece.
 */
export const shelves = defineRow({
  name: 'shelves',
  table: 'shelf',
  stage: 'handover',
  singular: 'a row of shelves',
  order: ['pieceId', 'position', 'id'],
  fields: {
    pieceId: ref('pieces', 'Piece', 'remove'),
    position: whole('Position', 0, 10_000, 'places').starts(0),
    name: note('Name', 60),
    /** One above the other. */
    levels: whole('One above the other', 1, 40, 'levels').starts(1),
    across: whole('Side by side', 1, 40, 'compartments').starts(1),
    clearHeightMm: mm('Clear height', 20, 5_000),
    clearWidthMm: mm('Clear width', 20, 10_000).orNone(),
    clearDepthMm: mm('Clear depth', 20, 3_000).orNone(),
    /** Behind a door or a lid, in a drawer or a bin: what is in it is not on view. */
    closed: flag('Closed').starts(false),
    /** What one shelf bears, by its maker's word; null where nobody knows. */
    bearsG: whole('Bears', 100, 1_000_000, 'grams').orNone(),
    /** How much of it was in use when it was looked at; null while nobody looked. */
    fullPercent: whole('In use', 0, 100, 'percent').orNone(),
  },
})
export type Shelf = RowOf<typeof shelves.fields>

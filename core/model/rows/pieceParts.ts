import { ref, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** A part of a piece with a finish of its own: the legs of a chair, the shade of a lamp. The rest wears the piece's finish. */
export const pieceParts = defineRow({
  name: 'pieceParts',
  table: 'piece_part',
  stage: 'palette',
  singular: 'a part of a piece',
  order: ['pieceId', 'name', 'id'],
  fields: {
    pieceId: ref('pieces', 'Piece', 'remove'),
    name: text('Part', 60),
    /** Of all of the piece that is seen. */
    percent: whole('Part of what is seen', 1, 100, 'percent'),
    finishId: ref('finishes', 'Finish', 'refuse'),
  },
})
export type PiecePart = RowOf<typeof pieceParts.fields>

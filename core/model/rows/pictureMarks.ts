import { choice, note, real, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { SEEN_AS } from '../vocabulary/handover.js'

/** A thing that is seen in a picture, at a place of it: a piece of the room, or something to be asked about. */
export const pictureMarks = defineRow({
  name: 'pictureMarks',
  table: 'picture_mark',
  stage: 'handover',
  singular: 'a thing in a picture',
  order: ['photoId', 'id'],
  fields: {
    photoId: ref('photos', 'Photo', 'remove'),
    /** From the left and from above, as parts of the picture. */
    x: real('From the left', 0, 1),
    y: real('From above', 0, 1),
    name: note('What it is', 80),
    pieceId: ref('pieces', 'Piece', 'clear').orNone(),
    /** What it is where it is no piece of the room; null while nobody has said. */
    seenAs: choice('It is', SEEN_AS).orNone(),
  },
})
export type PictureMark = RowOf<typeof pictureMarks.fields>

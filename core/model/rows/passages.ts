import { choice, mm, note, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { PASSAGE_KINDS } from '../vocabulary/room.js'

/** One part of the way from the street to the room, in the order a piece is carried through it. */
export const passages = defineRow({
  name: 'passages',
  table: 'passage',
  stage: 'measure',
  singular: 'a part of the way in',
  order: ['position', 'id'],
  fields: {
    position: whole('Position', 0, 10_000, 'places'),
    kind: choice('Kind', PASSAGE_KINDS),
    name: note('Name', 60),
    widthMm: mm('Clear width', 100, 20_000),
    heightMm: mm('Clear height', 500, 10_000),
    /** Of a lift car and a landing the depth, of a corridor and a stair the length; of a turn the width after it. */
    lengthMm: mm('Length or depth', 100, 50_000).orNone(),
  },
})
export type Passage = RowOf<typeof passages.fields>

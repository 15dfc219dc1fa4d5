import { choice, day, note, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { EDITS } from '../vocabulary/handover.js'

/** One decision of the last edit, with the place the thing had: the room before and after the edit follows from these. */
export const edits = defineRow({
  name: 'edits',
  table: 'edit',
  stage: 'handover',
  singular: 'a decision of the edit',
  order: ['on', 'id'],
  fields: {
    pieceId: ref('pieces', 'Piece', 'remove'),
    on: day('On'),
    did: choice('Decided', EDITS),
    /** Where it stood before: on which shelf of which piece; null where it stood on none. */
    wasHostId: ref('pieces', 'Stood on', 'clear').orNone(),
    wasLevel: whole('On shelf', 0, 200, 'shelves').orNone(),
    wasCount: whole('Number', 1, 200, 'pieces').starts(1),
    why: note('Why', 200),
  },
})
export type Edit = RowOf<typeof edits.fields>

import { choice, note, ref, surfaceOrNone, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { LIMIT_KINDS } from '../vocabulary/limit.js'

/** What must stay, or may not be touched. */
export const limits = defineRow({
  name: 'limits',
  table: 'limit',
  stage: 'brief',
  singular: 'a limit',
  order: ['what', 'id'],
  fields: {
    kind: choice('Limit', LIMIT_KINDS),
    what: text('What', 120),
    /** The surface it binds, in the words of the palette; empty for a thing that is no surface. */
    surface: surfaceOrNone('Surface', 'refuse'),
    pieceId: ref('pieces', 'Piece', 'refuse').orNone(),
    why: note('Why', 200),
  },
})
export type Limit = RowOf<typeof limits.fields>

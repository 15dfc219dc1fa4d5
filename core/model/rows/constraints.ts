import { choice, note, ref, surfaceOrNone, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { CONSTRAINT_KINDS } from '../vocabulary/constraint.js'

/** What must stay, or may not be touched. */
export const constraints = defineRow({
  name: 'constraints',
  table: 'constraint',
  stage: 'brief',
  singular: 'a constraint',
  order: ['what', 'id'],
  fields: {
    kind: choice('Constraint', CONSTRAINT_KINDS),
    what: text('What', 120),
    /** The surface it binds, in the words of the palette; empty for a thing that is no surface. */
    surface: surfaceOrNone('Surface', 'refuse'),
    pieceId: ref('pieces', 'Piece', 'refuse').orNone(),
    why: note('Why', 200),
  },
})
export type Constraint = RowOf<typeof constraints.fields>

import { flag, minor, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** What one piece wears in one scheme. */
export const schemeOverrides = defineRow({
  name: 'schemeOverrides',
  table: 'scheme_override',
  stage: 'palette',
  singular: 'a finish in one scheme',
  order: ['id'],
  fields: {
    schemeId: ref('schemes', 'Scheme', 'remove'),
    pieceId: ref('pieces', 'Piece', 'remove'),
    finishId: ref('finishes', 'Finish', 'refuse').orNone(),
    /** The piece is not in the room in this scheme. */
    absent: flag('Left out').starts(false),
    costMinor: minor('Cost').orNone(),
  },
})
export type SchemeOverride = RowOf<typeof schemeOverrides.fields>

import { mm, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** A measured distance between two corners: each is named by the wall that begins there. */
export const diagonals = defineRow({
  name: 'diagonals',
  table: 'diagonal',
  stage: 'measure',
  singular: 'a diagonal',
  order: ['id'],
  fields: {
    fromWallId: ref('walls', 'From corner', 'remove'),
    toWallId: ref('walls', 'To corner', 'remove'),
    lengthMm: mm('Diagonal', 100, 70_000),
  },
})
export type Diagonal = RowOf<typeof diagonals.fields>

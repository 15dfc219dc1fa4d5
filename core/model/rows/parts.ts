import { choice, mm, ref, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { PART_KINDS } from '../vocabulary/surface.js'

export const parts = defineRow({
  name: 'parts',
  table: 'wall_part',
  stage: 'palette',
  singular: 'a part of a wall',
  order: ['name', 'id'],
  fields: {
    name: text('Name', 60),
    kind: choice('Kind', PART_KINDS),
    /** The wall it is taken from; null when it lies on several. */
    wallId: ref('walls', 'Wall', 'clear').orNone(),
    count: whole('Number', 1, 200, 'fields').starts(1),
    widthMm: mm('Width', 10, 50_000),
    heightMm: mm('Height', 10, 12_000),
  },
})
export type Part = RowOf<typeof parts.fields>

import { flag, mm, note, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** A part of the ceiling lower than the rest: from a height at one wall to a height some way into the room. */
export const ceilings = defineRow({
  name: 'ceilings',
  table: 'ceiling',
  stage: 'measure',
  singular: 'a part of the ceiling',
  order: ['name', 'id'],
  fields: {
    wallId: ref('walls', 'Wall', 'remove'),
    name: note('Name', 60),
    startHeightMm: mm('Height at the wall', 0, 12_000),
    endHeightMm: mm('Height further in', 0, 12_000),
    depthMm: mm('Reaches into the room', 10, 50_000),
    /** Over the whole width of the room, or only in front of its wall. */
    whole: flag('Whole width'),
  },
})
export type Ceiling = RowOf<typeof ceilings.fields>

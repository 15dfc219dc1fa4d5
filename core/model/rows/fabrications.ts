import { choice, minor, mm, real, ref, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { MAKING_KINDS } from '../vocabulary/buying.js'

/** One line of what a made option takes. */
export const fabrications = defineRow({
  name: 'fabrications',
  table: 'fabrication',
  stage: 'source',
  singular: 'a line of making',
  order: ['optionId', 'position', 'id'],
  fields: {
    optionId: ref('options', 'Option', 'remove'),
    position: whole('Position', 0, 10_000, 'places').starts(0),
    name: text('Material or tool'),
    kind: choice('Kind', MAKING_KINDS),
    quantity: real('Quantity', 0, 100_000),
    unitMinor: minor('Price of one'),
    /** Equal pieces cut from stock lengths; null when it is not cut. */
    cutMm: mm('Cut to', 1, 20_000).orNone(),
    cutCount: whole('Pieces', 1, 1000, 'pieces').orNone(),
    stockMm: mm('Sold in lengths of', 1, 20_000).orNone(),
    kerfMm: mm('Saw cut', 0, 20).orNone(),
  },
})
export type Fabrication = RowOf<typeof fabrications.fields>

import { real, ref, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** A color pulled out of the piece or picture that inspires the room. */
export const sampledColors = defineRow({
  name: 'sampledColors',
  table: 'sampled_color',
  stage: 'palette',
  singular: 'a sampled color',
  order: ['position', 'id'],
  fields: {
    position: whole('Position', 0, 100_000, 'places').starts(0),
    name: text('Name', 60),
    labL: real('Color L*', 0, 100),
    labA: real('Color a*', -128, 128),
    labB: real('Color b*', -128, 128),
    /** Its part of the piece or picture, 0 to 1. */
    share: real('Part of the picture', 0, 1),
    photoId: ref('photos', 'Photo', 'clear').orNone(),
  },
})
export type SampledColor = RowOf<typeof sampledColors.fields>

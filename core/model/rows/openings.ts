import { choice, mm, note, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { CARRIES, OPENING_KINDS, HINGES, SWINGS } from '../vocabulary/room.js'

/** A door, window or plain opening in one wall; distances from the left end as seen from inside. */
export const openings = defineRow({
  name: 'openings',
  table: 'opening',
  stage: 'measure',
  singular: 'an opening',
  order: ['wallId', 'startMm', 'id'],
  fields: {
    wallId: ref('walls', 'Wall', 'remove'),
    kind: choice('Kind', OPENING_KINDS),
    name: note('Name', 60),
    startMm: mm('From left', 0, 50_000),
    /** Of a door the clear width: what passes between its stops. Null while nobody measured it. */
    widthMm: mm('Width', 100, 10_000).orNone(),
    /** Null while nobody measured it. */
    heightMm: mm('Height', 100, 6_000).orNone(),
    /** Null while nobody measured it. */
    sillMm: mm('Sill', 0, 5_000).orNone(),
    hinge: choice('Hinge', HINGES),
    swing: choice('Swing', SWINGS),
    /** What hangs over it already: a rod, a blind whose rail something could be clipped to. Null while nobody looked. */
    carries: choice('Carries', CARRIES).orNone(),
    /** What that is rated for by its maker, beside what it carries by itself. */
    carriesG: whole('It may carry', 1, 100_000, 'grams').orNone(),
  },
})
export type Opening = RowOf<typeof openings.fields>

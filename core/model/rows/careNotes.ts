import { day, findingKey, flag, note, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** By which word a note of care names the rows it follows from. */
export const CARE_ROWS = { piece: 'pieces', finish: 'finishes', set: 'seasonalSets' } as const

/**
 * What a person says of the care of a thing: usual care that follows from its material and is changed, left out or done, or a
 * note of their own. What is null follows from the material.
 */
export const careNotes = defineRow({
  name: 'careNotes',
  table: 'care_note',
  stage: 'handover',
  singular: 'a note of care',
  order: ['id'],
  fields: {
    /** The care it speaks of, `wash|piece:id`; `own` for one that follows from nothing. */
    key: findingKey('Care', CARE_ROWS),
    pieceId: ref('pieces', 'Piece', 'remove').orNone(),
    what: note('What', 300),
    everyMonths: whole('Every', 1, 240, 'months').orNone(),
    /** 1 to 12: in this month of the year. */
    month: whole('Month', 1, 12, 'months').orNone(),
    lastOn: day('Last done').orNone(),
    leftOut: flag('Left out').starts(false),
  },
})
export type CareNote = RowOf<typeof careNotes.fields>

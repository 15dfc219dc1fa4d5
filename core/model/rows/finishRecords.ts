import { day, note, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** What is known of a finish as it was applied, that a later repair asks for: name, code and sheen are the finish's own. */
export const finishRecords = defineRow({
  name: 'finishRecords',
  table: 'finish_record',
  stage: 'handover',
  singular: 'a record of a finish',
  order: ['id'],
  fields: {
    finishId: ref('finishes', 'Finish', 'remove'),
    batch: note('Batch', 60),
    appliedOn: day('Applied on').orNone(),
    supplier: note('Supplier', 120),
    /** What is over, and where it is kept. */
    spare: note('Spare', 120),
    /** What was left in the tins when it was done; null while nobody looked. */
    leftMl: whole('Left in the tins', 0, 1_000_000, 'milliliters').orNone(),
    spareAt: note('Spare kept at', 120),
  },
})
export type FinishRecord = RowOf<typeof finishRecords.fields>

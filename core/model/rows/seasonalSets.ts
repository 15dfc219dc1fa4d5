import { note, refs, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** Things that are on view for a part of the year and stored for the rest of it. */
export const seasonalSets = defineRow({
  name: 'seasonalSets',
  table: 'seasonal_set',
  stage: 'handover',
  singular: 'a seasonal set',
  order: ['position', 'id'],
  fields: {
    position: whole('Position', 0, 10_000, 'places').starts(0),
    name: text('Set', 80),
    /** Months 1 to 12; a season may go on into the next year. */
    fromMonth: whole('From month', 1, 12, 'months'),
    toMonth: whole('To month', 1, 12, 'months'),
    pieceIds: refs('pieces', 'Things', 'Thing'),
    storedAt: note('Stored at', 120),
  },
})
export type SeasonalSet = RowOf<typeof seasonalSets.fields>

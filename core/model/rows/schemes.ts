import { flag, note, ref, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** One of several looks for the same room; what stays is shared by all. */
export const schemes = defineRow({
  name: 'schemes',
  table: 'scheme',
  stage: 'palette',
  singular: 'a scheme',
  order: ['position', 'id'],
  fields: {
    position: whole('Position', 0, 100_000, 'places').starts(0),
    name: text('Name', 60),
    note: note('Note', 400),
    /** A seasonal scheme lies over another and changes only a few textiles; null for a whole scheme. */
    overId: ref('schemes', 'Lies over', 'refuse').orNone(),
    /** Set aside, not thrown away. */
    retired: flag('Retired').starts(false),
    /** Where the set that is not in the room is kept. */
    storedAt: note('Stored at', 120),
  },
})
export type Scheme = RowOf<typeof schemes.fields>

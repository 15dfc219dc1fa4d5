import { day, note, ref, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** Days on which somebody is away, or nobody works: holidays, closures, a client who is not in. */
export const closures = defineRow({
  name: 'closures',
  table: 'closure',
  stage: 'install',
  singular: 'days off',
  order: ['fromOn', 'id'],
  fields: {
    what: text('What', 120),
    /** Null for everybody. */
    crewId: ref('crew', 'Who', 'remove').orNone(),
    fromOn: day('From'),
    untilOn: day('Until'),
    /** Where it is known from: a calendar that was read in, a letter. */
    source: note('Known from', 200),
    /** Its name in that calendar, so that reading it again changes it and does not double it. */
    uid: note('Name in its calendar', 200),
  },
})
export type Closure = RowOf<typeof closures.fields>

import { day, flag, ref, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** Building work that is not done, and the place it holds up. */
export const works = defineRow({
  name: 'works',
  table: 'work',
  stage: 'brief',
  singular: 'building work',
  order: ['what', 'id'],
  fields: {
    what: text('Work', 120),
    /** The wall it holds up; null when it holds up the whole room. */
    wallId: ref('walls', 'Wall', 'refuse', { along: 'remove' }).orNone(),
    readyOn: day('Ready on').orNone(),
    done: flag('Done').starts(false),
  },
})
export type Work = RowOf<typeof works.fields>

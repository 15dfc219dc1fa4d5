import { day, findingKey, note, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { REF_COLLECTIONS } from '../vocabulary/refKind.js'

/** A finding accepted as deliberate: it stays struck while its facts stand. */
export const acceptances = defineRow({
  name: 'acceptances',
  table: 'acceptance',
  stage: 'brief',
  singular: 'an accepted finding',
  order: ['id'],
  fields: {
    finding: findingKey('Finding', REF_COLLECTIONS),
    facts: text('Facts', 600),
    reason: text('Reason', 400),
    /** Who accepted it, and when: the caution is theirs from then on. */
    by: note('By', 120),
    on: day('On').orNone(),
  },
})
export type Acceptance = RowOf<typeof acceptances.fields>

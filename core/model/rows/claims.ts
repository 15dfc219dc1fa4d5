import { choice, day, minor, note, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { CLAIM_ASKS, CLAIM_ANSWERS } from '../vocabulary/ledger.js'

/** What is asked of a seller for a thing that came damaged or wrong; its photos stand under `claim:` and its id. */
export const claims = defineRow({
  name: 'claims',
  table: 'claim',
  stage: 'ledger',
  singular: 'a claim',
  order: ['madeOn', 'id'],
  fields: {
    lineId: ref('lines', 'Line', 'refuse'),
    madeOn: day('Claimed on'),
    asks: choice('Asked for', CLAIM_ASKS).starts('replacement'),
    amountMinor: minor('Amount asked').orNone(),
    answerByOn: day('Answer by').orNone(),
    answer: choice('Answer', CLAIM_ANSWERS).starts('waiting'),
    answeredOn: day('Answered on').orNone(),
    note: note('What is wrong', 400),
  },
})
export type Claim = RowOf<typeof claims.fields>

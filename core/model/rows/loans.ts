import { choice, day, note, ref, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { LOAN_REASONS } from '../vocabulary/ledger.js'

/** A thing that is here and goes back: it never enters money, coverage or what is handed over. */
export const loans = defineRow({
  name: 'loans',
  table: 'loan',
  stage: 'ledger',
  singular: 'a borrowed thing',
  order: ['takenOn', 'id'],
  fields: {
    name: text('What'),
    /** The piece of the room that it is; its name is then read from the piece. */
    pieceId: ref('pieces', 'The piece', 'clear').orNone(),
    owner: note('Whose', 120),
    reason: choice('Why it is here', LOAN_REASONS),
    takenOn: day('Here since').orNone(),
    backOn: day('Goes back by').orNone(),
    returnedOn: day('Went back on').orNone(),
    note: note('Note', 400),
  },
})
export type Loan = RowOf<typeof loans.fields>

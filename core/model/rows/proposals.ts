import { number } from 'yup'
import { by, choice, day, note, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { MAX_MINOR } from '../../kernel/money/currency.js'
import { PROPOSAL_STATES } from '../vocabulary/ledger.js'

/** What is added to the budget, or taken off it. */
const signedAmount = () =>
  number()
    .label('Amount')
    .typeError('Amount must be a number.')
    .integer('Amount must be a whole number of minor units.')
    .min(-MAX_MINOR, 'Amount is too far below zero. Check for digits too many.')
    .max(MAX_MINOR, 'Amount is too large. Check for digits too many.')
    .required('Amount is missing. Write what is added, or taken off.')

/** A change of the agreed budget while client and decorator talk it over. */
export const proposals = defineRow({
  name: 'proposals',
  table: 'proposal',
  stage: 'ledger',
  singular: 'a proposal',
  order: ['proposedOn', 'id'],
  fields: {
    proposedOn: day('Proposed on'),
    amountMinor: by<number>('minor', 'Amount', signedAmount),
    why: text('What changes', 200),
    items: note('Items it touches', 400),
    state: choice('State', PROPOSAL_STATES).starts('proposed'),
    answeredOn: day('Answered on').orNone(),
    answer: note('Answer', 400),
  },
})
export type Proposal = RowOf<typeof proposals.fields>

import { number } from 'yup'
import { MAX_MINOR } from '../../kernel/money/currency.js'
import { by, day, id, text } from '../field.js'
import { defineRecord } from '../record.js'
import type { RowOf } from '../row.js'

/** What is added to the agreed budget, or taken off it; never nothing. */
export const changeAmount = () =>
  number()
    .label('Amount')
    .typeError('Amount must be a number.')
    .integer('Amount must be a whole number of minor units.')
    .min(-MAX_MINOR, `Amount must be at least ${-MAX_MINOR} minor units.`)
    .max(MAX_MINOR, `Amount must be at most ${MAX_MINOR} minor units. Check for digits too many.`)
    .test('not-zero', 'Amount is nothing. Write what is added, or taken off with a minus.', (v) => v !== 0)
    .required('Amount is missing. Write what is added, or taken off with a minus.')

/** A change of the agreed budget, as it was agreed. Written once; a mistake is fixed by another. */
export const changeOrders = defineRecord({
  name: 'changeOrders',
  table: 'change_order',
  singular: 'a change order',
  signed: 'kept',
  order: ['agreedOn'],
  fields: {
    id: id(),
    amountMinor: by<number>('minor', 'Amount', changeAmount),
    agreedOn: day('Agreed on'),
    agreedBy: text('Agreed by', 80),
    why: text('Why', 200),
  },
})
export type ChangeOrder = RowOf<typeof changeOrders.fields>

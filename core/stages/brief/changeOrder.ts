import { dayField, idOrNone, rowSchema, textField } from '../../model/checks.js'
import { changeAmount } from '../../model/records/changeOrders.js'
import type { InferType } from 'yup'

/** A change of the agreed budget as it is entered. */
export const changeOrderSchema = rowSchema(() => ({
  amountMinor: changeAmount(),
  agreedOn: dayField('Agreed on'),
  agreedBy: textField('Agreed by', 80),
  why: textField('Why', 200),
  /** The proposal it settles, when there was one. */
  proposalId: idOrNone('Proposal').optional(),
}))
export type NewChangeOrder = InferType<ReturnType<typeof changeOrderSchema>>

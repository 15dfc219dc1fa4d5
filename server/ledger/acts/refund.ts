import { refundSchema } from '@bonitas/core/stages/ledger/acts'
import { oneLine, tooMuch, write } from '../lines.js'
import { creditBack } from '../vouchers.js'
import { defineAct } from '../act.js'

/** Money that came back, or a credit that is none. @throws {Problem} 404, 409 when more than is due */
export const refund = defineAct({
  name: 'refund',
  path: 'refunds',
  input: refundSchema,
  async work(tx, act, wish) {
    const { line, state } = await oneLine(tx, act, wish.lineId)
    if (wish.amountMinor > state.dueBackMinor)
      throw tooMuch(
        'amountMinor',
        `Amount is more than the ${act.says.moneyColumn(state.dueBackMinor)} due back for ${line.itemName}. Enter the return first, or write less.`,
      )
    const voucherId = wish.means === 'store credit' ? await creditBack(tx, act, line, wish) : null
    return {
      eventId: await write(tx, act, wish.refundedOn, wish.note, [
        {
          kind: 'refund',
          lineId: line.id,
          amountMinor: wish.amountMinor,
          quantity: 0,
          means: wish.means,
          voucherId,
        },
      ]),
    }
  },
})

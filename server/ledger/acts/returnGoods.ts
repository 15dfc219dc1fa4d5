import { returnSchema } from '@bonitas/core/stages/ledger/acts'
import { credit, oneLine, tooMuch, write } from '../lines.js'
import { notEnteredYet } from '../orderUpdates.js'
import { reopen } from '../reopen.js'
import { defineAct } from '../act.js'

/** Sends goods back for a credit. The money stays counted as paid until it is refunded. @throws {Problem} 404, 409 */
export const returnGoods = defineAct({
  name: 'return',
  path: 'returns',
  input: returnSchema,
  async work(tx, act, wish) {
    const { line, state } = await oneLine(tx, act, wish.lineId)
    await notEnteredYet(tx, act, line.orderId, wish.updateId)
    const here = state.hereQuantity
    if (wish.quantity > here)
      throw tooMuch(
        'quantity',
        here === 0
          ? `${line.itemName} has not been delivered, or is back already.`
          : `Quantity is more than the ${here} that are here.`,
      )
    if (wish.creditMinor > state.dueMinor)
      throw tooMuch(
        'creditMinor',
        `Credit is more than the ${act.says.moneyColumn(state.dueMinor)} the line costs. Write at most that.`,
      )
    const eventId = await write(tx, act, wish.returnedOn, wish.note, [
      { ...credit(line, state, 'return', wish.creditMinor, wish.quantity), updateId: wish.updateId },
    ])
    await reopen(tx, act, line)
    return { eventId }
  },
})

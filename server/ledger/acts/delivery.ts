import { deliverSchema } from '@bonitas/core/stages/ledger/acts'
import { notFound } from '../../http/problem.js'
import { type NewEntry, linesWith, tooMuch, write } from '../lines.js'
import { notEnteredYet } from '../orderUpdates.js'
import { defineAct } from '../act.js'

/** Notes what has come: a number of one line, or all that was still to come of several. @throws {Problem} 404, 409 */
export const delivery = defineAct({
  name: 'delivery',
  path: 'deliveries',
  input: deliverSchema,
  async work(tx, act, wish) {
    const ids = [...new Set(wish.lineIds)]
    const lines = await linesWith(tx, act, { orderId: wish.orderId, lineIds: ids })
    if (lines.length < ids.length) throw notFound('This line')
    await notEnteredYet(tx, act, wish.orderId, wish.updateId)
    if (wish.quantity != null && ids.length > 1)
      throw tooMuch(
        'quantity',
        'Quantity is for one line. Enter each line by itself, or leave it empty for all that is to come.',
      )
    const entries = lines.map(({ line, state }): NewEntry => {
      const open = state.toComeQuantity
      if (open <= 0) throw tooMuch('lineIds', `${line.itemName} is delivered already.`)
      if ((wish.quantity ?? 0) > open)
        throw tooMuch(
          'quantity',
          `Quantity is more than the ${open} still to come of ${line.itemName}. Write at most that.`,
        )
      return {
        kind: 'delivery',
        lineId: line.id,
        amountMinor: 0,
        quantity: wish.quantity ?? open,
        updateId: wish.updateId,
      }
    })
    return { eventId: await write(tx, act, wish.deliveredOn, wish.note, entries) }
  },
})

import { splitByWeight } from '@bonitas/core/kernel/money/splitByWeight'
import { payOrderSchema } from '@bonitas/core/stages/ledger/acts'
import { notFound } from '../../http/problem.js'
import { type NewEntry, linesWith, tooMuch, write } from '../lines.js'
import { holdsEnough } from '../vouchers.js'
import { defineAct } from '../act.js'

/** Pays towards an order, spread over its lines by what each still owes. @throws {Problem} 404, 409 when it is too much */
export const payment = defineAct({
  name: 'payment',
  path: 'payments',
  input: payOrderSchema,
  async work(tx, act, wish) {
    const lines = await linesWith(tx, act, { orderId: wish.orderId })
    if (lines.length === 0) throw notFound('This order')
    const owed = lines.map((l) => l.state.outstandingMinor)
    const total = owed.reduce((a, b) => a + b, 0)
    if (wish.amountMinor > total)
      throw tooMuch(
        'amountMinor',
        total === 0
          ? 'Nothing is owed on this order any more.'
          : `Amount is more than the ${act.says.moneyColumn(total)} still owed on this order. Write at most that.`,
      )
    if (wish.voucherId) await holdsEnough(tx, act, wish.voucherId, wish)
    const parts = splitByWeight(wish.amountMinor, owed)
    const { means, voucherId = null, estimated = false } = wish
    const entries = lines.flatMap((l, i): NewEntry[] => {
      const amountMinor = parts[i] ?? 0
      return amountMinor > 0
        ? [{ kind: 'payment', lineId: l.line.id, amountMinor, quantity: 0, means, voucherId, estimated }]
        : []
    })
    return { eventId: await write(tx, act, wish.paidOn, wish.note, entries) }
  },
})

import { mulDivRound } from '@bonitas/core/kernel/money/rate'
import { cancelSchema } from '@bonitas/core/stages/ledger/acts'
import { conflict } from '../../http/problem.js'
import { credit, oneLine, write } from '../lines.js'
import { reopen } from '../reopen.js'
import { defineAct } from '../act.js'

/** Takes what has not been delivered off an order. @throws {Problem} 404, 409 */
export const cancellation = defineAct({
  name: 'cancel',
  path: 'cancellations',
  input: cancelSchema,
  async work(tx, act, wish) {
    const { line, state } = await oneLine(tx, act, wish.lineId)
    const open = state.toComeQuantity
    if (open <= 0) throw conflict(`Nothing of ${line.itemName} is still to come. Return it instead.`)
    const amountMinor = mulDivRound(state.dueMinor, open, state.liveQuantity)
    const eventId = await write(tx, act, wish.cancelledOn, wish.note, [
      credit(line, state, 'cancel', amountMinor, open),
    ])
    await reopen(tx, act, line)
    return { eventId }
  },
})

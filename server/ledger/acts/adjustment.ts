import { adjustSchema } from '@bonitas/core/stages/ledger/acts'
import { credit, oneLine, tooMuch, write } from '../lines.js'
import { defineAct } from '../act.js'

/** A price lowered after the order: the seller owes the difference. @throws {Problem} 404, 409 when it is more than it costs */
export const adjustment = defineAct({
  name: 'adjustment',
  path: 'adjustments',
  input: adjustSchema,
  async work(tx, act, wish) {
    const { line, state } = await oneLine(tx, act, wish.lineId)
    if (wish.amountMinor > state.dueMinor)
      throw tooMuch(
        'amountMinor',
        `Amount is more than the ${act.says.moneyColumn(state.dueMinor)} the line costs. Write at most that.`,
      )
    const entry = credit(line, state, 'adjustment', wish.amountMinor, 0)
    return { eventId: await write(tx, act, wish.adjustedOn, wish.note, [entry]) }
  },
})

import { accountSchema } from '@bonitas/core/stages/ledger/acts'
import { write } from '../lines.js'
import { defineAct } from '../act.js'

/** The client's money on account, or the fee charged to it. */
export const account = defineAct({
  name: 'account',
  path: 'account',
  input: accountSchema,
  async work(tx, act, wish) {
    const { kind, amountMinor } = wish
    const means = kind === 'fee' ? null : wish.means
    return {
      eventId: await write(tx, act, wish.on, wish.note, [
        { kind, lineId: null, amountMinor, quantity: 0, means },
      ]),
    }
  },
})

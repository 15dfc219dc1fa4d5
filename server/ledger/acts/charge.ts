import { chargeSchema } from '@bonitas/core/stages/ledger/acts'
import { oneLine, tooMuch, write } from '../lines.js'
import { defineAct } from '../act.js'

/** A charge on top of an order: restocking, cancelling, carriage. @throws {Problem} 404, 409 when its tax is more than it */
export const charge = defineAct({
  name: 'charge',
  path: 'charges',
  input: chargeSchema,
  async work(tx, act, wish) {
    const { line } = await oneLine(tx, act, wish.lineId)
    const { amountMinor } = wish
    const taxMinor = wish.taxMinor ?? 0
    if (taxMinor > amountMinor)
      throw tooMuch('taxMinor', 'Tax inside is more than the charge. Write the tax that is part of it.')
    return {
      eventId: await write(tx, act, wish.chargedOn, wish.note, [
        { kind: 'charge', lineId: line.id, amountMinor, taxMinor, quantity: 0 },
      ]),
    }
  },
})

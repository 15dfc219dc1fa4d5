import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { addDays } from '../../../kernel/units/days.js'
import { about } from './goods.js'

/** How long after buying sellers commonly give back the difference (common practice; the seller's terms decide). */
const ADJUST_DAYS = 14

/** The price fell soon after it was bought. */
export const priceFell: Rule<LedgerFacts> = {
  name: 'ledger.price-fell',
  title: 'The price fell after it was ordered',
  numbers: `A lower price seen within ${ADJUST_DAYS} days of the order, and those days not over.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today, says }) =>
    lines.flatMap((l): Finding[] => {
      const last = addDays(l.placedOn, ADJUST_DAYS)
      if (!l.lower || l.state.liveQuantity <= 0 || l.lower.on > last || today > last) return []
      return [
        {
          rule: 'ledger.price-fell',
          severity: 'note',
          about: about(l),
          title: `${l.itemName} is ${says.money(l.lower.wasMinor - l.lower.priceMinor)} cheaper than when it was ordered`,
          measured: `${says.money(l.lower.wasMinor)} → ${says.money(l.lower.priceMinor)}, seen ${says.day(l.lower.on, today)}`,
          wanted: `asked for until ${says.day(last, today)}, if the seller’s terms allow it`,
          because:
            'A later markdown is no saving until the seller gives the difference back; many do when asked soon.',
          fixes: [],
        },
      ]
    }),
}

import type { Finding, Rule } from '../../findings/finding.js'
import { dayText } from '../../units/days.js'
import { QUIET, type LedgerFacts } from '../ledgerFacts.js'

// Common practice: a week is the least notice that still lets a piece be packed and a carrier be found.
export const NOTICE_DAYS = 7

const inDays = (n: number) => (n === 0 ? 'today' : n === 1 ? 'tomorrow' : `in ${n} days`)

/** Goods that can go back, but not for long. */
export const returnEnding: Rule<LedgerFacts> = {
  name: 'ledger.return-ending',
  title: 'A return window is about to close',
  numbers: `Shown from ${NOTICE_DAYS} days before the last day, counted from delivery.`,
  source: 'common practice',
  schools: 'all',
  check: ({ returns }) =>
    returns
      .filter((r) => r.daysLeft >= 0 && r.daysLeft <= NOTICE_DAYS)
      .map((r): Finding => ({
        rule: 'ledger.return-ending',
        severity: 'look',
        about: [{ kind: 'item', id: r.itemId, name: r.itemName }],
        title: `${r.itemName}: the last day to send it back is ${inDays(r.daysLeft)}`,
        measured: `Last day ${dayText(r.lastDay)}`,
        wanted: 'a decision before it',
        because:
          'Tags and receipts are kept until it is sure to work; after the last day the money cannot come back.',
        mends: [],
      })),
  examples: {
    trips: () => ({
      ...QUIET,
      returns: [{ lineId: 'l', itemId: 'i', itemName: 'Rug', lastDay: '2026-03-24', daysLeft: 3 }],
    }),
    passes: () => ({
      ...QUIET,
      returns: [{ lineId: 'l', itemId: 'i', itemName: 'Rug', lastDay: '2026-03-24', daysLeft: 12 }],
    }),
  },
}

/** Goods that should have come. */
export const deliveryLate: Rule<LedgerFacts> = {
  name: 'ledger.delivery-late',
  title: 'A delivery is late',
  numbers: 'Shown from the day after it was expected.',
  source: 'common practice',
  schools: 'all',
  check: ({ late }) =>
    late.map((l): Finding => ({
      rule: 'ledger.delivery-late',
      severity: 'look',
      about: [{ kind: 'order', id: l.orderId, name: l.itemName }],
      title: `${l.itemName}: ${l.daysLate} ${l.daysLate === 1 ? 'day' : 'days'} late`,
      measured: `Expected ${dayText(l.expectedOn)}, not delivered`,
      wanted: 'delivered, or a new date from the supplier',
      because: 'What waits for it waits too; a supplier asked early can still divert another.',
      mends: [],
    })),
  examples: {
    trips: () => ({
      ...QUIET,
      late: [{ orderId: 'o', itemName: 'Rug', expectedOn: '2026-03-01', daysLate: 2 }],
    }),
    passes: () => QUIET,
  },
}

import { put } from '../../../model/changes.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { addDays, dayText, daysBetween } from '../../../kernel/units/days.js'
import type { LedgerFacts, LineFacts } from '../ledgerFacts.js'
import { NOTICE_DAYS } from './dates.js'
import { facts, HERE, line, PAID } from './example.js'

/** What is judged by eye, in its room. */
const SEEN: ReadonlySet<string> = new Set(['furniture', 'textiles', 'light', 'decor', 'fixtures'])

const about = (l: LineFacts) => [{ kind: 'item' as const, id: l.itemId, name: l.itemName }]

/** It can no longer go back when the room is seen. */
export const returnBeforeInstall: Rule<LedgerFacts> = {
  name: 'ledger.return-before-install',
  title: 'The return window ends before the piece is seen in its room',
  numbers: 'The last day to send it back lies before the install date; until it is decided.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines, installOn, today }) =>
    lines.flatMap((l): Finding[] => {
      if (!installOn || !l.returnUntil || l.returnUntil >= installOn || l.returnUntil < today) return []
      if (l.decision || !SEEN.has(l.category)) return []
      // The last week is told by the reminder.
      if (daysBetween(today, l.returnUntil) <= NOTICE_DAYS) return []
      return [
        {
          rule: 'ledger.return-before-install',
          severity: 'look',
          about: about(l),
          title: `${l.itemName} can go back until ${dayText(l.returnUntil, today)}, the room is only set up on ${dayText(installOn, today)}`,
          measured: `${daysBetween(l.returnUntil, installOn)} days too early`,
          wanted: 'seen in its place before the last day, or a longer window from the seller',
          because:
            'Judgment changes once things stand together; try it in the room before then, with tags and receipt on.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () =>
      facts({
        installOn: '2026-04-01',
        lines: [line([HERE], { deliveredOn: '2026-03-01', returnUntil: '2026-03-15' })],
      }),
    passes: () =>
      facts({
        installOn: '2026-04-01',
        lines: [
          line([HERE], { deliveredOn: '2026-03-01', returnUntil: '2026-03-15', decision: 'to go back' }),
        ],
      }),
  },
}

/** It comes after the day it is needed. */
export const comesTooLate: Rule<LedgerFacts> = {
  name: 'ledger.comes-too-late',
  title: 'It comes after it is needed',
  numbers: 'Expected after the day the item is needed by.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today }) =>
    lines.flatMap((l): Finding[] => {
      if (!l.expectedOn || !l.neededOn || l.expectedOn <= l.neededOn || l.state.toComeQuantity <= 0) return []
      return [
        {
          rule: 'ledger.comes-too-late',
          severity: 'look',
          about: about(l),
          title: `${l.itemName} is expected ${daysBetween(l.neededOn, l.expectedOn)} days after it is needed`,
          measured: `Expected ${dayText(l.expectedOn, today)}`,
          wanted: `by ${dayText(l.neededOn, today)}`,
          because: 'Ask the seller to bring it forward, or bridge the gap with a placeholder.',
          mends: [
            {
              label: `It may come on ${dayText(l.expectedOn, today)}`,
              changes: [put('items', l.itemId, { neededOn: l.expectedOn })],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () => facts({ lines: [line([], { expectedOn: '2026-04-10', neededOn: '2026-04-01' })] }),
    passes: () => facts({ lines: [line([], { expectedOn: '2026-03-20', neededOn: '2026-04-01' })] }),
  },
}

/** Days after which goods that are paid and not here are asked after (common practice). */
const PAID_WAITS = 30

/** Paid in full, not here, and no day that is still to come. */
export const paidNotHere: Rule<LedgerFacts> = {
  name: 'ledger.paid-not-here',
  title: 'Paid and not delivered',
  numbers: `Paid in full, with no expected day still ahead, ${PAID_WAITS} days after the order.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today }) =>
    lines.flatMap((l): Finding[] => {
      const { state } = l
      if (state.toComeQuantity <= 0 || state.outstandingMinor > 0 || state.netPaidMinor <= 0) return []
      if (l.expectedOn && l.expectedOn >= today) return []
      if (daysBetween(l.placedOn, today) < PAID_WAITS) return []
      return [
        {
          rule: 'ledger.paid-not-here',
          severity: 'look',
          about: about(l),
          title: `${l.itemName} is paid and has not come`,
          measured: `Ordered ${dayText(l.placedOn, today)} at ${l.supplierName || 'no supplier named'}`,
          wanted: 'a day from the seller, or the money back',
          because:
            'What is paid gives the seller no reason to hurry; a claim is easiest while the order is fresh.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () => facts({ today: '2026-03-10', lines: [line([PAID])] }),
    passes: () => facts({ today: '2026-03-10', lines: [line([PAID, HERE])] }),
  },
}

/** The same thing on two orders. */
export const orderedTwice: Rule<LedgerFacts> = {
  name: 'ledger.ordered-twice',
  title: 'The same thing stands on two orders',
  numbers: 'Two lines that both live, of one name and one supplier, for different items.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines }) => {
    const seen = new Map<string, LineFacts>()
    return lines.flatMap((l): Finding[] => {
      if (l.state.liveQuantity <= 0 || l.given) return []
      const key = `${l.supplierName}|${l.optionName}`.toLowerCase()
      const first = seen.get(key)
      seen.set(key, first ?? l)
      if (!first || first.itemId === l.itemId || first.orderId === l.orderId) return []
      return [
        {
          rule: 'ledger.ordered-twice',
          severity: 'look',
          about: [...about(first), ...about(l)],
          title: `${l.optionName} is on order ${first.orderNumber} and on order ${l.orderNumber}`,
          measured: `for ${first.itemName} and for ${l.itemName}`,
          wanted: 'meant so, or one of them cancelled',
          because: 'Two people order the same thing more often than two of it are wanted.',
          mends: [],
        },
      ]
    })
  },
  examples: {
    trips: () =>
      facts({
        lines: [
          line([]),
          line([], { lineId: 'm', itemId: 'j', itemName: 'Second rug', orderId: 'p', orderNumber: 2 }),
        ],
      }),
    passes: () => facts({ lines: [line([])] }),
  },
}

/** How long after buying sellers commonly give back the difference (common practice; the seller's terms decide). */
const ADJUST_DAYS = 14

/** The price fell soon after it was bought. */
export const priceFell: Rule<LedgerFacts> = {
  name: 'ledger.price-fell',
  title: 'The price fell after it was ordered',
  numbers: `A lower price seen within ${ADJUST_DAYS} days of the order, and those days not over.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today, money }) =>
    lines.flatMap((l): Finding[] => {
      const last = addDays(l.placedOn, ADJUST_DAYS)
      if (!l.lower || l.state.liveQuantity <= 0 || l.lower.on > last || today > last) return []
      return [
        {
          rule: 'ledger.price-fell',
          severity: 'note',
          about: about(l),
          title: `${l.itemName} is ${money(l.lower.wasMinor - l.lower.priceMinor)} cheaper than when it was ordered`,
          measured: `${money(l.lower.wasMinor)} → ${money(l.lower.priceMinor)}, seen ${dayText(l.lower.on, today)}`,
          wanted: `asked for until ${dayText(last, today)}, if the seller’s terms allow it`,
          because:
            'A later markdown is no saving until the seller gives the difference back; many do when asked soon.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () =>
      facts({
        today: '2026-02-10',
        lines: [line([], { lower: { priceMinor: 8_000, wasMinor: 10_000, on: '2026-02-09' } })],
      }),
    passes: () => facts({ today: '2026-02-10', lines: [line([])] }),
  },
}

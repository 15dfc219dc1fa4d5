import { put } from '../../../model/changes.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { dayText, daysBetween } from '../../../kernel/units/days.js'
import { budgetPosition } from '../budgetPosition.js'
import { REFUND_DAYS, type LedgerFacts, type LineFacts } from '../ledgerFacts.js'
import { lineState } from '../lineState.js'
import { facts, HERE, line, order, PAID } from './example.js'

const about = (l: LineFacts) => [{ kind: 'item' as const, id: l.itemId, name: l.itemName }]

/** The reserve goes while most is still to be ordered. */
export const reserveEarly: Rule<LedgerFacts> = {
  name: 'ledger.reserve-early',
  title: 'The reserve is eaten before half is ordered',
  numbers: 'The forecast reaches into the reserve while less than half of it is ordered or paid.',
  source: 'common practice',
  schools: 'all',
  check: ({ position: p, money }) => {
    const into = p.forecastMinor + (p.feeInside ? p.feeMinor : 0) - (p.agreedMinor - p.reserveMinor)
    const bound = p.paidMinor + p.orderedMinor
    if (p.reserveMinor <= 0 || into <= 0 || 2 * bound >= p.forecastMinor) return []
    return [
      {
        rule: 'ledger.reserve-early',
        severity: 'look',
        about: [{ kind: 'job', id: 'reserve', name: 'Reserve' }],
        title: `The forecast takes ${money(Math.min(into, p.reserveMinor))} of the reserve, and only ${Math.round((100 * bound) / p.forecastMinor)} % is ordered`,
        measured: `Forecast ${money(p.forecastMinor)}, ordered and paid ${money(bound)}`,
        wanted: `at most ${money(p.agreedMinor - p.reserveMinor)} planned until half is ordered`,
        because:
          'What nobody foresaw comes late; the reserve is for then. Lower a target, or let something wait.',
        mends: [],
      },
    ]
  },
  examples: {
    trips: () =>
      facts({
        position: budgetPosition(100_000, 100_000, [
          {
            id: 'r',
            name: 'Rug',
            category: 'textiles',
            targetMinor: 95_000,
            chosenMinor: undefined,
            lines: [],
          },
        ]),
      }),
    passes: () =>
      facts({
        position: budgetPosition(100_000, 100_000, [
          {
            id: 'r',
            name: 'Rug',
            category: 'textiles',
            targetMinor: 85_000,
            chosenMinor: undefined,
            lines: [],
          },
        ]),
      }),
  },
}

/** A category past its share, while the whole is not. */
export const categoryOverCap: Rule<LedgerFacts> = {
  name: 'ledger.category-over-cap',
  title: 'A category runs past its share while the whole is within the budget',
  numbers:
    'Forecast of the category above its share, forecast of the job within what is agreed less the reserve.',
  source: 'common practice',
  schools: 'all',
  check: ({ caps, position: p, money }) =>
    p.forecastMinor > p.agreedMinor - p.reserveMinor
      ? []
      : caps
          .filter((c) => c.capMinor > 0 && c.forecastMinor > c.capMinor)
          .map((c): Finding => ({
            rule: 'ledger.category-over-cap',
            severity: 'note',
            about: [{ kind: 'job', id: c.category, name: c.category }],
            title: `${c.category[0]?.toUpperCase() ?? ''}${c.category.slice(1)} comes to ${money(c.forecastMinor - c.capMinor)} more than its share`,
            measured: `Forecast ${money(c.forecastMinor)}`,
            wanted: `at most ${money(c.capMinor)}, or a larger share`,
            because:
              'The whole still holds, so another category gives; say which, before it is needed there.',
            mends: [
              {
                label: `Raise the share to ${money(c.forecastMinor)}`,
                changes: [put('allotments', c.id, { amountMinor: c.forecastMinor })],
              },
            ],
          })),
  examples: {
    trips: () =>
      facts({
        position: budgetPosition(100_000, 0, []),
        caps: [{ id: 'a', category: 'light', capMinor: 10_000, forecastMinor: 12_000 }],
      }),
    passes: () =>
      facts({
        position: budgetPosition(100_000, 0, []),
        caps: [{ id: 'a', category: 'light', capMinor: 10_000, forecastMinor: 9_000 }],
      }),
  },
}

/** Days after which something delivered is paid, when nothing else was agreed (common practice). */
const PAY_DAYS = 14

/** Here, and not paid when it should be. */
export const hereNotPaid: Rule<LedgerFacts> = {
  name: 'ledger.here-not-paid',
  title: 'Delivered and not paid',
  numbers: `All of the order is here, and the agreed day has passed; without one, ${PAY_DAYS} days after the delivery.`,
  source: 'common practice',
  schools: 'all',
  check: ({ orders, today, money }) =>
    orders.flatMap((o): Finding[] => {
      if (!o.completeOn || o.outstandingMinor <= 0) return []
      const late = o.balanceDueOn
        ? daysBetween(o.balanceDueOn, today)
        : daysBetween(o.completeOn, today) - PAY_DAYS
      if (late <= 0) return []
      return [
        {
          rule: 'ledger.here-not-paid',
          severity: 'look',
          about: [{ kind: 'order', id: o.id, name: o.name }],
          title: `${o.name}: ${money(o.outstandingMinor)} is owed, ${late} ${late === 1 ? 'day' : 'days'} late`,
          measured: `Delivered ${dayText(o.completeOn, today)}`,
          wanted: 'paid, or the reason it is held back noted with the order',
          because: 'A seller who waits for money is slow with the next order, and charges for the delay.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () => facts({ today: '2026-03-30', orders: [order({ completeOn: '2026-03-01' })] }),
    passes: () =>
      facts({
        today: '2026-03-30',
        orders: [order({ completeOn: '2026-03-01', outstandingMinor: 0, paidMinor: 10_000 })],
      }),
  },
}

/** The deposit that was agreed has not been paid. */
export const depositMissing: Rule<LedgerFacts> = {
  name: 'ledger.deposit-missing',
  title: 'An order stands without its deposit',
  numbers: 'Less than the deposit agreed is paid on the day it is due, or with no day, at once.',
  source: 'common practice',
  schools: 'all',
  check: ({ orders, today, money }) =>
    orders.flatMap((o): Finding[] => {
      const missing = o.depositOpenMinor
      if (missing <= 0 || (o.depositDueOn && o.depositDueOn > today)) return []
      return [
        {
          rule: 'ledger.deposit-missing',
          severity: 'look',
          about: [{ kind: 'order', id: o.id, name: o.name }],
          title: `${o.name} waits for ${money(missing)} of its deposit`,
          measured: `${money(o.paidMinor)} paid${o.depositDueOn ? `, due ${dayText(o.depositDueOn, today)}` : ''}`,
          wanted: `${money(o.depositMinor)} with the order`,
          because: 'Work to order begins with the deposit: every day without it is a day later.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () =>
      facts({
        orders: [order({ depositMinor: 4_000, depositOpenMinor: 4_000, depositDueOn: '2026-03-01' })],
      }),
    passes: () =>
      facts({
        orders: [
          order({
            depositMinor: 4_000,
            depositDueOn: '2026-03-01',
            paidMinor: 4_000,
            outstandingMinor: 6_000,
          }),
        ],
      }),
  },
}

const LAPSE_DAYS = 21

/** Money that can only be spent until a day. */
export const aboutToLapse: Rule<LedgerFacts> = {
  name: 'ledger.about-to-lapse',
  title: 'A coupon, gift card or credit is about to lapse',
  numbers: `Shown from ${LAPSE_DAYS} days before its last day, while something is left of it.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lapsing, today, money }) =>
    lapsing.flatMap((c): Finding[] => {
      const left = daysBetween(today, c.untilOn)
      if (left < 0 || left > LAPSE_DAYS || c.leftMinor <= 0) return []
      return [
        {
          rule: 'ledger.about-to-lapse',
          severity: 'look',
          about: [{ kind: 'job', id: c.id, name: c.name }],
          title: `${c.name}: ${money(c.leftMinor)} lapses ${left === 0 ? 'today' : `in ${left} ${left === 1 ? 'day' : 'days'}`}`,
          measured: `Good until ${dayText(c.untilOn, today)}`,
          wanted: 'used before, or let go knowingly',
          because: 'Store credit and coupons are worth their sum only until their day.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () => facts({ lapsing: [{ id: 'v', name: 'Credit', untilOn: '2026-03-10', leftMinor: 4_500 }] }),
    passes: () => facts({ lapsing: [{ id: 'v', name: 'Credit', untilOn: '2026-06-10', leftMinor: 4_500 }] }),
  },
}

/** Promised, and not arrived. */
export const refundWaits: Rule<LedgerFacts> = {
  name: 'ledger.refund-waits',
  title: 'A refund was promised and has not arrived',
  numbers: `Money is due back for more than ${REFUND_DAYS} days.`,
  source: 'common practice',
  schools: 'all',
  check: ({ lines, today, money }) =>
    lines.flatMap((l): Finding[] => {
      if (l.state.dueBackMinor <= 0 || !l.returnedOn) return []
      const days = daysBetween(l.returnedOn, today)
      if (days <= REFUND_DAYS) return []
      return [
        {
          rule: 'ledger.refund-waits',
          severity: 'look',
          about: about(l),
          title: `${money(l.state.dueBackMinor)} for ${l.itemName} has been due back for ${days} days`,
          measured: `Sent back ${dayText(l.returnedOn, today)}`,
          wanted: `within ${REFUND_DAYS} days`,
          because: 'Until it arrives it is no money to plan with; a claim has its own last day.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () =>
      facts({
        today: '2026-03-30',
        lines: [
          line([PAID, HERE, { kind: 'return', amountMinor: 10_000, quantity: 1 }], {
            returnedOn: '2026-03-01',
          }),
        ],
      }),
    passes: () =>
      facts({
        today: '2026-03-10',
        lines: [
          line([PAID, HERE, { kind: 'return', amountMinor: 10_000, quantity: 1 }], {
            returnedOn: '2026-03-01',
          }),
        ],
      }),
  },
}

/** A line without tax in a job that reckons with it. */
export const taxMissing: Rule<LedgerFacts> = {
  name: 'ledger.tax-missing',
  title: 'A line carries no tax',
  numbers: 'The job has a rate of tax, the line costs something and has none in it.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines, taxPpm, money }) =>
    lines.flatMap((l): Finding[] => {
      if (taxPpm === 0 || l.given || l.state.dueMinor <= 0 || l.state.taxMinor > 0) return []
      return [
        {
          rule: 'ledger.tax-missing',
          severity: 'look',
          about: about(l),
          title: `${l.itemName} carries no tax`,
          measured: `${money(l.state.dueMinor)} with no tax inside`,
          wanted: `tax at ${taxPpm / 10_000} %, or a seller who charges none, accepted with that reason`,
          because: 'The tax summary goes to the bookkeeper; a line bought privately has none, a shop’s has.',
          mends: [],
        },
      ]
    }),
  examples: {
    trips: () =>
      facts({
        taxPpm: 210_000,
        lines: [line([], { state: lineState([{ kind: 'order', amountMinor: 10_000, quantity: 1 }]) })],
      }),
    passes: () => facts({ taxPpm: 210_000, lines: [line([])] }),
  },
}

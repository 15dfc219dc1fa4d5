import { cashWeeks, type CashWeek, type Due } from '../stages/ledger/burn.js'
import { REFUND_DAYS } from '../stages/ledger/ledgerFacts.js'
import type { LastOrder } from '../stages/install/lastOrders.js'
import type { ItemPlace } from '../stages/ledger/standing.js'
import { addDays } from '../kernel/units/days.js'
import { wallNames } from './briefFactsOf.js'
import type { DerivedJob } from './derive.js'
import type { JobSnapshot } from '../model/snapshot.js'

/** Days after an order by which it is commonly paid, when no day was agreed (common practice). */
const PAID_WITHIN = 30

/** Everything that is still to be paid, each with the best day known for it. */
export function duesOf(job: JobSnapshot, derived: DerivedJob, today: string): Due[] {
  const orders = derived.orders.flatMap(
    ({ order, name: what, outstandingMinor, paidMinor, depositOpenMinor: deposit, expectedOn }): Due[] => {
      if (outstandingMinor <= 0) return []
      const rest = order.balanceDueOn ?? expectedOn ?? addDays(order.placedOn, PAID_WITHIN)
      return [
        {
          on: order.depositDueOn ?? order.placedOn,
          amountMinor: deposit,
          what: `${what}: deposit`,
          state: 'owed',
        },
        {
          on: rest,
          amountMinor: outstandingMinor - deposit,
          what: deposit > 0 || paidMinor > 0 ? `${what}: balance` : what,
          state: 'owed',
        },
      ]
    },
  )
  const items = derived.items.flatMap((i): Due[] => {
    if (i.state === 'chosen') {
      const lead = i.chosen?.option.leadDays ?? 0
      const needed = i.item.neededOn ?? job.brief.installOn ?? today
      return [{ on: addDays(needed, -lead), amountMinor: i.chosenMinor, what: i.item.name, state: 'chosen' }]
    }
    if (i.state === 'open') {
      const row = derived.position.categories.flatMap((c) => c.items).find((r) => r.itemId === i.item.id)
      const amountMinor = row ? row.forecastMinor - row.paidMinor - row.orderedMinor : 0
      return [
        {
          on: i.item.neededOn ?? job.brief.installOn ?? today,
          amountMinor,
          what: i.item.name,
          state: 'open',
        },
      ]
    }
    return []
  })
  return [...orders, ...items]
    .filter((d) => d.amountMinor > 0)
    .sort((x, y) => (x.on < y.on ? -1 : x.on > y.on ? 1 : 0))
}

export const cashOf = (job: JobSnapshot, derived: DerivedJob, today: string): CashWeek[] =>
  cashWeeks(duesOf(job, derived, today), today)

/** Where each item belongs, for putting the money together. */
export function placesOf(job: JobSnapshot, derived: DerivedJob): (itemId: string) => ItemPlace {
  const walls = new Map(wallNames(job).map((w) => [w.id, w.name]))
  const focalPoints = new Map(job.focalPoints.map((f) => [f.id, f.name]))
  const suppliers = new Map(job.suppliers.map((s) => [s.id, s.name]))
  const places = new Map(
    derived.items.map((i): [string, ItemPlace] => {
      const order = i.lines.at(-1)?.line.orderId
      const ordered = order === undefined ? undefined : job.orders.find((o) => o.id === order)?.supplierName
      const chosen = i.chosen?.option.supplierId ? suppliers.get(i.chosen.option.supplierId) : undefined
      return [
        i.item.id,
        {
          category: i.item.category,
          supplier: (ordered ?? chosen) || 'no supplier yet',
          place:
            (i.item.focalPointId && focalPoints.get(i.item.focalPointId)) ||
            (i.item.wallId && walls.get(i.item.wallId)) ||
            'the room',
          spend: i.item.spend,
        },
      ]
    }),
  )
  const none: ItemPlace = { category: 'other', supplier: 'no supplier yet', place: 'the room', spend: 'even' }
  return (itemId) => places.get(itemId) ?? none
}

/** One thing bought: the list of purchases, with where it came from and what it cost. */
export interface Purchase {
  readonly order: number
  readonly supplier: string
  readonly item: string
  readonly option: string
  readonly category: string
  readonly quantity: number
  readonly orderedOn: string
  readonly deliveredOn: string | null
  readonly state: string
  readonly costMinor: number
  readonly taxMinor: number
  readonly paidMinor: number
  readonly owedMinor: number
  readonly dueBackMinor: number
  readonly givenMinor: number
  readonly returnUntil: string | null
}

export function purchasesOf(derived: DerivedJob): Purchase[] {
  return derived.orders.flatMap((o) =>
    o.lines.map(({ line, state, deliveredOn, returnUntil, given }): Purchase => ({
      order: o.order.number,
      supplier: o.order.supplierName,
      item: line.itemName,
      option: line.optionName,
      category: line.category,
      quantity: line.quantity,
      orderedOn: o.order.placedOn,
      deliveredOn: deliveredOn ?? null,
      state:
        state.liveQuantity <= 0
          ? state.returnedQuantity > 0
            ? 'sent back'
            : 'cancelled'
          : given
            ? state.toComeQuantity > 0
              ? 'pledged'
              : 'given'
            : state.toComeQuantity > 0
              ? 'to come'
              : 'here',
      costMinor: state.costMinor,
      taxMinor: state.taxMinor,
      paidMinor: state.netPaidMinor,
      owedMinor: state.outstandingMinor,
      dueBackMinor: state.dueBackMinor,
      givenMinor: state.givenMinor,
      returnUntil: returnUntil ?? null,
    })),
  )
}

/** Tax of the job by the month it was charged in, from the entries alone. */
export interface TaxMonth {
  readonly month: string
  readonly netMinor: number
  readonly taxMinor: number
}

export function taxMonths(job: Pick<JobSnapshot, 'entries'>): TaxMonth[] {
  const months = new Map<string, { net: number; tax: number }>()
  for (const e of job.entries) {
    const sign =
      e.kind === 'order' || e.kind === 'charge'
        ? 1
        : e.kind === 'cancel' || e.kind === 'return' || e.kind === 'adjustment'
          ? -1
          : 0
    if (sign === 0) continue
    const month = e.on.slice(0, 7)
    const m = months.get(month) ?? { net: 0, tax: 0 }
    months.set(month, { net: m.net + sign * (e.amountMinor - e.taxMinor), tax: m.tax + sign * e.taxMinor })
  }
  return [...months]
    .sort(([x], [y]) => (x < y ? -1 : 1))
    .map(([month, { net, tax }]) => ({ month, netMinor: net, taxMinor: tax }))
}

/** A day that matters to the money, for the list of dates and the calendar. */
export interface LedgerDate {
  readonly id: string
  readonly on: string
  readonly kind:
    'return by' | 'pay' | 'expected' | 'lapses' | 'refund due' | 'give back' | 'answer due' | 'order by'
  readonly what: string
  readonly amountMinor: number | undefined
}

/** The days of what was ordered: expected, to be sent back by, its refund due. */
function datesOfLines(derived: DerivedJob, today: string): LedgerDate[] {
  return derived.orders.flatMap((o) =>
    o.lines.flatMap((l): LedgerDate[] => {
      const { itemName: what, id } = l.line
      const dates: LedgerDate[] = []
      if (l.returnUntil && l.returnUntil >= today)
        dates.push({
          id: `return-${id}`,
          on: l.returnUntil,
          kind: 'return by',
          what,
          amountMinor: l.state.costMinor,
        })
      if (o.expectedOn && l.state.toComeQuantity > 0)
        dates.push({
          id: `expected-${id}`,
          on: o.expectedOn,
          kind: 'expected',
          what: `${what}, ${o.order.supplierName}`,
          amountMinor: undefined,
        })
      if (l.state.dueBackMinor > 0 && l.returnedOn)
        dates.push({
          id: `refund-${id}`,
          on: addDays(l.returnedOn, REFUND_DAYS),
          kind: 'refund due',
          what,
          amountMinor: l.state.dueBackMinor,
        })
      return dates
    }),
  )
}

/** The days of what is held by or for others: vouchers, loans, claims. */
function datesOfOthers(job: JobSnapshot, derived: DerivedJob, today: string): LedgerDate[] {
  const nameOf = (lineId: string | null) =>
    derived.orders.flatMap((o) => o.lines).find((l) => l.line.id === lineId)?.line.itemName ?? ''
  return [
    ...job.vouchers.flatMap((v): LedgerDate[] =>
      v.untilOn && v.untilOn >= today
        ? [{ id: `lapses-${v.id}`, on: v.untilOn, kind: 'lapses', what: v.name, amountMinor: v.amountMinor }]
        : [],
    ),
    ...job.loans.flatMap((l): LedgerDate[] => {
      const what = l.owner ? `${l.name}, ${l.owner}` : l.name
      return l.backOn && !l.returnedOn
        ? [{ id: `back-${l.id}`, on: l.backOn, kind: 'give back', what, amountMinor: undefined }]
        : []
    }),
    ...job.claims.flatMap((c): LedgerDate[] => {
      const { id, answerByOn: on } = c
      const what = nameOf(c.lineId)
      return on && c.answer === 'waiting'
        ? [{ id: `answer-${id}`, on, kind: 'answer due', what, amountMinor: c.amountMinor ?? undefined }]
        : []
    }),
  ]
}

/**
 * Every day that matters to the money of a job, the next first; days of the same date by name.
 * @param lastOrders what the plan of the work says of what is not ordered yet
 */
export function ledgerDates(
  job: JobSnapshot,
  derived: DerivedJob,
  today: string,
  lastOrders: readonly LastOrder[] = [],
): LedgerDate[] {
  const toOrder = lastOrders.map(({ arrival, orderBy }): LedgerDate => {
    const { key, name, itemId } = arrival.arrival
    const item = derived.items.find((i) => i.item.id === itemId)
    const amountMinor = item?.state === 'chosen' ? item.chosenMinor : undefined
    return { id: `order-${key}`, on: orderBy, kind: 'order by', what: name, amountMinor }
  })
  const owed = duesOf(job, derived, today)
    .filter((d) => d.state === 'owed')
    .map((d, n): LedgerDate => ({
      id: `pay-${n}-${d.on}`,
      on: d.on,
      kind: 'pay',
      what: d.what,
      amountMinor: d.amountMinor,
    }))
  return [...toOrder, ...datesOfLines(derived, today), ...owed, ...datesOfOthers(job, derived, today)].sort(
    (x, y) => (x.on < y.on ? -1 : x.on > y.on ? 1 : x.what < y.what ? -1 : 1),
  )
}

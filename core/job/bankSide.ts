import type { Entered, Expected } from '../stages/ledger/bank/proposeMatches.js'
import type { MEANS } from '../model/vocabulary/ledger.js'
import type { DerivedJob } from './derive.js'
import type { JobSnapshot } from '../model/snapshot.js'

/** What the ledger waits for: orders still owed for, and lines for which money is due back. */
export function expectedOf(derived: Pick<DerivedJob, 'orders'>): Expected[] {
  return derived.orders.flatMap((o): Expected[] => {
    const { order, lines, outstandingMinor, depositOpenMinor } = o
    const days = [order.placedOn, order.depositDueOn, order.balanceDueOn, o.expectedOn, o.completeOn]
    const payment: Expected = {
      kind: 'payment',
      id: order.id,
      name: o.name,
      words: [order.supplierName, ...lines.map((l) => l.line.itemName)].join(' '),
      openMinor: outstandingMinor,
      partsMinor: depositOpenMinor > 0 ? [depositOpenMinor, outstandingMinor - depositOpenMinor] : [],
      days: days.filter((day): day is string => !!day),
    }
    const refunds = lines
      .filter((l) => l.state.dueBackMinor > 0)
      .map((l): Expected => ({
        kind: 'refund',
        id: l.line.id,
        name: `Refund for ${l.line.itemName}, ${order.supplierName}`,
        words: `${order.supplierName} ${l.line.itemName}`,
        openMinor: l.state.dueBackMinor,
        partsMinor: [],
        days: l.returnedOn ? [l.returnedOn] : [],
      }))
    return outstandingMinor > 0 ? [payment, ...refunds] : refunds
  })
}

/** Of the means of payment those that a bank's statement has a line for. */
const THROUGH_THE_BANK: readonly (string | null)[] = [
  'bank',
  'card',
] satisfies readonly (typeof MEANS)[number][]

/** Payments and refunds through the bank that stand, an act each, whatever lines they are spread over. */
export function enteredOf(job: Pick<JobSnapshot, 'entries' | 'lines'>): Entered[] {
  const names = new Map(job.lines.map((l) => [l.id, l.itemName]))
  const gone = new Set(job.entries.flatMap((e) => e.reverses ?? []))
  const acts = new Map<string, Entered>()
  for (const e of job.entries) {
    if ((e.kind !== 'payment' && e.kind !== 'refund') || e.reverses || gone.has(e.eventId)) continue
    if (!THROUGH_THE_BANK.includes(e.means)) continue
    const before = acts.get(e.eventId)
    const name = names.get(e.lineId ?? '') ?? ''
    acts.set(e.eventId, {
      eventId: e.eventId,
      kind: e.kind,
      on: e.on,
      amountMinor: (before?.amountMinor ?? 0) + e.amountMinor,
      what: before ? `${before.what}, ${name}` : name,
    })
  }
  return [...acts.values()]
}

import { openGuesses, paperSums, type Guess, type PaperOrder } from '../ledger/papersIn.js'
import type { Receipt } from '../ledger/schema.js'
import type { DerivedOrder } from './deriveLedger.js'
import { grouped } from './grouped.js'
import type { JobSnapshot } from './snapshot.js'

/** Orders as papers that came are held against them. */
export function paperOrders(
  job: Pick<JobSnapshot, 'entries' | 'lines'>,
  orders: readonly DerivedOrder[],
): PaperOrder[] {
  const orderOf = orderOfLine(job)
  const entriesOf = grouped(job.entries, (e) => e.lineId && orderOf.get(e.lineId))
  return orders.map((o) => ({
    id: o.order.id,
    name: o.name,
    supplierName: o.order.supplierName,
    placedOn: o.order.placedOn,
    ...paperSums(entriesOf.get(o.order.id) ?? []),
    partsMinor: o.order.depositMinor > 0 ? [o.order.depositMinor, o.amountMinor - o.order.depositMinor] : [],
    lines: o.lines.length,
  }))
}

const orderOfLine = (job: Pick<JobSnapshot, 'lines'>) => new Map(job.lines.map((l) => [l.id, l.orderId]))

/** "Invoice 2041 from Hollin" */
export const paperName = (r: Pick<Receipt, 'kind' | 'number' | 'fromName'>): string =>
  [`${r.kind.charAt(0).toUpperCase()}${r.kind.slice(1)}`, r.number, r.fromName ? `from ${r.fromName}` : '']
    .filter(Boolean)
    .join(' ')

/** Payments from memory that still stand, one for each order they were made on. */
function guessesOf(job: Pick<JobSnapshot, 'entries' | 'lines'>, orders: readonly DerivedOrder[]): Guess[] {
  const orderOf = orderOfLine(job)
  const sums = new Map<string, number>()
  for (const e of job.entries) {
    const orderId = e.guessed && e.kind === 'payment' && e.lineId ? orderOf.get(e.lineId) : undefined
    if (orderId) sums.set(orderId, (sums.get(orderId) ?? 0) + e.amountMinor)
  }
  return orders.flatMap((o) => {
    const amountMinor = sums.get(o.order.id) ?? 0
    return amountMinor > 0 ? [{ orderId: o.order.id, orderName: o.name, amountMinor }] : []
  })
} // prettier-ignore

/** Guesses that no paper has made certain. */
export const guessesLeft = (job: Pick<JobSnapshot, 'entries' | 'lines' | 'receipts'>, orders: readonly DerivedOrder[]): Guess[] =>
  openGuesses(guessesOf(job, orders), paperOrders(job, orders), job.receipts) // prettier-ignore

import { capital } from '../kernel/capital.js'
import type { LineState } from '../stages/ledger/lineState.js'
import { openEstimates, type Estimate, type DocumentOrder } from '../stages/ledger/documentsReceived.js'
import { EXCHANGED } from '../model/vocabulary/ledger.js'
import type { Receipt } from '../model/rows/receipts.js'
import type { DerivedOrder } from './deriveLedger.js'
import type { Entry, JobSnapshot } from '../model/snapshot.js'

/** Orders as papers that came are held against them. */
export function documentOrders(
  job: Pick<JobSnapshot, 'entries' | 'lines'>,
  orders: readonly DerivedOrder[],
): DocumentOrder[] {
  const setOff = paidOn(job, (e) => e.means === EXCHANGED)
  return orders.map((o) => {
    const sum = (of: (s: LineState) => number) => o.lines.reduce((total, l) => total + of(l.state), 0)
    const { depositMinor } = o.order
    return {
      id: o.order.id,
      name: o.name,
      supplierName: o.order.supplierName,
      placedOn: o.order.placedOn,
      asked: { minor: sum((s) => s.asked.minor), taxMinor: sum((s) => s.asked.taxMinor) },
      credited: { minor: sum((s) => s.credited.minor), taxMinor: sum((s) => s.credited.taxMinor) },
      paidMinor: sum((s) => s.paidMinor) - (setOff.get(o.order.id) ?? 0),
      partsMinor: depositMinor > 0 ? [depositMinor, o.amountMinor - depositMinor] : [],
      lines: o.lines.length,
    }
  })
}

/** Payments of some kind, reversals taken off, by the order they were made on. */
function paidOn(
  job: Pick<JobSnapshot, 'entries' | 'lines'>,
  which: (payment: Entry) => boolean,
): ReadonlyMap<string, number> {
  const orderOf = new Map(job.lines.map((l) => [l.id, l.orderId]))
  const sums = new Map<string, number>()
  for (const e of job.entries) {
    const orderId = e.kind === 'payment' && which(e) && e.lineId ? orderOf.get(e.lineId) : undefined
    if (orderId) sums.set(orderId, (sums.get(orderId) ?? 0) + e.amountMinor)
  }
  return sums
}

/** "Invoice 2041 from Hollin" */
export const documentName = (r: Pick<Receipt, 'kind' | 'number' | 'fromName'>): string =>
  [capital(r.kind), r.number, r.fromName ? `from ${r.fromName}` : ''].filter(Boolean).join(' ')

/** Payments from memory that still stand, one for each order they were made on. */
function estimatesOf(
  job: Pick<JobSnapshot, 'entries' | 'lines'>,
  orders: readonly DerivedOrder[],
): Estimate[] {
  const sums = paidOn(job, (e) => e.estimated)
  return orders.flatMap((o) => {
    const amountMinor = sums.get(o.order.id) ?? 0
    return amountMinor > 0 ? [{ orderId: o.order.id, orderName: o.name, amountMinor }] : []
  })
}

/** Estimates that no paper has made certain. */
export const estimatesLeft = (
  job: Pick<JobSnapshot, 'entries' | 'lines' | 'receipts'>,
  orders: readonly DerivedOrder[],
): Estimate[] => openEstimates(estimatesOf(job, orders), documentOrders(job, orders), job.receipts)

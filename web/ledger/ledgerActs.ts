import type { DerivedOrder } from '@bonitas/core/job/deriveLedger'
import type { DerivedLine } from '@bonitas/core/job/deriveLedger'
import { addDays } from '@bonitas/core/units/days'
import type { Act } from './act.js'
import { kindWord, type EventRow, type OrderGroup } from './ledgerView.js'

/** The acts of the ledger as its form shows them: title, the figures they rest on, and what is settled beforehand. */
export function ledgerActs({ money, today }: { money: (minor: number) => string; today: string }) {
  return {
    order: (group: OrderGroup, items: OrderGroup['items']): Act => {
      const lead = Math.max(-1, ...items.map((i) => i.leadDays ?? -1))
      return {
        path: 'orders',
        title: `Order from ${group.name}`,
        button: 'Enter the order',
        says: `${items.map((i) => i.name).join(', ')}: ${money(items.reduce((s, i) => s + i.amountMinor, 0))} landed`,
        fixed: { supplierId: group.supplierId, itemIds: items.map((i) => i.id) },
        dayField: 'placedOn',
        expectedOn: lead >= 0 ? addDays(today, lead) : null,
      }
    },
    pay: (o: DerivedOrder): Act => {
      return {
        path: 'payments',
        title: `Pay order ${o.order.number}`,
        button: 'Enter the payment',
        says: `${money(o.amountMinor)} in all, ${money(o.paidMinor)} paid, ${money(o.outstandingMinor)} still owed. A part is spread over the lines by what each still owes.`,
        fixed: { orderId: o.order.id },
        dayField: 'paidOn',
        amount: { field: 'amountMinor', minor: o.outstandingMinor, label: 'Amount' },
        means: true,
      }
    },
    deliver: (o: DerivedOrder): Act => {
      const lines = o.lines.filter((l) => l.state.toComeQuantity > 0)
      return {
        path: 'deliveries',
        title: `Delivery of order ${o.order.number}`,
        button: 'Enter the delivery',
        says: lines
          .map((l) => `${l.line.itemName}${l.state.toComeQuantity > 1 ? ` × ${l.state.toComeQuantity}` : ''}`)
          .join(', '),
        fixed: { orderId: o.order.id, lineIds: lines.map((l) => l.line.id) },
        dayField: 'deliveredOn',
      }
    },
    sendBack: (l: DerivedLine): Act => {
      return {
        path: 'returns',
        title: `Send back: ${l.line.itemName}`,
        button: 'Enter the return',
        says: 'The credit is what the seller owes for it. It stays counted as paid until the refund arrives.',
        fixed: { lineId: l.line.id },
        dayField: 'returnedOn',
        quantity: l.state.hereQuantity,
        amount: { field: 'creditMinor', minor: l.state.dueMinor, label: 'Credit' },
      }
    },
    refund: (l: DerivedLine): Act => {
      return {
        path: 'refunds',
        title: `Refund: ${l.line.itemName}`,
        button: 'Enter the refund',
        says: `${money(l.state.dueBackMinor)} is due back. Enter it when it has arrived.`,
        fixed: { lineId: l.line.id },
        dayField: 'refundedOn',
        amount: { field: 'amountMinor', minor: l.state.dueBackMinor, label: 'Amount' },
        means: true,
      }
    },
    cancel: (l: DerivedLine): Act => {
      return {
        path: 'cancellations',
        title: `Cancel: ${l.line.itemName}`,
        button: 'Enter the cancellation',
        says: `${l.state.toComeQuantity} not delivered comes off the order. What was paid for it becomes due back.`,
        fixed: { lineId: l.line.id },
        dayField: 'cancelledOn',
      }
    },
    reverse: (e: EventRow): Act => {
      return {
        path: 'reversals',
        title: `Take back: ${kindWord(e.kind).toLowerCase()} ${e.what}`,
        button: 'Enter the reversal',
        says: 'Nothing is deleted: an entry of the same kind with the sign turned is added, with your reason.',
        fixed: { eventId: e.eventId },
        dayField: 'reversedOn',
        needsNote: true,
      }
    },
  }
}

import type { BudgetPosition } from '../stages/ledger/budgetPosition.js'
import type {
  ClaimFacts,
  Lapsing,
  LedgerFacts,
  LineFacts,
  LoanFacts,
  PaperFacts,
} from '../stages/ledger/ledgerFacts.js'
import { checkDocument } from '../stages/ledger/documentsReceived.js'
import type { SupplierBasket } from '../stages/source/baskets.js'
import type { DerivedItem } from './deriveItems.js'
import { voucherLeft, type DerivedOrder } from './deriveLedger.js'
import { grouped } from './grouped.js'
import { estimatesLeft, documentName, documentOrders } from './documentSide.js'
import { isOneBatch } from '../model/oneBatch.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { formatterOf } from '../kernel/units/formatter.js'

/** What the rules of the ledger judge, from the job and what is derived of its items and orders. */
export function ledgerFactsOf(
  job: JobSnapshot,
  items: readonly DerivedItem[],
  orders: readonly DerivedOrder[],
  baskets: readonly SupplierBasket[],
  position: BudgetPosition,
  today: string,
): LedgerFacts {
  const lines = lineFacts(job, orders)
  const left = voucherLeft(job)
  return {
    position,
    today,
    installOn: job.brief.installOn ?? null,
    taxPpm: job.brief.taxPpm,
    lines,
    cheaper: cheaperOptions(items),
    orders: orders.map((o) => ({
      id: o.order.id,
      name: o.name,
      depositOpenMinor: o.depositOpenMinor,
      depositMinor: o.order.depositMinor,
      depositDueOn: o.order.depositDueOn,
      balanceDueOn: o.order.balanceDueOn,
      paidMinor: o.paidMinor,
      outstandingMinor: o.outstandingMinor,
      completeOn: o.completeOn,
    })),
    lapsing: [
      ...job.vouchers.flatMap((v): Lapsing[] =>
        v.untilOn ? [{ id: v.id, name: v.name, untilOn: v.untilOn, leftMinor: left.get(v.id) ?? 0 }] : [],
      ),
      ...baskets.flatMap((b): Lapsing[] => {
        const until = job.discounts.find((o) => o.id === b.offer?.id)?.untilOn
        return b.offer && until
          ? [{ id: b.offer.id, name: b.offer.name, untilOn: until, leftMinor: b.offer.offMinor }]
          : []
      }),
    ],
    ...papersFactsOf(job, orders),
    caps: job.budgetShares.map((a) => ({
      id: a.id,
      category: a.category,
      capMinor: a.amountMinor,
      forecastMinor: position.categories.find((c) => c.category === a.category)?.forecastMinor ?? 0,
    })),
    says: formatterOf(job.studio),
  }
}

/**
 * What the price has come down to since the order. Prices seen are what it was before, so the first seen from the day of the
 * order is what it was ordered at, and the option's own is what it is now.
 */
function lowerSince(
  placedOn: string,
  option: JobSnapshot['options'][number] | undefined,
  seen: JobSnapshot['priceObservations'],
): LineFacts['lower'] {
  const since = seen.filter((s) => s.on >= placedOn).sort((x, y) => (x.on < y.on ? -1 : x.on > y.on ? 1 : 0))
  const [then, last] = [since[0], since.at(-1)]
  return option && then && last && option.priceMinor < then.priceMinor
    ? { priceMinor: option.priceMinor, wasMinor: then.priceMinor, on: last.on }
    : undefined
}

function lineFacts(job: JobSnapshot, orders: readonly DerivedOrder[]): LineFacts[] {
  const itemOf = new Map(job.items.map((i) => [i.id, i]))
  const optionOf = new Map(job.options.map((o) => [o.id, o]))
  const ofOneBatch = new Set(job.takeoffs.filter(isOneBatch).map((t) => t.itemId))
  const seen = grouped(job.priceObservations, (s) => s.optionId)
  return orders.flatMap((o) =>
    o.lines.map(({ line, ...l }): LineFacts => ({
      ...l,
      lineId: line.id,
      itemId: line.itemId,
      itemName: line.itemName,
      optionName: line.optionName,
      category: line.category,
      oneBatch: ofOneBatch.has(line.itemId),
      orderId: o.order.id,
      orderNumber: o.order.number,
      supplierName: o.order.supplierName,
      placedOn: o.order.placedOn,
      expectedOn: o.expectedOn,
      neededOn: itemOf.get(line.itemId)?.neededOn ?? null,
      lower: lowerSince(o.order.placedOn, optionOf.get(line.optionId), seen.get(line.optionId) ?? []),
    })),
  )
}

function cheaperOptions(items: readonly DerivedItem[]): LedgerFacts['cheaper'] {
  return items
    .filter((i) => i.state === 'chosen' && !i.item.locked)
    .flatMap((i) =>
      i.options
        .filter((o) => !o.chosen && o.suits.against.length === 0)
        .map((o) => ({
          itemId: i.item.id,
          itemName: i.item.name,
          optionId: o.option.id,
          optionName: o.option.name,
          savesMinor: i.chosenMinor - o.price.landedMinor,
        })),
    )
    .filter((c) => c.savesMinor > 0)
}

/** What the rules of the ledger judge of papers, estimates, claims and things borrowed. */
function papersFactsOf(
  job: JobSnapshot,
  orders: readonly DerivedOrder[],
): Pick<LedgerFacts, 'papers' | 'estimates' | 'claims' | 'unclaimed' | 'loans'> {
  const known = documentOrders(job, orders)
  const { money } = formatterOf(job.studio)
  const lineOf = new Map(job.lines.map((l) => [l.id, l]))
  const claimed = new Set(job.claims.map((c) => c.lineId))
  return {
    papers: job.receipts.flatMap((r): PaperFacts[] => {
      const order = known.find((o) => o.id === r.orderId)
      return order
        ? [
            {
              id: r.id,
              name: documentName(r),
              orderName: order.name,
              ...checkDocument(r, order, job.receipts, money),
            },
          ]
        : []
    }),
    estimates: estimatesLeft(job, orders),
    claims: job.claims.map((c): ClaimFacts => ({
      id: c.id,
      itemName: lineOf.get(c.lineId)?.itemName ?? '',
      asks: c.asks,
      amountMinor: c.amountMinor ?? null,
      answer: c.answer,
      answerByOn: c.answerByOn ?? null,
    })),
    unclaimed: orders.flatMap((o) =>
      o.events
        .filter((e) => e.kind === 'damaged' && e.lineId !== null && !claimed.has(e.lineId))
        .flatMap((e) => {
          const line = lineOf.get(e.lineId ?? '')
          return line && o.lines.some((l) => l.line.id === line.id && l.state.hereQuantity > 0)
            ? [{ lineId: line.id, itemId: line.itemId, itemName: line.itemName, on: e.on, note: e.note }]
            : []
        }),
    ),
    loans: job.loans.map((l): LoanFacts => ({
      id: l.id,
      name: l.name,
      owner: l.owner,
      reason: l.reason,
      backOn: l.backOn ?? null,
      returnedOn: l.returnedOn ?? null,
    })),
  }
}

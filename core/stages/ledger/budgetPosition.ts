import type { Minor } from '../../kernel/money/currency.js'
import { shareOf, type Ppm } from '../../kernel/money/rate.js'
import type { LineState } from './lineState.js'

/** An item's place in the money, as the job knows it. */
export interface MoneyItem {
  readonly id: string
  readonly name: string
  readonly category: string
  readonly targetMinor: Minor
  /** Landed price of the chosen option while it is not ordered; undefined when none is chosen. */
  readonly chosenMinor: Minor | undefined
  /** Kept back for the lasting piece while a placeholder stands in; absent when nothing is. */
  readonly allowanceMinor?: Minor
  /** States of its order lines. */
  readonly lines: readonly LineState[]
}

/** One stretch of the tape: how much of one item lies in one state. */
export interface Stretch {
  readonly itemId: string
  readonly name: string
  readonly state: 'paid' | 'ordered' | 'chosen'
  readonly amountMinor: Minor
}

/** Figures of one item, or summed over a category: target, and what has become of it. */
export interface MoneyRow {
  readonly targetMinor: Minor
  readonly chosenMinor: Minor
  readonly orderedMinor: Minor
  readonly paidMinor: Minor
  readonly forecastMinor: Minor
  /** Target less forecast: below zero is dearer than planned. */
  readonly differenceMinor: Minor
}

export interface ItemRow extends MoneyRow {
  readonly itemId: string
  readonly name: string
}

export interface CategoryRow extends MoneyRow {
  readonly category: string
  /** The items it is the sum of, so that every figure can be traced. */
  readonly items: readonly ItemRow[]
}

export interface BudgetPosition {
  readonly agreedMinor: Minor
  readonly reserveMinor: Minor
  /** Money gone: payments less refunds that have arrived. */
  readonly paidMinor: Minor
  /** Ordered and still to pay. */
  readonly orderedMinor: Minor
  readonly chosenMinor: Minor
  /** Kept back for what placeholders stand in for. */
  readonly allowanceMinor: Minor
  /** The decorator's fee, and whether it comes out of the budget; 0 when there is none. */
  readonly feeMinor: Minor
  readonly feeInside: boolean
  /** Agreed − reserve − paid − ordered − chosen − held, and less a fee inside the budget. Below zero the tape runs past its reserve. */
  readonly freeMinor: Minor
  /** Store credit that came back for what was paid, and is not spent: it is no money back, and counts as paid. */
  readonly creditMinor: Minor
  /** Refunds promised and not arrived; they lie inside `paid` until they do. */
  readonly dueBackMinor: Minor
  /** What it all comes to: kept goods, what is chosen, and targets of what is still open. */
  readonly forecastMinor: Minor
  readonly stretches: readonly Stretch[]
  readonly categories: readonly CategoryRow[]
}

/**
 * The budget at this moment. A refund counts as back only when it arrives; until then it stays in `paid` and
 * shows as due. Reserve = agreed × reserve rate, rounded half up.
 *
 * @param creditMinor store credit that is left of refunds
 * @param fee the decorator's fee; inside the budget it is spoken for like a chosen purchase
 */
export function budgetPosition(
  agreedMinor: Minor,
  reservePpm: Ppm,
  items: readonly MoneyItem[],
  fee: { readonly amountMinor: Minor; readonly inside: boolean } = { amountMinor: 0, inside: false },
  creditMinor: Minor = 0,
): BudgetPosition {
  const stretches: Stretch[] =
    creditMinor > 0 ? [{ itemId: '', name: 'Store credit', state: 'paid', amountMinor: creditMinor }] : []
  const rows = new Map<string, ItemRow[]>()
  for (const item of items) {
    const row = itemRow(item)
    const states = { paid: row.paidMinor, ordered: row.orderedMinor, chosen: row.chosenMinor }
    for (const state of STATES)
      if (states[state] > 0)
        stretches.push({ itemId: item.id, name: item.name, state, amountMinor: states[state] })
    const own = rows.get(item.category)
    if (own) own.push(row)
    else rows.set(item.category, [row])
  }
  const categories = [...rows].map(([category, list]): CategoryRow => ({
    category,
    items: list,
    ...sumRows(list),
  }))
  const of = (state: Stretch['state']) =>
    sum(
      stretches.filter((s) => s.state === state),
      (s) => s.amountMinor,
    )
  const reserveMinor = shareOf(agreedMinor, reservePpm)
  const [paidMinor, orderedMinor, chosenMinor] = [of('paid'), of('ordered'), of('chosen')]
  const allowanceMinor = sum(items, (i) => i.allowanceMinor ?? 0)
  return {
    agreedMinor,
    reserveMinor,
    paidMinor,
    orderedMinor,
    chosenMinor,
    allowanceMinor,
    creditMinor,
    feeMinor: fee.amountMinor,
    feeInside: fee.inside && fee.amountMinor > 0,
    freeMinor:
      agreedMinor -
      reserveMinor -
      paidMinor -
      orderedMinor -
      chosenMinor -
      allowanceMinor -
      (fee.inside ? fee.amountMinor : 0),
    dueBackMinor: sum(
      items.flatMap((i) => i.lines),
      (l) => l.dueBackMinor,
    ),
    forecastMinor: sum(categories, (r) => r.forecastMinor),
    stretches: stretches.sort((x, y) => STATES.indexOf(x.state) - STATES.indexOf(y.state)),
    categories,
  }
}

/** What would be free after a change of the agreed budget: the reserve takes its share of it. */
export const freeAfter = (p: BudgetPosition, reservePpm: Ppm, amountMinor: Minor): Minor =>
  p.freeMinor + amountMinor - (shareOf(p.agreedMinor + amountMinor, reservePpm) - p.reserveMinor)

const STATES = ['paid', 'ordered', 'chosen'] as const

/** One item's figures. Its forecast is what is kept of its orders, and the chosen option or else the target for the rest. */
function itemRow(item: MoneyItem): ItemRow {
  const chosenMinor = item.chosenMinor ?? 0
  const filled = item.chosenMinor !== undefined || item.lines.some((l) => l.liveQuantity > 0)
  const forecastMinor =
    sum(item.lines, (l) => l.costMinor) +
    (filled ? chosenMinor : item.targetMinor) +
    (item.allowanceMinor ?? 0)
  return {
    itemId: item.id,
    name: item.name,
    targetMinor: item.targetMinor,
    chosenMinor,
    orderedMinor: sum(item.lines, (l) => l.outstandingMinor),
    paidMinor: sum(item.lines, (l) => l.netPaidMinor),
    forecastMinor,
    differenceMinor: item.targetMinor - forecastMinor,
  }
}

/** Rows added up, figure by figure. */
export function sumRows(rows: readonly MoneyRow[]): MoneyRow {
  return {
    targetMinor: sum(rows, (r) => r.targetMinor),
    chosenMinor: sum(rows, (r) => r.chosenMinor),
    orderedMinor: sum(rows, (r) => r.orderedMinor),
    paidMinor: sum(rows, (r) => r.paidMinor),
    forecastMinor: sum(rows, (r) => r.forecastMinor),
    differenceMinor: sum(rows, (r) => r.differenceMinor),
  }
}

function sum<T>(list: readonly T[], value: (t: T) => number): number {
  return list.reduce((total, t) => total + value(t), 0)
}

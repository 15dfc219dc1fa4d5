import type { Minor } from '../money/currency.js'
import { shareOf, type Ppm } from '../money/rate.js'
import type { LineState } from './lineState.js'

/** An item's place in the money, as the job knows it. */
export interface MoneyItem {
  readonly id: string
  readonly name: string
  readonly category: string
  readonly targetMinor: Minor
  /** Landed price of the chosen option while it is not ordered; undefined when none is chosen. */
  readonly chosenMinor: Minor | undefined
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

export interface CategoryRow {
  readonly category: string
  readonly targetMinor: Minor
  readonly chosenMinor: Minor
  readonly orderedMinor: Minor
  readonly paidMinor: Minor
  readonly forecastMinor: Minor
  /** Target less forecast: below zero is dearer than planned. */
  readonly differenceMinor: Minor
}

export interface BudgetPosition {
  readonly agreedMinor: Minor
  readonly reserveMinor: Minor
  /** Money gone: payments less refunds that have arrived. */
  readonly paidMinor: Minor
  /** Ordered and still to pay. */
  readonly orderedMinor: Minor
  readonly chosenMinor: Minor
  /** Agreed − reserve − paid − ordered − chosen. Below zero the tape runs past its reserve. */
  readonly freeMinor: Minor
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
 */
export function budgetPosition(
  agreedMinor: Minor,
  reservePpm: Ppm,
  items: readonly MoneyItem[],
): BudgetPosition {
  const stretches: Stretch[] = []
  const rows = new Map<string, CategoryRow>()
  for (const item of items) {
    const paid = sum(item.lines, (l) => l.netPaidMinor)
    const ordered = sum(item.lines, (l) => l.outstandingMinor)
    const kept = sum(item.lines, (l) => l.dueMinor)
    const chosen = item.chosenMinor ?? 0
    const filled = item.chosenMinor !== undefined || item.lines.some((l) => l.liveQuantity > 0)
    const forecast = kept + (filled ? chosen : item.targetMinor)
    for (const [state, amountMinor] of [['paid', paid], ['ordered', ordered], ['chosen', chosen]] as const)
      if (amountMinor > 0) stretches.push({ itemId: item.id, name: item.name, state, amountMinor })
    const row = rows.get(item.category) ?? { category: item.category, targetMinor: 0, chosenMinor: 0, orderedMinor: 0, paidMinor: 0, forecastMinor: 0, differenceMinor: 0 }
    rows.set(item.category, {
      category: item.category,
      targetMinor: row.targetMinor + item.targetMinor,
      chosenMinor: row.chosenMinor + chosen,
      orderedMinor: row.orderedMinor + ordered,
      paidMinor: row.paidMinor + paid,
      forecastMinor: row.forecastMinor + forecast,
      differenceMinor: row.differenceMinor + item.targetMinor - forecast,
    })
  } // prettier-ignore
  const of = (state: Stretch['state']) => sum(stretches.filter((s) => s.state === state), (s) => s.amountMinor) // prettier-ignore
  const reserveMinor = shareOf(agreedMinor, reservePpm)
  const [paidMinor, orderedMinor, chosenMinor] = [of('paid'), of('ordered'), of('chosen')]
  const order = { paid: 0, ordered: 1, chosen: 2 }
  return {
    agreedMinor,
    reserveMinor,
    paidMinor,
    orderedMinor,
    chosenMinor,
    freeMinor: agreedMinor - reserveMinor - paidMinor - orderedMinor - chosenMinor,
    dueBackMinor: sum(items.flatMap((i) => i.lines), (l) => l.dueBackMinor),
    forecastMinor: sum([...rows.values()], (r) => r.forecastMinor),
    stretches: stretches.sort((x, y) => order[x.state] - order[y.state]),
    categories: [...rows.values()],
  } // prettier-ignore
}

function sum<T>(list: readonly T[], value: (t: T) => number): number {
  return list.reduce((total, t) => total + value(t), 0)
}

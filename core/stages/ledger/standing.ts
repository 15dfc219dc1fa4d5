import { sumRows, type ItemRow, type MoneyRow } from './budgetPosition.js'

/** What the money is put together by. */
export const GROUPINGS = ['category', 'supplier', 'place', 'save or splurge'] as const
export type Grouping = (typeof GROUPINGS)[number]

/** What of an item it can be put together by. */
export interface ItemPlace {
  readonly category: string
  readonly supplier: string
  readonly place: string
  readonly spend: string
}

export interface StandingRow extends MoneyRow {
  readonly key: string
  /** Its share of the budget, where one is set. */
  readonly agreedMinor: number | undefined
  /** Forecast less what is paid: what is still to be paid, or to come back. */
  readonly toComeMinor: number
  readonly items: readonly ItemRow[]
}

/** Where the money stands, by one of its groupings, in the order in which the groups first appear. */
export function standing(
  rows: readonly ItemRow[],
  placeOf: (itemId: string) => ItemPlace,
  by: Grouping,
  caps: ReadonlyMap<string, number>,
): StandingRow[] {
  const groups = new Map<string, ItemRow[]>()
  for (const row of rows) {
    const p = placeOf(row.itemId)
    const key =
      by === 'category' ? p.category : by === 'supplier' ? p.supplier : by === 'place' ? p.place : p.spend
    groups.set(key, [...(groups.get(key) ?? []), row])
  }
  return [...groups].map(([key, items]) => {
    const sums = sumRows(items)
    return {
      key,
      items,
      ...sums,
      agreedMinor: by === 'category' ? caps.get(key) : undefined,
      toComeMinor: sums.forecastMinor - sums.paidMinor,
    }
  })
}

import type { Minor } from '../../kernel/money/currency.js'
import { addDays } from '../../kernel/units/days.js'
import type { EntryKind } from '../../model/vocabulary/ledger.js'

/** Money on one day, everything up to it added up. */
export interface BurnPoint {
  readonly on: string
  /** Bound by orders, paid or not. */
  readonly boundMinor: Minor
  /** Paid, less what came back. */
  readonly paidMinor: Minor
}

export interface BurnEntry {
  readonly kind: EntryKind
  readonly on: string
  readonly amountMinor: Minor
}

const BINDS: Readonly<Partial<Record<EntryKind, 1 | -1>>> = {
  order: 1,
  charge: 1,
  cancel: -1,
  return: -1,
  adjustment: -1,
  gift: -1,
}
const PAYS: Readonly<Partial<Record<EntryKind, 1 | -1>>> = { payment: 1, refund: -1 }

/** The budget as it is used up: one point a day on which something changed, oldest first. */
export function burn(entries: readonly BurnEntry[]): BurnPoint[] {
  const days = new Map<string, { bound: number; paid: number }>()
  for (const e of entries) {
    const bound = (BINDS[e.kind] ?? 0) * e.amountMinor
    const paid = (PAYS[e.kind] ?? 0) * e.amountMinor
    if (bound === 0 && paid === 0) continue
    const day = days.get(e.on) ?? { bound: 0, paid: 0 }
    days.set(e.on, { bound: day.bound + bound, paid: day.paid + paid })
  }
  let [boundMinor, paidMinor] = [0, 0]
  return [...days]
    .sort(([x], [y]) => (x < y ? -1 : 1))
    .map(([on, { bound, paid }]) => ({
      on,
      boundMinor: (boundMinor += bound),
      paidMinor: (paidMinor += paid),
    }))
}

/** What is to be paid, and when. */
export interface Due {
  readonly on: string
  readonly amountMinor: Minor
  readonly what: string
  /** owed: on an order · chosen: not ordered yet · open: the target of what nothing is chosen for */
  readonly state: 'owed' | 'chosen' | 'open'
}

export interface CashWeek {
  /** Its Monday. */
  readonly week: string
  readonly owedMinor: Minor
  readonly chosenMinor: Minor
  readonly openMinor: Minor
  readonly dues: readonly Due[]
}

/** The Monday of the week a day lies in (ISO 8601). */
export const mondayOf = (day: string): string =>
  addDays(day, -((new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7))

/** Cash needed by week; what is overdue stands in the week of today. Weeks without anything between are there too. */
export function cashWeeks(dues: readonly Due[], today: string): CashWeek[] {
  const byWeek = new Map<string, Due[]>()
  for (const due of dues) {
    if (due.amountMinor <= 0) continue
    const week = mondayOf(due.on < today ? today : due.on)
    byWeek.set(week, [...(byWeek.get(week) ?? []), due])
  }
  const last = [...byWeek.keys()].sort().at(-1)
  const weeks: CashWeek[] = []
  for (let week = mondayOf(today); last !== undefined && week <= last; week = addDays(week, 7)) {
    const own = byWeek.get(week) ?? []
    const sum = (state: Due['state']) => own.reduce((s, d) => (d.state === state ? s + d.amountMinor : s), 0)
    weeks.push({
      week,
      owedMinor: sum('owed'),
      chosenMinor: sum('chosen'),
      openMinor: sum('open'),
      dues: own,
    })
  }
  return weeks
}

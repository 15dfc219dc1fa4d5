import { mulDivRound } from '../../kernel/money/rate.js'
import { lineState, type LineEntry } from './lineState.js'

/** Where the books stand at the end of one day. */
export interface BooksAt {
  readonly on: string
  /** Bound by orders, charges on top and credits off. */
  readonly committedMinor: number
  /** Cost of what has been delivered and not sent back: a cost when it is here, not when it is paid. */
  readonly accruedMinor: number
  readonly paidMinor: number
  /** Paid for what is not here: not yet a cost. */
  readonly prepaidMinor: number
  /** Here and not paid. */
  readonly payableMinor: number
}

export interface DatedEntry extends LineEntry {
  readonly lineId: string | null
  readonly on: string
}

/**
 * Committed, accrued, paid, prepaid and payable at the end of given days: committed at order, cost at delivery in the
 * share of pieces that came, cash at payment; line by line, so that one thing's prepayment hides no other's debt.
 */
export function booksAt(entries: readonly DatedEntry[], days: readonly string[]): BooksAt[] {
  const byLine = new Map<string, DatedEntry[]>()
  for (const e of entries)
    if (e.lineId !== null) {
      const list = byLine.get(e.lineId)
      if (list) list.push(e)
      else byLine.set(e.lineId, [e])
    }
  return days.map((on) => {
    const sums = { committedMinor: 0, accruedMinor: 0, paidMinor: 0, prepaidMinor: 0, payableMinor: 0 }
    for (const all of byLine.values()) {
      const s = lineState(all.filter((e) => e.on <= on))
      const here = s.liveQuantity > 0 ? mulDivRound(s.costMinor, s.hereQuantity, s.liveQuantity) : 0
      sums.committedMinor += s.costMinor
      sums.accruedMinor += here
      sums.paidMinor += s.netPaidMinor
      sums.prepaidMinor += Math.max(0, s.netPaidMinor - here)
      sums.payableMinor += Math.max(0, here - s.netPaidMinor)
    }
    return { on, ...sums }
  })
}

/** The last days of the months from the first entry to today. */
export function monthEnds(entries: readonly { readonly on: string }[], today: string): string[] {
  const first = entries.reduce((least, e) => (e.on < least ? e.on : least), today)
  const ends: string[] = []
  let [year, month] = [Number(first.slice(0, 4)), Number(first.slice(5, 7))]
  while (`${year}-${String(month).padStart(2, '0')}` <= today.slice(0, 7)) {
    ends.push(new Date(Date.UTC(year, month, 0)).toISOString().slice(0, 10))
    month++
    if (month > 12) [year, month] = [year + 1, 1]
  }
  return ends
}

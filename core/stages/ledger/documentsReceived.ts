import type { Minor } from '../../kernel/money/currency.js'
import { mulDivRound } from '../../kernel/money/rate.js'
import { daysBetween } from '../../kernel/units/days.js'
import { sharedWords } from './sharedWords.js'
import type { LineState } from './lineState.js'
import type { PAPER_KINDS } from '../../model/vocabulary/ledger.js'

export type DocumentKind = (typeof PAPER_KINDS)[number]

/** A paper that came, as it says it. */
export interface DocumentReceived {
  readonly id: string
  readonly kind: DocumentKind
  readonly fromName: string
  readonly on: string
  readonly orderId?: string | null
  readonly totalMinor: Minor
  readonly taxMinor?: Minor | null
}

/** What the ledger says of the order a paper may belong to. */
export interface DocumentOrder extends Pick<LineState, 'asked' | 'credited'> {
  readonly id: string
  readonly name: string
  readonly supplierName: string
  readonly placedOn: string
  /** Money paid, whatever came back since; what was paid for another thing and counts for this one is none. */
  readonly paidMinor: Minor
  /** Parts that were agreed: a deposit. */
  readonly partsMinor: readonly Minor[]
  readonly lines: number
}

export interface DocumentCheck {
  readonly verdict: 'agrees' | 'in part' | 'differs' | 'not matched'
  readonly says: readonly string[]
}

/** What the papers of one kind are held against. */
const AGAINST = {
  invoice: { of: (o: DocumentOrder) => o.asked.minor, what: 'was ordered', short: 'ordered is invoiced' },
  receipt: { of: (o: DocumentOrder) => o.paidMinor, what: 'was paid', short: 'paid has a receipt' },
  'credit note': {
    of: (o: DocumentOrder) => o.credited.minor,
    what: 'was taken off',
    short: 'taken off has a credit note',
  },
} as const

/**
 * Holds a paper against the ledger: invoices against what was ordered, receipts against what was paid, credit
 * notes against what was taken off, each kind of the order's papers together; and the tax on it against its share of the
 * order's. A shop rounds the tax line by line, so a minor unit for each line of the order is let pass.
 *
 * @param all every paper of the job, this one among them
 */
export function checkDocument(
  paper: DocumentReceived,
  order: DocumentOrder | undefined,
  all: readonly DocumentReceived[],
  money: (minor: Minor) => string,
): DocumentCheck {
  if (!order) return { verdict: 'not matched', says: ['no order yet'] }
  const { of, what, short } = AGAINST[paper.kind]
  const [is, said] = [of(order), sum(all.filter((p) => p.orderId === order.id && p.kind === paper.kind))]
  const says: string[] = []
  let verdict: DocumentCheck['verdict'] = 'agrees'
  if (said > is) {
    verdict = 'differs'
    says.push(`${money(said - is)} more than ${what}, ${money(is)}`)
  } else if (said < is) {
    verdict = 'in part'
    says.push(`${money(said)} of ${money(is)} ${short}`)
  } else says.push(`${money(is)} ${what}`)
  const tax = paper.taxMinor
  const taxed = paper.kind === 'credit note' ? order.credited : order.asked
  if (tax == null) says.push('its tax is not known')
  else if (tax > paper.totalMinor) {
    verdict = 'differs'
    says.push('the tax is more than the total')
  } else if (taxed.minor > 0) {
    const share = mulDivRound(taxed.taxMinor, paper.totalMinor, taxed.minor)
    if (Math.abs(tax - share) > Math.max(1, order.lines)) {
      verdict = 'differs'
      says.push(`tax ${money(tax)}; in the ledger ${money(share)}`)
    } else says.push('tax agrees')
  }
  return { verdict, says }
}

const sum = (papers: readonly DocumentReceived[]): Minor =>
  papers.reduce((total, p) => total + p.totalMinor, 0)

export interface OrderMatch {
  readonly order: DocumentOrder
  /** Why, for the person who says so. */
  readonly because: readonly string[]
}

/** The least that is worth proposing: an amount that fits, or a name with a day near it. */
const LEAST = 3
/** Days a paper commonly follows or goes before its order (common practice). */
const NEAR_DAYS = 30

/** Orders a paper may belong to, by amount, name and day, the likeliest first. It decides nothing. */
export function proposeOrders(paper: DocumentReceived, orders: readonly DocumentOrder[]): OrderMatch[] {
  return orders
    .map((order) => {
      let score = 0
      const because: string[] = []
      if (paper.totalMinor > 0 && paper.totalMinor === AGAINST[paper.kind].of(order)) {
        score += 4
        because.push('the amount')
      } else if (paper.totalMinor > 0 && order.partsMinor.includes(paper.totalMinor)) {
        score += 4
        because.push('a part that was agreed')
      }
      const shared = sharedWords(paper.fromName, order.supplierName)
      if (shared.length > 0) {
        score += 1 + Math.min(2, shared.length)
        because.push(`named: ${shared.join(', ')}`)
      }
      const away = Math.abs(daysBetween(order.placedOn, paper.on))
      if (away <= NEAR_DAYS) {
        score += 1
        because.push(
          away === 0 ? 'the day of the order' : `${away} ${away === 1 ? 'day' : 'days'} from the order`,
        )
      }
      return { order, because, score }
    })
    .filter((m) => m.score >= LEAST)
    .sort((x, y) => y.score - x.score)
    .slice(0, 3)
    .map(({ order, because }) => ({ order, because }))
}

/** A payment entered from memory. */
export interface Estimate {
  readonly orderId: string
  readonly orderName: string
  readonly amountMinor: Minor
}

/**
 * Estimates that no paper has made certain: an order whose receipts, or invoices, come to what was paid has none left.
 */
export function openEstimates(
  estimates: readonly Estimate[],
  orders: readonly DocumentOrder[],
  papers: readonly DocumentReceived[],
): Estimate[] {
  const settled = new Set(
    orders
      .filter((o) =>
        (['receipt', 'invoice'] as const).some(
          (kind) =>
            o.paidMinor > 0 &&
            sum(papers.filter((p) => p.orderId === o.id && p.kind === kind)) === o.paidMinor,
        ),
      )
      .map((o) => o.id),
  )
  return estimates.filter((g) => g.amountMinor !== 0 && !settled.has(g.orderId))
}

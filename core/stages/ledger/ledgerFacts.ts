import { budgetPosition, type BudgetPosition } from './budgetPosition.js'
import type { LineState } from './lineState.js'
import type { Estimate, DocumentCheck } from './documentsReceived.js'
import { plainFormatter, type Formatter } from '../../kernel/units/formatter.js'

/** Days a refund commonly takes (common practice: the seller has it back, checks it and pays). */
export const REFUND_DAYS = 14

/** An option that could take the place of the one chosen, and what it saves. */
export interface CheaperOption {
  readonly itemId: string
  readonly itemName: string
  readonly optionId: string
  readonly optionName: string
  readonly savesMinor: number
}

/** A line of an order with what became of it. */
export interface LineFacts {
  readonly lineId: string
  readonly itemId: string
  readonly itemName: string
  readonly optionName: string
  readonly category: string
  readonly orderId: string
  readonly orderNumber: number
  readonly supplierName: string
  readonly placedOn: string
  /** As last heard. */
  readonly expectedOn: string | null
  readonly neededOn: string | null
  readonly deliveredOn: string | undefined
  readonly returnUntil: string | undefined
  /** The last day something of it went back. */
  readonly returnedOn: string | undefined
  readonly decision: 'kept' | 'to go back' | undefined
  readonly state: LineState
  /** A lower price seen since it was ordered, and when. */
  readonly lower: { readonly priceMinor: number; readonly wasMinor: number; readonly on: string } | undefined
  readonly given: boolean
  /** It is cut or laid from one batch: paper, tile, carpet, cloth. */
  readonly oneBatch: boolean
}

export interface OrderFacts {
  readonly id: string
  readonly name: string
  /** What of it is still to pay. */
  readonly depositOpenMinor: number
  readonly depositMinor: number
  readonly depositDueOn: string | null
  readonly balanceDueOn: string | null
  readonly paidMinor: number
  readonly outstandingMinor: number
  /** All of it is here, since then. */
  readonly completeOn: string | undefined
}

/** A gift card or credit with money left on it, or a coupon that the choices of today would use. */
export interface Lapsing {
  readonly id: string
  readonly name: string
  readonly untilOn: string
  readonly leftMinor: number
}

/** A paper that came and belongs to an order, with what it was found to say. */
export interface PaperFacts {
  readonly id: string
  readonly name: string
  readonly orderName: string
  readonly verdict: DocumentCheck['verdict']
  readonly says: readonly string[]
}

export interface ClaimFacts {
  readonly id: string
  readonly itemName: string
  readonly asks: string
  readonly amountMinor: number | null
  readonly answer: string
  readonly answerByOn: string | null
}

export interface LoanFacts {
  readonly id: string
  readonly name: string
  readonly owner: string
  readonly reason: string
  readonly backOn: string | null
  readonly returnedOn: string | null
}

/** What the rules of the ledger judge. `says` words an amount in the job's currency. */
export interface LedgerFacts {
  readonly position: BudgetPosition
  readonly cheaper: readonly CheaperOption[]
  readonly today: string
  readonly installOn: string | null
  readonly taxPpm: number
  readonly lines: readonly LineFacts[]
  readonly orders: readonly OrderFacts[]
  readonly lapsing: readonly Lapsing[]
  readonly papers: readonly PaperFacts[]
  /** Payments from memory that no paper has made certain. */
  readonly estimates: readonly Estimate[]
  readonly claims: readonly ClaimFacts[]
  /** Noted as damaged, with nothing claimed for it. */
  readonly unclaimed: readonly {
    readonly lineId: string
    readonly itemId: string
    readonly itemName: string
    readonly on: string
    readonly note: string
  }[]
  readonly loans: readonly LoanFacts[]
  /** Shares of the budget by category, with what each is forecast to come to. */
  readonly caps: readonly {
    readonly id: string
    readonly category: string
    readonly capMinor: number
    readonly forecastMinor: number
  }[]
  readonly says: Formatter
}

/** Facts of a job in which nothing has happened: what the examples of the rules begin with. */
export const QUIET: LedgerFacts = {
  position: budgetPosition(0, 0, []),
  cheaper: [],
  today: '2026-03-02',
  installOn: null,
  taxPpm: 0,
  lines: [],
  orders: [],
  lapsing: [],
  papers: [],
  estimates: [],
  claims: [],
  unclaimed: [],
  loans: [],
  caps: [],
  says: plainFormatter('EUR'),
}

import type { BudgetPosition } from './budgetPosition.js'

/** An option that could take the place of the one chosen, and what it saves. */
export interface CheaperOption {
  readonly itemId: string
  readonly itemName: string
  readonly optionId: string
  readonly optionName: string
  readonly savesMinor: number
}

/** Goods in the house whose last day to go back is known. */
export interface OpenReturn {
  readonly lineId: string
  readonly itemId: string
  readonly itemName: string
  readonly lastDay: string
  readonly daysLeft: number
}

/** A line paid for or ordered whose goods are past their day. */
export interface LateDelivery {
  readonly orderId: string
  readonly itemName: string
  readonly expectedOn: string
  readonly daysLate: number
}

/** What the rules of the ledger judge. `money` words an amount in the job's currency. */
export interface LedgerFacts {
  readonly position: BudgetPosition
  readonly cheaper: readonly CheaperOption[]
  readonly returns: readonly OpenReturn[]
  readonly late: readonly LateDelivery[]
  readonly money: (minor: number) => string
}

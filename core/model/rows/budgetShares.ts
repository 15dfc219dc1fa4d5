import { choice, minor } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { CATEGORIES } from '../vocabulary/category.js'
import { MARKS, SPLURGE_REASONS } from '../vocabulary/budget.js'

/** How much of the money a category may take, and whether it saves or splurges. */
export const budgetShares = defineRow({
  name: 'budgetShares',
  table: 'budget_share',
  stage: 'brief',
  singular: 'a share of the budget',
  order: ['category'],
  fields: {
    category: choice('Category', CATEGORIES),
    amountMinor: minor('Share'),
    mark: choice('Mark', MARKS),
    reason: choice('Because it', SPLURGE_REASONS).orNone(),
  },
})
export type BudgetShare = RowOf<typeof budgetShares.fields>

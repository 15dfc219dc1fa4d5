import type { BudgetShare } from '../../model/rows/budgetShares.js'
import type { Person } from '../../model/rows/people.js'

export const allotment = (
  category: BudgetShare['category'],
  amountMinor: number,
  more: Partial<BudgetShare> = {},
) => ({
  id: category,
  version: 1,
  category,
  amountMinor,
  mark: 'even' as const,
  reason: null,
  ...more,
})

export const adult = (id: string, standingEyeMm: number): Person & { version: number } => ({
  id,
  version: 1,
  position: 0,
  name: id,
  kind: 'adult',
  ageYears: null,
  standingEyeMm,
  seatedEyeMm: null,
  minds: [],
  note: '',
})

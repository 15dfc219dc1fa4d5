import { feeMinor } from '../stages/brief/fee.js'
import { inLevel } from '../stages/brief/levels.js'
import type { Brief } from '../model/rows/brief.js'
import { budgetPosition, type BudgetPosition, type MoneyItem } from '../stages/ledger/budgetPosition.js'
import type { Level } from '../model/vocabulary/change.js'

/** What the money of a job rests on, beside its items. */
export type MoneyFrame = Pick<
  Brief,
  'agreedMinor' | 'reservePpm' | 'feeKind' | 'feeMinor' | 'feePpm' | 'feeHours' | 'feeInside' | 'level'
>

export interface LeveledItem extends MoneyItem {
  readonly level: Level | null
}

/**
 * Where the money of a job stands: the tape and the list of jobs are both this.
 *
 * Items of the level of intervention that was not settled on cost nothing until they are ordered after all. A fee that
 * is a share of cost is taken of what the goods are forecast to come to.
 *
 * @param changesMinor all change orders added up
 * @param creditMinor store credit that is left of refunds
 */
export function jobPosition(
  frame: MoneyFrame,
  changesMinor: number,
  items: readonly LeveledItem[],
  creditMinor = 0,
): BudgetPosition {
  const counted = items.filter((i) => i.lines.length > 0 || inLevel(i.level, frame.level ?? null))
  const goodsMinor = budgetPosition(0, 0, counted).forecastMinor
  return budgetPosition(
    frame.agreedMinor + changesMinor,
    frame.reservePpm,
    counted,
    {
      amountMinor: feeMinor(frame, goodsMinor),
      inside: frame.feeInside,
    },
    creditMinor,
  )
}

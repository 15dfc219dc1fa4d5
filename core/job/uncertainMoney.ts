import { SPREAD, type MoneyLimits, type UncertainCost } from '../stages/ledger/budgetChance.js'
import { inLevel } from '../stages/brief/levels.js'
import type { DerivedItem } from './deriveItems.js'
import type { DerivedJob } from './derive.js'

/** What every line of the schedule may come to: orders as they stand, choices at their price, open targets with their options. */
export function uncertainCosts({ brief, items }: Pick<DerivedJob, 'items' | 'brief'>): UncertainCost[] {
  const level = brief.job.brief.level ?? null
  return items
    .filter((i) => i.lines.length > 0 || inLevel(i.item.level ?? null, level))
    .flatMap((i) => costOf(i))
}

/** The limits the money of a job is held to. */
export const moneyLimits = ({ position }: Pick<DerivedJob, 'position'>): MoneyLimits => ({
  ...{ agreedMinor: position.agreedMinor, reserveMinor: position.reserveMinor },
  besideMinor: position.feeInside ? position.feeMinor : 0,
})

function costOf(i: DerivedItem): UncertainCost[] {
  const { id, name, targetMinor } = i.item
  const kept = i.lines.reduce((sum, l) => sum + l.state.costMinor, 0)
  const line = (known: UncertainCost['known'], planned: number): UncertainCost => {
    const { best, worst } = SPREAD[known]
    return {
      id,
      name,
      known,
      best: kept + best * planned,
      likely: kept + planned,
      worst: kept + worst * planned,
    }
  }
  if (i.state === 'chosen') {
    const standsIn = i.chosen?.option.kind === 'placeholder'
    // What is kept back for the lasting piece is as open as a target.
    const chosen = line(standsIn ? 'stand-in' : 'chosen', i.chosenMinor)
    if (i.allowanceMinor === 0) return [chosen]
    const { best, worst } = SPREAD.open
    return [
      {
        ...chosen,
        known: 'stand-in',
        best: chosen.best + best * i.allowanceMinor,
        likely: chosen.likely + i.allowanceMinor,
        worst: chosen.worst + worst * i.allowanceMinor,
      },
    ]
  }
  if (i.state === 'open') return [line('open', targetMinor)]
  return kept + i.allowanceMinor > 0 ? [line('settled', i.allowanceMinor)] : []
}

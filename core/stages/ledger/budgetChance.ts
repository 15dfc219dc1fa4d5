import { seededNumbers } from '../../kernel/random/seededNumbers.js'
import { seedOf } from '../../kernel/random/seedOf.js'
import { expected, quantile, quantilesOf, type ThreePoint } from '../../kernel/schedule/threePoint.js'

/** What a line of the schedule may still come to; minor units. */
export interface UncertainCost extends ThreePoint {
  readonly id: string
  readonly name: string
  /** How it is known: settled to the cent, chosen at a price, held by a stand-in, or open at a target. */
  readonly known: 'settled' | 'chosen' | 'stand-in' | 'open'
}

/**
 * How far a price that is not settled may turn out from what is planned for it, as a share of it (common practice): what is chosen
 * costs a little more with what goes with it; an open target is seldom much undercut and often passed.
 */
export const SPREAD: Readonly<
  Record<UncertainCost['known'], { readonly best: number; readonly worst: number }>
> = {
  settled: { best: 1, worst: 1 },
  chosen: { best: 1, worst: 1.05 },
  'stand-in': { best: 0.85, worst: 1.3 },
  open: { best: 0.8, worst: 1.4 },
}

export interface MoneyLimits {
  readonly agreedMinor: number
  readonly reserveMinor: number
  /** Certain costs beside the lines: a fee inside the budget. */
  readonly besideMinor: number
}

export interface BudgetChance {
  readonly runs: number
  /** Share of runs that stay within the agreed budget, and without touching its reserve. */
  readonly within: number
  readonly withoutReserve: number
  /** What eight of ten runs come to at most, and what all come to in the mean. */
  readonly eightyMinor: number
  readonly meanMinor: number
  readonly deviationMinor: number
  /** Lines that decide it, the most first: their share of all that is uncertain, and the chance if each came to what is planned. */
  readonly decides: readonly {
    readonly id: string
    readonly name: string
    readonly share: number
    readonly settled: number
  }[]
}

const MOST = 6

/**
 * Chance that the money holds: every line drawn from its three points, added up, so many times. The same seed gives the same
 * runs; a line is drawn alike whether another is settled or not.
 */
export function budgetChance(
  costs: readonly UncertainCost[],
  { agreedMinor, reserveMinor, besideMinor }: MoneyLimits,
  { runs, seed }: { readonly runs: number; readonly seed: number },
): BudgetChance {
  const drawn = costs.map((c) => {
    const table = quantilesOf(c)
    const next = seededNumbers(seed ^ seedOf(c.id))
    return { cost: c, amounts: Float64Array.from({ length: runs }, () => quantile(table, next())) }
  })
  const totals = new Float64Array(runs).fill(besideMinor)
  for (const { amounts } of drawn)
    for (let i = 0; i < runs; i++) totals[i] = (totals[i] ?? 0) + (amounts[i] ?? 0)
  const most = agreedMinor
  const share = (holds: (i: number) => boolean) => {
    let n = 0
    for (let i = 0; i < runs; i++) if (holds(i)) n++
    return runs > 0 ? n / runs : 0
  }
  const within = share((i) => (totals[i] ?? 0) <= most)
  const mean = totals.reduce((sum, x) => sum + x, 0) / Math.max(1, runs)
  const variance = totals.reduce((sum, x) => sum + (x - mean) ** 2, 0) / Math.max(1, runs)
  const variances = costs.map(varianceOf)
  const whole = variances.reduce((sum, v) => sum + v, 0)
  const decides = drawn
    .map(({ cost, amounts }, n) => ({
      ...{ id: cost.id, name: cost.name, share: whole > 0 ? (variances[n] ?? 0) / whole : 0 },
      settled: share((i) => (totals[i] ?? 0) - (amounts[i] ?? 0) + cost.likely <= most),
    }))
    .filter((d) => d.share >= 0.01)
    .sort((x, y) => y.share - x.share || (x.id < y.id ? -1 : 1))
  const inOrder = Float64Array.from(totals).sort()
  return {
    ...{ runs, within, withoutReserve: share((i) => (totals[i] ?? 0) <= most - reserveMinor) },
    ...{ meanMinor: mean, deviationMinor: Math.sqrt(variance), decides: decides.slice(0, MOST) },
    eightyMinor: Math.round(inOrder[Math.min(runs - 1, Math.ceil(0.8 * runs) - 1)] ?? 0),
  }
}

/** Variance of a three-point estimate by its beta distribution: (μ − a) (b − μ) / 7. @see quantilesOf */
export function varianceOf(c: ThreePoint): number {
  const { mean } = expected(c)
  return ((mean - c.best) * (c.worst - mean)) / 7
}

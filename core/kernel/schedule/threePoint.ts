/** How long something takes at best, most likely and at worst, in one unit. */
export interface ThreePoint {
  readonly best: number
  readonly likely: number
  readonly worst: number
}

/**
 * What is to be expected of a three-point estimate.
 * @see Malcolm, Roseboom, Clark & Fazar, Operations Research 7, 1959: mean (a + 4m + b) / 6, deviation (b − a) / 6
 */
export function expected({ best, likely, worst }: ThreePoint): {
  readonly mean: number
  readonly deviation: number
} {
  return { mean: (best + 4 * likely + worst) / 6, deviation: (worst - best) / 6 }
}

const STEPS = 256
/** So fine that a quantile is off by less than a thousandth of the span. */
const GRID = 2048

/**
 * Its quantiles from 0 to 1 in equal steps, by the beta distribution whose mean is the expected one.
 * Shapes α = 1 + 4 (m − a) / (b − a) and β = 1 + 4 (b − m) / (b − a), variance (μ − a) (b − μ) / 7.
 * @see Vose, Risk Analysis, 2008, on the PERT distribution (from memory)
 */
export function quantilesOf({ best, likely, worst }: ThreePoint): Float64Array {
  const span = worst - best
  if (!(span > 0)) return new Float64Array(STEPS + 1).fill(likely)
  const mode = Math.min(1, Math.max(0, (likely - best) / span))
  const [p, q] = [4 * mode, 4 * (1 - mode)]
  // The distribution by the middles of a fine grid: the density is bounded, for both shapes are at least 1.
  const below = new Float64Array(GRID + 1)
  for (let i = 0; i < GRID; i++) {
    const x = (i + 0.5) / GRID
    below[i + 1] = (below[i] ?? 0) + x ** p * (1 - x) ** q
  }
  const whole = below[GRID] ?? 1
  const quantiles = new Float64Array(STEPS + 1)
  for (let k = 0, i = 0; k <= STEPS; k++) {
    const share = (k / STEPS) * whole
    while (i < GRID && (below[i + 1] ?? 0) < share) i++
    const [low, high] = [below[i] ?? 0, below[i + 1] ?? whole]
    quantiles[k] = best + (span * (i + (high > low ? (share - low) / (high - low) : 0))) / GRID
  }
  return quantiles
}

/** One value of a table of quantiles, for a number from 0 to 1. */
export function quantile(table: Float64Array, share: number): number {
  const at = share * STEPS
  const i = Math.min(STEPS - 1, Math.floor(at))
  const low = table[i] ?? 0
  return low + (at - i) * ((table[i + 1] ?? low) - low)
}

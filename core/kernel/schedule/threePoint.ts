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

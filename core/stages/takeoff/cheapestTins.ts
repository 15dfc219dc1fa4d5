import { InputError } from '../../kernel/errors/InputError.js'

export interface Tin {
  readonly ml: number
  readonly priceMinor: number
}

export interface TinChoice {
  /** How many of each tin, in the order given. */
  readonly counts: readonly number[]
  readonly costMinor: number
  readonly volumeMl: number
}

/**
 * The cheapest set of tins that holds at least the paint needed; ties go to the least volume, then to the
 * fewest tins. Exact: dynamic programming over the volume still to cover, in steps of the tins' common divisor.
 *
 * @param needMl milliliters needed, 0 to 1 000 000
 * @throws {InputError} `TINS_NEED_BAD`, `TINS_NONE`, `TINS_BAD`
 */
export function cheapestTins(needMl: number, tins: readonly Tin[]): TinChoice {
  const refuse = (code: string, where: string, what: string, fix: string): never => {
    throw new InputError(code, { where, what, fix })
  }
  if (!Number.isFinite(needMl) || needMl < 0 || needMl > 1_000_000)
    refuse('TINS_NEED_BAD', 'Paint needed', 'is out of range', 'Give 0 to 1 000 000 ml.')
  if (needMl === 0) return { counts: tins.map(() => 0), costMinor: 0, volumeMl: 0 }
  if (tins.length === 0)
    refuse('TINS_NONE', 'Tins', 'are missing', 'Give at least one tin size with its price.')
  if (
    tins.some(
      (t) => !Number.isInteger(t.ml) || t.ml <= 0 || !Number.isInteger(t.priceMinor) || t.priceMinor < 0,
    )
  )
    refuse(
      'TINS_BAD',
      'Tins',
      'hold a size or price that is no whole number',
      'Give whole ml and whole minor units.',
    )

  const step = tins.reduce((d, t) => gcd(d, t.ml), 0)
  const goal = Math.ceil(Math.ceil(needMl) / step)
  // best[n]: the best way to cover at least n steps
  const best: { cost: number; steps: number; tins: number; last: number }[] = [
    { cost: 0, steps: 0, tins: 0, last: -1 },
  ]
  for (let n = 1; n <= goal; n++) {
    let found: (typeof best)[number] | undefined
    tins.forEach((tin, last) => {
      const size = tin.ml / step
      const rest = best[Math.max(0, n - size)]
      if (!rest) return
      const way = { cost: rest.cost + tin.priceMinor, steps: rest.steps + size, tins: rest.tins + 1, last }
      if (
        !found ||
        way.cost < found.cost ||
        (way.cost === found.cost &&
          (way.steps < found.steps || (way.steps === found.steps && way.tins < found.tins)))
      )
        found = way
    })
    if (found) best[n] = found
  }
  const counts = tins.map(() => 0)
  for (let n = goal; n > 0;) {
    const last = best[n]?.last ?? 0
    counts[last] = (counts[last] ?? 0) + 1
    n -= (tins[last]?.ml ?? step) / step
  }
  const sum = (value: (t: Tin) => number) => tins.reduce((s, t, i) => s + value(t) * (counts[i] ?? 0), 0)
  return { counts, costMinor: sum((t) => t.priceMinor), volumeMl: sum((t) => t.ml) }
}

function gcd(a: number, b: number): number {
  return b === 0 ? a : gcd(b, a % b)
}

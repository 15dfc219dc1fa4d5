import { InputError } from '../errors/InputError.js'
import type { Minor } from './currency.js'

/**
 * Splits an amount by weights without losing or making a minor unit: largest remainder (Hamilton),
 * ties to the earlier part, a negative amount mirrored. All weights zero split it evenly.
 *
 * @param weights finite, none negative; fractions are allowed and are taken to six decimals
 * @returns one part per weight, in order, that add up to `total` exactly
 * @throws {InputError} `SPLIT_NO_WEIGHTS`, `SPLIT_BAD_WEIGHT`
 */
export function splitByWeight(total: Minor, weights: readonly number[]): Minor[] {
  if (weights.length === 0)
    throw new InputError('SPLIT_NO_WEIGHTS', {
      what: 'has no parts',
      where: 'weights',
      fix: 'Give at least one weight.',
    })
  if (weights.some((w) => !Number.isFinite(w) || w < 0))
    throw new InputError('SPLIT_BAD_WEIGHT', {
      what: 'has a weight below zero',
      where: 'weights',
      fix: 'Give zero or more.',
    })
  // Whole weights stay as they are; fractions are scaled, so that 0.5 : 0.3 : 0.2 is exact.
  const scale = weights.every(Number.isInteger) ? 1 : 1_000_000
  let whole = weights.map((w) => BigInt(Math.round(w * scale)))
  let sum = whole.reduce((a, b) => a + b, 0n)
  if (sum === 0n) {
    whole = weights.map(() => 1n)
    sum = BigInt(weights.length)
  }
  const size = BigInt(Math.abs(total))
  const parts = whole.map((w) => (size * w) / sum)
  const rest = whole.map((w, i) => ({ i, remainder: (size * w) % sum }))
  let spare = Number(size - parts.reduce((a, b) => a + b, 0n))
  for (const { i } of rest.sort((x, y) =>
    x.remainder === y.remainder ? x.i - y.i : x.remainder < y.remainder ? 1 : -1,
  )) {
    if (spare === 0) break
    parts[i] = (parts[i] ?? 0n) + 1n
    spare--
  }
  return parts.map((p) => (total < 0 ? 0 - Number(p) : Number(p)))
}

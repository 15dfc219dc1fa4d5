import { InputError } from '../errors/InputError.js'
import type { UnitSystem } from './length.js'

// The avoirdupois pound is 453.59237 g exactly (international yard and pound agreement).
const POUND_G = 453.59237
const UNITS: Readonly<Record<string, number>> = { g: 1, kg: 1000, lb: POUND_G, lbs: POUND_G }

/** `3.4 kg`, or `7.5 lb`, with the decimals of the country. */
export function weightText(grams: number, system: UnitSystem, locale = 'en-IE'): string {
  const metric = system === 'metric'
  const value = Number((grams / (metric ? 1000 : POUND_G)).toFixed(metric ? 2 : 1))
  return `${value.toLocaleString(locale, { maximumFractionDigits: 2, useGrouping: false })} ${metric ? 'kg' : 'lb'}`
}

/**
 * Reads a weight: `3.4`, `3.4 kg`, `3400 g`, `7.5 lb`. A bare number is in kilograms, or in pounds.
 * @returns whole grams
 * @throws {InputError} `WEIGHT_NOT_READ`
 */
export function readWeight(
  text: string,
  { label, min, max }: { readonly label: string; readonly min: number; readonly max: number },
  system: UnitSystem,
): number {
  const found = /^\s*(\d{1,7}(?:[.,]\d{1,4})?)\s*(kg|g|lbs?)?\s*$/i.exec(text)
  const unit = UNITS[found?.[2]?.toLowerCase() ?? (system === 'metric' ? 'kg' : 'lb')] ?? 1
  const grams = found ? Math.round(Number((found[1] ?? '').replace(',', '.')) * unit) : NaN
  if (!(grams >= min && grams <= max))
    throw new InputError('WEIGHT_NOT_READ', {
      what: 'is not a weight of a thing in a room',
      where: label,
      fix: system === 'metric' ? 'Write it as 3.4 kg or 850 g.' : 'Write it as 7.5 lb.',
    })
  return grams
}

import { InputError } from '../errors/InputError.js'
import type { Minor } from './currency.js'

/** Parts per million: 21 % is 210 000, 9.975 % is 99 750. Fine enough for every tax rate in use. */
export type Ppm = number

export const ONE_PPM: Ppm = 1_000_000

/** a·b/c rounded half away from zero, exact for whole numbers of any size in use here. */
export function mulDivRound(a: number, b: number, c: number): number {
  // Whole numbers this small are exact in floating point, and several times quicker than as BigInt.
  const twice = 2 * Math.abs(a * b) + Math.abs(c)
  if (
    c !== 0 &&
    twice <= Number.MAX_SAFE_INTEGER &&
    Number.isInteger(a) &&
    Number.isInteger(b) &&
    Number.isInteger(c)
  ) {
    const by = 2 * Math.abs(c)
    const rounded = (twice - (twice % by)) / by
    return rounded !== 0 && a * b < 0 !== c < 0 ? -rounded : rounded
  }
  const product = BigInt(a) * BigInt(b)
  const divisor = BigInt(c)
  const negative = product < 0n !== divisor < 0n
  const n = product < 0n ? -product : product
  const d = divisor < 0n ? -divisor : divisor
  const rounded = Number((2n * n + d) / (2n * d))
  return negative ? 0 - rounded : rounded
}

/** A share of an amount, rounded half up (a negative amount mirrored). */
export function shareOf(minor: Minor, ppm: Ppm): Minor {
  return mulDivRound(minor, ppm, ONE_PPM)
}

/** Tax on a net amount, rounded half up. */
export const taxOn = shareOf

/**
 * Tax inside a price that includes it: net = gross / (1 + rate) rounded half up, tax is the rest,
 * so net and tax always add up to the price paid.
 */
export function taxInside(gross: Minor, ppm: Ppm): Minor {
  return gross - mulDivRound(gross, ONE_PPM, ONE_PPM + ppm)
}

/**
 * Reads a percentage: `21`, `21 %`, `8,25%`.
 * @throws {InputError} `PERCENT_NOT_A_NUMBER`, `PERCENT_OUT_OF_RANGE`
 */
export function parsePercent(text: string, label = 'Percentage', maxPercent = 100): Ppm {
  const found = /^\s*(\d{1,4})(?:[.,](\d{1,4}))?\s*%?\s*$/.exec(text.slice(0, 40))
  if (!found || text.length > 40)
    throw new InputError('PERCENT_NOT_A_NUMBER', {
      what: 'is not a percentage',
      where: label,
      fix: 'Write it as 21 or 8.25, at most four decimals.',
    })
  const ppm = Number(found[1]) * 10_000 + Number((found[2] ?? '').padEnd(4, '0'))
  if (ppm > maxPercent * 10_000)
    throw new InputError('PERCENT_OUT_OF_RANGE', {
      what: `is over ${maxPercent} %`,
      where: label,
      fix: `Write a value from 0 to ${maxPercent}.`,
    })
  return ppm
}

/** 210000 → "21", 82500 → "8.25". */
export function percentText(ppm: Ppm): string {
  return String(ppm / 10_000)
}

/** Whole minor units (cents, pence, yen); the currency says how many make one major unit. */
export type Minor = number

/** The largest amount any single figure may hold: ten thousand million minor units, far inside 2^53. */
export const MAX_MINOR: Minor = 10_000_000_000

// ISO 4217 minor units; every active code not listed has two decimals. Intl follows CLDR, which
// drops decimals that ISO keeps (IQD among them), so the standard's own table stands here.
const DIGITS = new Map<string, number>([
  ...'BIF CLP DJF GNF ISK JPY KMF KRW PYG RWF UGX UYI VND VUV XAF XOF XPF'
    .split(' ')
    .map((c) => [c, 0] as const),
  ...'BHD IQD JOD KWD LYD OMR TND'.split(' ').map((c) => [c, 3] as const),
  ...'CLF UYW'.split(' ').map((c) => [c, 4] as const),
])

/**
 * Decimals of a currency.
 * @param currency ISO 4217 alphabetic code
 * @see ISO 4217, table A.1
 */
export function currencyDigits(currency: string): number {
  return DIGITS.get(currency) ?? 2
}

/** An amount as a plain decimal without a sign of currency: 123456 KWD minor is "123.456". */
export function minorToDecimal(minor: Minor, currency: string): string {
  const digits = currencyDigits(currency)
  const sign = minor < 0 ? '-' : ''
  const text = String(Math.abs(minor)).padStart(digits + 1, '0')
  return digits === 0
    ? sign + text
    : `${sign}${text.slice(0, text.length - digits)}.${text.slice(text.length - digits)}`
}

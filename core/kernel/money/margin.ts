import type { Minor } from './currency.js'
import { ONE_PPM, shareOf, type Ppm } from './rate.js'

export interface TradePrice {
  /** What the studio pays. */
  readonly costMinor: Minor
  /** What is left for the studio when the client pays the list price. */
  readonly profitMinor: Minor
  /** Profit over list price and over cost, in percent. */
  readonly marginPercent: number
  readonly markupPercent: number
}

/** A list price less the trade discount, rounded half up on the discount; margin is over price, markup over cost. */
export function tradePrice(listMinor: Minor, tradePpm: Ppm): TradePrice {
  const profitMinor = shareOf(listMinor, tradePpm)
  const costMinor = listMinor - profitMinor
  const marginPercent = listMinor > 0 ? (100 * profitMinor) / listMinor : 0
  return {
    costMinor,
    profitMinor,
    marginPercent,
    markupPercent: costMinor > 0 ? markupFromMargin(marginPercent) : 0,
  }
}

/** Markup over cost from a margin over price, both in percent below 100. */
export const markupFromMargin = (marginPercent: number): number =>
  (100 * marginPercent) / (100 - marginPercent)

/** Margin over price from a markup over cost, both in percent. */
export const marginFromMarkup = (markupPercent: number): number =>
  (100 * markupPercent) / (100 + markupPercent)

/**
 * Percentages taken off one after the other, each of what is left, the result rounded half up once: 40, 10 and 5 off
 * 1 000.00 leave 513.00, not 450.00.
 */
export function chainedOff(listMinor: Minor, chain: readonly Ppm[]): Minor {
  if (chain.every((ppm) => ppm === 0)) return listMinor
  let [top, bottom] = [BigInt(listMinor), 1n]
  for (const ppm of chain) {
    top *= BigInt(ONE_PPM - ppm)
    bottom *= BigInt(ONE_PPM)
  }
  return Number((2n * top + bottom) / (2n * bottom))
}

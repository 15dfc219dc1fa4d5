import type { Minor } from '../money/currency.js'
import { shareOf, taxInside, taxOn, type Ppm } from '../money/rate.js'

export interface PricedOption {
  readonly priceMinor: Minor
  readonly packSize: number
  readonly discountPpm: Ppm
  readonly discountMinor: Minor
  readonly deliveryMinor: Minor
  readonly fittingMinor: Minor
}

export interface LandedPrice {
  readonly packs: number
  /** Pieces left over from whole packs. */
  readonly spare: number
  readonly goodsMinor: Minor
  readonly percentOffMinor: Minor
  readonly fixedOffMinor: Minor
  readonly deliveryMinor: Minor
  readonly fittingMinor: Minor
  /** Tax in the landed price, whether it was added or inside already. */
  readonly taxMinor: Minor
  readonly taxAdded: boolean
  readonly landedMinor: Minor
}

/**
 * Landed price: price × packs − discounts + delivery + fitting + tax.
 *
 * Order of arithmetic: whole packs; the percentage off the goods, rounded half up; the fixed discount off what
 * is left, never below zero; delivery and fitting; tax on what is then charged, rounded once on the line.
 *
 * @param quantity pieces needed, at least 1
 * @param taxPpm tax rate in parts per million
 * @param pricesIncludeTax whether every figure of the option has tax in it already
 */
export function landedPrice(
  option: PricedOption,
  quantity: number,
  taxPpm: Ppm,
  pricesIncludeTax: boolean,
): LandedPrice {
  const packs = Math.ceil(quantity / option.packSize)
  const goodsMinor = option.priceMinor * packs
  const percentOffMinor = shareOf(goodsMinor, option.discountPpm)
  const fixedOffMinor = Math.min(option.discountMinor, goodsMinor - percentOffMinor)
  const charged = goodsMinor - percentOffMinor - fixedOffMinor + option.deliveryMinor + option.fittingMinor
  const taxMinor = pricesIncludeTax ? taxInside(charged, taxPpm) : taxOn(charged, taxPpm)
  return {
    packs,
    spare: packs * option.packSize - quantity,
    goodsMinor,
    percentOffMinor,
    fixedOffMinor,
    deliveryMinor: option.deliveryMinor,
    fittingMinor: option.fittingMinor,
    taxMinor,
    taxAdded: !pricesIncludeTax,
    landedMinor: pricesIncludeTax ? charged : charged + taxMinor,
  }
}

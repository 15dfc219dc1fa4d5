import { convert } from '../../kernel/money/convert.js'
import type { Minor } from '../../kernel/money/currency.js'
import { chainedOff } from '../../kernel/money/margin.js'
import { taxInside, taxOn, type Ppm } from '../../kernel/money/rate.js'

/** What a price rests on. Figures are in the option's own currency when it has one. */
export interface PricedOption {
  readonly priceMinor: Minor
  readonly packSize: number
  readonly tradePpm: Ppm
  readonly discountPpm: Ppm
  readonly discountMinor: Minor
  readonly deliveryMinor: Minor
  readonly fittingMinor: Minor
  readonly reworkMinor: Minor
  readonly currency?: string | null
  readonly rate: string
  /** It comes in the set of another option and costs nothing of its own. */
  readonly partOfId?: string | null
}

/** Tax and currency of the job. */
export interface PriceFrame {
  readonly taxPpm: Ppm
  /** Every figure of an option has tax in it already. */
  readonly pricesIncludeTax: boolean
  readonly currency: string
}

/** The sum behind a price, step by step, in the job's currency. */
export interface LandedPrice {
  readonly packs: number
  /** Pieces left over from whole packs. */
  readonly spare: number
  readonly goodsMinor: Minor
  /** Goods in the currency of the option, when it is another one. */
  readonly foreignMinor: Minor | undefined
  /** Its currency, when no rate to the job's is given: its figures then stand as if they were the job's. */
  readonly rateless: string | undefined
  /** Discounts in percent: the trade discount first, the other of what is left. */
  readonly tradeOffMinor: Minor
  readonly percentOffMinor: Minor
  readonly fixedOffMinor: Minor
  /** Goods less all that comes off. */
  readonly netGoodsMinor: Minor
  readonly deliveryMinor: Minor
  readonly fittingMinor: Minor
  readonly reworkMinor: Minor
  /** Tax in the landed price, whether it was added or inside already. */
  readonly taxMinor: Minor
  readonly taxAdded: boolean
  readonly landedMinor: Minor
  /** The same without the trade discount: what the client is shown. */
  readonly listMinor: Minor
}

/**
 * Landed price: price × packs − discounts + delivery + fitting + rework + tax.
 *
 * Order of arithmetic: whole packs; figures of another currency turned into the job's, each rounded half up; trade
 * discount and then the other percentage off the goods; the fixed discount off what is left, never below zero;
 * delivery, fitting and rework; tax on what is then charged, rounded once on the line. Gift cards and credit pay; they
 * are no part of a price.
 *
 * @param quantity pieces needed, at least 1
 * @param madeMinor what the list of materials comes to, in the place of the price of a made option
 */
export function landedPrice(
  option: PricedOption,
  quantity: number,
  frame: PriceFrame,
  madeMinor?: Minor,
): LandedPrice {
  const packs = Math.ceil(quantity / option.packSize)
  const other = option.currency && option.currency !== frame.currency ? option.currency : undefined
  const foreign = option.rate ? other : undefined
  const turned = (minor: Minor) => (foreign ? convert(minor, foreign, frame.currency, option.rate) : minor)
  const stated = option.partOfId ? 0 : (madeMinor ?? option.priceMinor * packs)
  const goodsMinor = madeMinor === undefined ? turned(stated) : stated
  const afterTrade = chainedOff(goodsMinor, [option.tradePpm])
  const afterPercent = chainedOff(afterTrade, [option.discountPpm])
  const fixedOffMinor = Math.min(turned(option.discountMinor), afterPercent)
  const netGoodsMinor = afterPercent - fixedOffMinor
  const [deliveryMinor, fittingMinor, reworkMinor] = [
    turned(option.deliveryMinor),
    turned(option.fittingMinor),
    turned(option.reworkMinor),
  ]
  const besides = deliveryMinor + fittingMinor + reworkMinor
  const { taxMinor, landedMinor } = taxed(netGoodsMinor + besides, frame)
  return {
    packs,
    spare: packs * option.packSize - quantity,
    goodsMinor,
    foreignMinor: foreign && madeMinor === undefined ? stated : undefined,
    rateless: option.rate ? undefined : other,
    tradeOffMinor: goodsMinor - afterTrade,
    percentOffMinor: afterTrade - afterPercent,
    fixedOffMinor,
    netGoodsMinor,
    deliveryMinor,
    fittingMinor,
    reworkMinor,
    taxMinor,
    taxAdded: !frame.pricesIncludeTax,
    landedMinor,
    listMinor: taxed(
      Math.max(0, chainedOff(goodsMinor, [option.discountPpm]) - fixedOffMinor) + besides,
      frame,
    ).landedMinor,
  }
}

/** Tax of an amount as the job counts it, and what is then paid. */
export function taxed(
  chargedMinor: Minor,
  frame: Pick<PriceFrame, 'taxPpm' | 'pricesIncludeTax'>,
): { readonly taxMinor: Minor; readonly landedMinor: Minor } {
  const taxMinor = frame.pricesIncludeTax
    ? taxInside(chargedMinor, frame.taxPpm)
    : taxOn(chargedMinor, frame.taxPpm)
  return { taxMinor, landedMinor: frame.pricesIncludeTax ? chargedMinor : chargedMinor + taxMinor }
}

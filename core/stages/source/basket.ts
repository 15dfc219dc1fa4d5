import type { Minor } from '../../kernel/money/currency.js'
import { shareOf } from '../../kernel/money/rate.js'
import { splitByWeight } from '../../kernel/money/splitByWeight.js'
import { taxed, type LandedPrice, type PriceFrame } from './landedPrice.js'
import type { DeliveryBand } from '../../model/rows/suppliers.js'
import type { Discount } from '../../model/rows/discounts.js'

/** What is bought together from one supplier, by item. */
export interface BasketLine {
  readonly itemId: string
  readonly price: Pick<
    LandedPrice,
    'netGoodsMinor' | 'deliveryMinor' | 'fittingMinor' | 'reworkMinor' | 'landedMinor' | 'taxMinor'
  >
}

/** What a supplier's terms do to an order. */
export interface Terms {
  readonly minOrderMinor: Minor
  readonly deliveryBands: readonly DeliveryBand[]
  readonly discounts: readonly Discount[]
}

export const NO_TERMS: Terms = { minOrderMinor: 0, deliveryBands: [], discounts: [] }

/** A coupon as it works on one order. */
export interface UsedOffer {
  readonly id: string
  readonly name: string
  readonly offMinor: Minor
}

export interface Basket {
  readonly lines: readonly {
    readonly itemId: string
    readonly landedMinor: Minor
    readonly taxMinor: Minor
  }[]
  /** Goods less the discounts of each line, before coupon and delivery of the order. */
  readonly goodsMinor: Minor
  /** The one coupon that takes most off; one an order (common practice). */
  readonly offer: UsedOffer | undefined
  /** Delivery of the order as a whole, by its size. */
  readonly bandMinor: Minor
  /** What the next band would save, and how much more must be bought for it. */
  readonly nextBand: { readonly missingMinor: Minor; readonly savesMinor: Minor } | undefined
  /** What is missing to the least order the supplier takes. */
  readonly shortMinor: Minor
  readonly taxMinor: Minor
  readonly landedMinor: Minor
}

/**
 * An order at one supplier: what comes off and is added once for all of it, shared over its lines without losing a minor
 * unit (largest remainder, by value).
 *
 * Order of arithmetic: discounts of each line; then one coupon; delivery by the size of what is then left; tax on what
 * is charged, on each line. A coupon that a third party pays lowers what is paid, not what is taxed.
 *
 * @param today ISO day; offers out of their time do not count
 */
export function basketOf(
  lines: readonly BasketLine[],
  terms: Terms,
  frame: Pick<PriceFrame, 'taxPpm' | 'pricesIncludeTax'>,
  today: string,
): Basket {
  const goods = lines.map((l) => l.price.netGoodsMinor)
  const goodsMinor = sum(goods)
  const valid = terms.discounts.filter(
    (o) => !(o.oneUse && o.usedOn) && (o.fromOn ?? '') <= today && today <= (o.untilOn ?? '9999'),
  )
  const off = (o: Discount) => {
    const base = baseOf(o, lines)
    if (base === 0 || base < o.minSpendMinor) return 0
    return o.kind === 'percent off'
      ? shareOf(base, o.ppm)
      : o.kind === 'amount off'
        ? Math.min(o.amountMinor, base)
        : 0
  }
  const best = valid
    .map((offer) => ({ offer, offMinor: off(offer) }))
    .filter((o) => o.offMinor > 0)
    .sort((x, y) => y.offMinor - x.offMinor || (x.offer.id < y.offer.id ? -1 : 1))[0]
  const shares = best
    ? splitByWeight(
        best.offMinor,
        lines.map((l, i) => (best.offer.itemId && best.offer.itemId !== l.itemId ? 0 : (goods[i] ?? 0))),
      )
    : goods.map(() => 0)
  const left = goodsMinor - (best?.offMinor ?? 0)
  const free = valid.some(
    (o) => o.kind === 'free delivery' && baseOf(o, lines) > 0 && baseOf(o, lines) >= o.minSpendMinor,
  )
  const bands = [...terms.deliveryBands].sort((x, y) => x.fromMinor - y.fromMinor)
  const bandMinor = free || left === 0 ? 0 : feeFor(bands, left)
  const carried = lines.length > 0 ? splitByWeight(bandMinor, goods) : []
  const priced = lines.map((l, i) => {
    const [coupon, band] = [shares[i] ?? 0, carried[i] ?? 0]
    // Nothing of the order changes the line: its own price stands, tax rounded as it was.
    if (coupon === 0 && band === 0)
      return { itemId: l.itemId, landedMinor: l.price.landedMinor, taxMinor: l.price.taxMinor }
    const whole =
      l.price.netGoodsMinor + l.price.deliveryMinor + l.price.fittingMinor + l.price.reworkMinor + band
    if (best?.offer.thirdParty) {
      const full = taxed(whole, frame)
      return { itemId: l.itemId, landedMinor: full.landedMinor - coupon, taxMinor: full.taxMinor }
    }
    return { itemId: l.itemId, ...taxed(whole - coupon, frame) }
  })
  const next = bands.find((b) => b.fromMinor > left && b.feeMinor < bandMinor)
  return {
    lines: priced,
    goodsMinor,
    offer: best && { id: best.offer.id, name: best.offer.name, offMinor: best.offMinor },
    bandMinor,
    nextBand: next && { missingMinor: next.fromMinor - left, savesMinor: bandMinor - next.feeMinor },
    shortMinor: Math.max(0, terms.minOrderMinor - left),
    taxMinor: sum(priced.map((p) => p.taxMinor)),
    landedMinor: sum(priced.map((p) => p.landedMinor)),
  }
}

const baseOf = (offer: Discount, lines: readonly BasketLine[]) =>
  sum(lines.filter((l) => !offer.itemId || offer.itemId === l.itemId).map((l) => l.price.netGoodsMinor))

/** The last band that the goods reach; an order below the first band has no delivery of its own. */
const feeFor = (bands: readonly DeliveryBand[], goodsMinor: Minor) =>
  bands.filter((b) => b.fromMinor <= goodsMinor).at(-1)?.feeMinor ?? 0

const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0)

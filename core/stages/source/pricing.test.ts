import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { convert } from '../../kernel/money/convert.js'
import { chainedOff, marginFromMarkup, markupFromMargin, tradePrice } from '../../kernel/money/margin.js'
import { published } from '../../testing/published.js'
import { basketOf, NO_TERMS, type BasketLine } from './basket.js'
import { landedPrice, type PriceFrame } from './landedPrice.js'
import type { Discount } from '../../model/rows/discounts.js'

const frame: PriceFrame = { taxPpm: 0, pricesIncludeTax: true, currency: 'EUR' }
const plain = {
  priceMinor: 0,
  packSize: 1,
  tradePpm: 0,
  discountPpm: 0,
  discountMinor: 0,
  deliveryMinor: 0,
  fittingMinor: 0,
  reworkMinor: 0,
  rate: '',
}
const line = (itemId: string, priceMinor: number, f = frame): BasketLine => ({
  itemId,
  price: landedPrice({ ...plain, priceMinor }, 1, f),
})
const offer = (more: Partial<Discount>): Discount => ({
  id: 'o',
  supplierId: 's',
  name: 'Coupon',
  kind: 'percent off',
  ppm: 0,
  amountMinor: 0,
  minSpendMinor: 0,
  fromOn: null,
  untilOn: null,
  itemId: null,
  oneUse: true,
  usedOn: null,
  thirdParty: false,
  ...more,
})
const on = '2026-03-02'

describe('published arithmetic', () => {
  test.each(
    published<{ amounts: { minor: number; frm: string; to: string; rate: string }[] }, { minor: number[] }>(
      'money.fx.',
    ),
  )('$id $title', ({ input, expected }) =>
    expect(input.amounts.map((a) => convert(a.minor, a.frm, a.to, a.rate))).toEqual(expected.minor),
  )

  test.each(
    published<{ list_cents: number; chainPercent: number[] }, { net_cents: number }>('money.discount.chain'),
  )('$id $title', ({ input, expected }) =>
    expect(
      chainedOff(
        input.list_cents,
        input.chainPercent.map((p) => p * 10_000),
      ),
    ).toBe(expected.net_cents),
  )

  test.each(
    published<
      { retail_cents: number; tradePercent: number },
      { cost_cents: number; profitAtRetail_cents: number; marginPercent: number; markupPercent: number }
    >('money.discount.trade'),
  )('$id $title', ({ input, expected, tolerance }) => {
    const got = tradePrice(input.retail_cents, input.tradePercent * 10_000)
    expect([got.costMinor, got.profitMinor]).toEqual([expected.cost_cents, expected.profitAtRetail_cents])
    expect(Math.abs(got.marginPercent - expected.marginPercent)).toBeLessThanOrEqual(tolerance as number)
    expect(Math.abs(got.markupPercent - expected.markupPercent)).toBeLessThanOrEqual(tolerance as number)
  })

  test.each(
    published<
      { markupPercent: number[]; marginPercent: number[] },
      { marginFromMarkup: number[]; markupFromMargin: number[] }
    >('money.markup.convert'),
  )('$id $title', ({ input, expected, tolerance }) => {
    for (const [i, m] of input.markupPercent.entries())
      expect(Math.abs(marginFromMarkup(m) - (expected.marginFromMarkup[i] ?? NaN))).toBeLessThanOrEqual(
        tolerance as number,
      )
    for (const [i, m] of input.marginPercent.entries())
      expect(Math.abs(markupFromMargin(m) - (expected.markupFromMargin[i] ?? NaN))).toBeLessThanOrEqual(
        tolerance as number,
      )
  })

  test.each(
    published<
      { goods_cents: number; shipping_cents: number; taxPercent: number },
      { shippingTaxed_cents: number }
    >('money.tax.shipping'),
  )('$id $title: delivery is taxed with the goods', ({ input, expected }) => {
    const net: PriceFrame = { taxPpm: input.taxPercent * 10_000, pricesIncludeTax: false, currency: 'USD' }
    const option = { ...plain, priceMinor: input.goods_cents, deliveryMinor: input.shipping_cents }
    expect(landedPrice(option, 1, net).taxMinor).toBe(expected.shippingTaxed_cents)
  })

  test.each(
    published<
      { price_cents: number; reduction_cents: number; taxPercent: number },
      Record<'storeDiscount' | 'thirdPartyCoupon', { tax_cents: number; pays_cents: number }>
    >('money.discount-tax.order'),
  )('$id $title', ({ input, expected }) => {
    const net: PriceFrame = { taxPpm: input.taxPercent * 10_000, pricesIncludeTax: false, currency: 'USD' }
    for (const [thirdParty, wanted] of [
      [false, expected.storeDiscount],
      [true, expected.thirdPartyCoupon],
    ] as const) {
      const terms = {
        ...NO_TERMS,
        discounts: [offer({ kind: 'amount off', amountMinor: input.reduction_cents, thirdParty })],
      }
      const got = basketOf([line('a', input.price_cents, net)], terms, net, on)
      expect([got.taxMinor, got.landedMinor]).toEqual([wanted.tax_cents, wanted.pays_cents])
    }
  })

  test.each(
    published<
      { lines_cents: number[]; freight_cents: number },
      { freightShare_cents: number[]; landed_cents: number[] }
    >('money.freight.'),
  )('$id $title', ({ input, expected }) => {
    const terms = { ...NO_TERMS, deliveryBands: [{ fromMinor: 0, feeMinor: input.freight_cents }] }
    const got = basketOf(
      input.lines_cents.map((c, i) => line(String(i), c)),
      terms,
      frame,
      on,
    )
    expect(got.lines.map((l) => l.landedMinor)).toEqual(expected.landed_cents)
  })
})

describe('an order at one supplier', () => {
  test('one coupon an order, the one that takes most off; a coupon already used, out of its time or under its spend does not', () => {
    const discounts = [
      offer({ id: 'tenth', ppm: 100_000 }),
      offer({ id: 'fifty', kind: 'amount off', amountMinor: 5000 }),
      offer({ id: 'used', ppm: 500_000, usedOn: '2026-01-01' }),
      offer({ id: 'late', ppm: 500_000, untilOn: '2026-03-01' }),
      offer({ id: 'early', ppm: 500_000, fromOn: '2026-03-03' }),
      offer({ id: 'large', ppm: 500_000, minSpendMinor: 40_001 }),
    ]
    const got = basketOf([line('a', 30_000), line('b', 10_000)], { ...NO_TERMS, discounts }, frame, on)
    expect(got.offer).toMatchObject({ id: 'fifty', offMinor: 5000 })
    expect(got.lines.map((l) => l.landedMinor)).toEqual([26_250, 8750])
  })
  test('a coupon for one item leaves the others alone', () => {
    const discounts = [offer({ ppm: 500_000, itemId: 'b' })]
    const got = basketOf([line('a', 30_000), line('b', 10_000)], { ...NO_TERMS, discounts }, frame, on)
    expect(got.lines.map((l) => l.landedMinor)).toEqual([30_000, 5000])
  })
  test('delivery falls with the order, free delivery takes it away, and the next band is told', () => {
    const terms = {
      ...NO_TERMS,
      deliveryBands: [
        { fromMinor: 0, feeMinor: 4900 },
        { fromMinor: 50_000, feeMinor: 0 },
      ],
    }
    const small = basketOf([line('a', 48_000)], terms, frame, on)
    expect(small).toMatchObject({
      bandMinor: 4900,
      landedMinor: 52_900,
      nextBand: { missingMinor: 2000, savesMinor: 4900 },
    })
    expect(basketOf([line('a', 50_000)], terms, frame, on)).toMatchObject({
      bandMinor: 0,
      landedMinor: 50_000,
    })
    const free = { ...terms, discounts: [offer({ kind: 'free delivery' })] }
    expect(basketOf([line('a', 100)], free, frame, on).landedMinor).toBe(100)
  })
  test('what is missing to the least order is told', () =>
    expect(basketOf([line('a', 8000)], { ...NO_TERMS, minOrderMinor: 10_000 }, frame, on).shortMinor).toBe(
      2000,
    ))
  test('the lines add up to the order, whatever its coupon and delivery', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(500_000), { minLength: 1, maxLength: 9 }),
        fc.nat(900_000),
        fc.nat(20_000),
        fc.boolean(),
        (prices, ppm, fee, included) => {
          const f: PriceFrame = { taxPpm: 210_000, pricesIncludeTax: included, currency: 'EUR' }
          const terms = {
            ...NO_TERMS,
            deliveryBands: [{ fromMinor: 0, feeMinor: fee }],
            discounts: [offer({ ppm })],
          }
          const got = basketOf(
            prices.map((p, i) => line(String(i), p, f)),
            terms,
            f,
            on,
          )
          expect(got.lines.reduce((a, l) => a + l.landedMinor, 0)).toBe(got.landedMinor)
          if (included && got.goodsMinor > (got.offer?.offMinor ?? 0))
            expect(got.landedMinor).toBe(got.goodsMinor - (got.offer?.offMinor ?? 0) + got.bandMinor)
        },
      ),
    )
  })
})

describe('other prices', () => {
  test('another currency is turned at its rate before discounts, each figure rounded half up', () => {
    const option = {
      ...plain,
      priceMinor: 48_000,
      currency: 'USD',
      rate: '0.9221',
      discountPpm: 100_000,
      deliveryMinor: 2000,
    }
    const got = landedPrice(option, 2, frame)
    expect(got).toMatchObject({
      foreignMinor: 96_000,
      goodsMinor: 88_522,
      percentOffMinor: 8852,
      deliveryMinor: 1844,
      landedMinor: 81_514,
    })
  })
  test('the client’s price leaves the trade discount out', () => {
    const got = landedPrice({ ...plain, priceMinor: 120_000, tradePpm: 300_000 }, 1, frame)
    expect([got.landedMinor, got.listMinor]).toEqual([84_000, 120_000])
  })
  test('a part of a set costs nothing of its own but what its delivery costs', () =>
    expect(
      landedPrice({ ...plain, priceMinor: 9900, partOfId: 'set', deliveryMinor: 300 }, 4, frame).landedMinor,
    ).toBe(300))
  test('a rate that is no number is refused', () =>
    expect(() => convert(100, 'USD', 'EUR', '1,08')).toThrow(/rate/i))
})

test('a price in another currency without a rate stands as it is, and says so', () => {
  const usd = { ...plain, priceMinor: 10_000, currency: 'USD' }
  expect(landedPrice(usd, 1, frame)).toMatchObject({
    landedMinor: 10_000,
    rateless: 'USD',
    foreignMinor: undefined,
  })
  expect(landedPrice({ ...usd, rate: '0.9' }, 1, frame)).toMatchObject({
    landedMinor: 9_000,
    rateless: undefined,
    foreignMinor: 10_000,
  })
  expect(landedPrice({ ...usd, currency: 'EUR' }, 1, frame).rateless).toBeUndefined()
})

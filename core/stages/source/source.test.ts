import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { landedPrice, type PricedOption, type PriceFrame } from './landedPrice.js'
import { sizeFit } from './sizeFit.js'

const plain: PricedOption = {
  priceMinor: 0,
  packSize: 1,
  discountPpm: 0,
  discountMinor: 0,
  deliveryMinor: 0,
  fittingMinor: 0,
  tradePpm: 0,
  reworkMinor: 0,
  rate: '',
}
const frame = (taxPpm: number, pricesIncludeTax: boolean): PriceFrame => ({
  taxPpm,
  pricesIncludeTax,
  currency: 'EUR',
})

describe('landed price', () => {
  test.each(
    published<
      { price_cents: number; discountPercent: number; taxPercent: number },
      { discount_cents: number; tax_cents: number; total_cents: number }
    >('money.discount-tax.0'),
  )('$id $title', ({ input, expected }) => {
    const got = landedPrice(
      { ...plain, priceMinor: input.price_cents, discountPpm: input.discountPercent * 10_000 },
      1,
      frame(Math.round(input.taxPercent * 10_000), false),
    )
    expect([got.percentOffMinor, got.taxMinor, got.landedMinor]).toEqual([
      expected.discount_cents,
      expected.tax_cents,
      expected.total_cents,
    ])
  })

  // Common practice, worked by hand: the coupon comes first, tax is on what is charged.
  test('four at 22.00, a quarter off, 10 % tax: 66.00 + 6.60 = 72.60', () => {
    const got = landedPrice({ ...plain, priceMinor: 2200, discountPpm: 250_000 }, 4, frame(100_000, false))
    expect([got.landedMinor - got.taxMinor, got.taxMinor, got.landedMinor]).toEqual([6600, 660, 7260])
  })
  test('five cushions in packs of two at 27.00: three packs, 81.00, one spare', () => {
    expect(landedPrice({ ...plain, priceMinor: 2700, packSize: 2 }, 5, frame(0, true))).toMatchObject({
      packs: 3,
      goodsMinor: 8100,
      spare: 1,
    })
  })
  test('three lights in packs of two at 13.00: two packs, 26.00', () => {
    expect(landedPrice({ ...plain, priceMinor: 1300, packSize: 2 }, 3, frame(0, true))).toMatchObject({
      packs: 2,
      landedMinor: 2600,
      spare: 1,
    })
  })
  test('a set price is for the whole set', () => {
    expect(landedPrice({ ...plain, priceMinor: 64_000, packSize: 4 }, 4, frame(0, true)).landedMinor).toBe(
      64_000,
    )
  })
  test('with tax in the prices, delivery and fitting are charged as they stand', () => {
    const got = landedPrice(
      { ...plain, priceMinor: 139_500, deliveryMinor: 8500, fittingMinor: 2000 },
      1,
      frame(210_000, true),
    )
    expect(got).toMatchObject({ landedMinor: 150_000, taxMinor: 26_033, taxAdded: false })
  })
  test('a fixed discount never turns a price negative, nor eats the delivery', () => {
    expect(
      landedPrice({ ...plain, priceMinor: 1000, discountMinor: 5000, deliveryMinor: 900 }, 1, frame(0, true)),
    ).toMatchObject({ fixedOffMinor: 1000, landedMinor: 900 })
  })
  test('the steps add up to the landed price, and never below delivery and fitting', () => {
    const option = fc.record({
      priceMinor: fc.nat(10_000_000),
      packSize: fc.integer({ min: 1, max: 50 }),
      discountPpm: fc.nat(1_000_000),
      discountMinor: fc.nat(1_000_000),
      deliveryMinor: fc.nat(100_000),
      fittingMinor: fc.nat(100_000),
    })
    fc.assert(
      fc.property(
        option,
        fc.integer({ min: 1, max: 1000 }),
        fc.nat(600_000),
        fc.boolean(),
        (o, quantity, tax, included) => {
          const p = landedPrice({ ...plain, ...o }, quantity, frame(tax, included))
          const charged =
            p.goodsMinor - p.percentOffMinor - p.fixedOffMinor + p.deliveryMinor + p.fittingMinor
          expect(p.landedMinor).toBe(included ? charged : charged + p.taxMinor)
          expect(p.landedMinor).toBeGreaterThanOrEqual(o.deliveryMinor + o.fittingMinor)
          expect(p.packs * o.packSize - p.spare).toBe(quantity)
          expect(p.spare).toBeLessThan(o.packSize)
        },
      ),
    )
  })
})

describe('size', () => {
  const limit = { maxWidthMm: 1980, maxDepthMm: null, maxHeightMm: 900 }
  test.each([
    [{ widthMm: 1980, depthMm: 2000, heightMm: 840 }, { verdict: 'fits' }],
    [
      { widthMm: 2180, depthMm: null, heightMm: 950 },
      {
        verdict: 'too large',
        over: [
          { side: 'width', byMm: 200 },
          { side: 'height', byMm: 50 },
        ],
      },
    ],
    [
      { widthMm: null, depthMm: 900, heightMm: 840 },
      { verdict: 'unknown', missing: ['width'] },
    ],
    [
      { widthMm: null, depthMm: 900, heightMm: 901 },
      { verdict: 'too large', over: [{ side: 'height', byMm: 1 }] },
    ],
    [
      { widthMm: 2180, depthMm: null, heightMm: 840 },
      { verdict: 'too large', over: [{ side: 'width', byMm: 200 }] },
    ],
  ])('%j', (size, verdict) => expect(sizeFit(size, limit)).toEqual(verdict))
  test('without a limit nothing is said to fit', () => {
    expect(
      sizeFit(
        { widthMm: 100, depthMm: 1, heightMm: 1 },
        { maxWidthMm: null, maxDepthMm: null, maxHeightMm: null },
      ),
    ).toEqual({ verdict: 'no limit' })
  })
})

import { describe, expect, test } from 'vitest'
import { itemWith, optionWith } from '../../examples/emptyJob.js'
import { budgetPosition } from '../ledger/budgetPosition.js'
import { taxOn } from '../../kernel/money/rate.js'
import { bears } from './wear.js'
import { swapOf } from './intent.js'
import { landedPrice, type PriceFrame } from './landedPrice.js'
import { madeCost } from './making.js'
import { priceHistory, slipInHistory } from './priceHistory.js'
import { companionsOf } from './companions.js'
import { frameFit } from './frameFit.js'
import { madeAgainstBought, reworkAdvice, stayCost } from './worth.js'
import { SOURCE_RULES } from './rules/index.js'
import { item, option, schedule } from '../../examples/source/example.js'

// Common practice, no source: what experienced decorators conclude in concrete situations.
const frame: PriceFrame = { taxPpm: 0, pricesIncludeTax: true, currency: 'EUR' }
const priced = (
  more: Parameters<typeof optionWith>[0] extends infer P ? Partial<P> : never,
  quantity: number,
) => landedPrice(optionWith({ id: 'o', itemId: 'i', ...more }), quantity, frame)
const rule = (name: string) => SOURCE_RULES.find((r) => r.name === name)

describe('cases of sourcing', () => {
  test('C063 whole packs: five cushions in packs of two, three lights in packs of two', () => {
    const cushions = priced({ priceMinor: 2700, packSize: 2 }, 5)
    expect([cushions.packs, cushions.landedMinor, cushions.spare, 2700 / 2]).toEqual([3, 8100, 1, 1350])
    const lights = priced({ priceMinor: 1300, packSize: 2 }, 3)
    expect([lights.packs, lights.landedMinor, lights.spare]).toEqual([2, 2600, 1])
    expect([6750, 13_500]).not.toContain(cushions.landedMinor)
  })
  test('C065 a stand-in is committed, the money for the right one is held, and the need stays open', () => {
    const position = budgetPosition(20_000, 0, [
      {
        id: 't',
        name: 'Side table',
        category: 'furniture',
        targetMinor: 14_000,
        chosenMinor: 1800,
        allowanceMinor: 14_000,
        lines: [],
      },
    ])
    expect([position.chosenMinor, position.allowanceMinor, position.freeMinor]).toEqual([1800, 14_000, 4200])
    const due = rule('source.placeholder-due')?.check(
      schedule([item([option({ kind: 'placeholder', reviewOn: '2026-03-02' })], { targetMinor: 14_000 })]),
    )
    expect(due?.[0]?.wanted).toContain('€140')
  })
  test('C067 whole purchases within the stay decide, not price over years', () => {
    const [a, b] = [
      [120_000, 12],
      [26_000, 2],
    ] as const
    expect([stayCost(...a, 12).totalMinor, stayCost(...b, 12).totalMinor]).toEqual([120_000, 156_000])
    expect([stayCost(...a, 3).totalMinor, stayCost(...b, 3).totalMinor]).toEqual([120_000, 52_000])
    const facts = (stayYears: number) =>
      schedule(
        [
          item([
            option({ id: 'b', name: 'B', years: 2, landedMinor: 26_000 }),
            option({ id: 'a', name: 'A', chosen: false, years: 12, landedMinor: 120_000 }),
          ]),
        ],
        { stayYears },
      )
    expect(rule('source.dearer-over-the-stay')?.check(facts(12))[0]?.title).toContain('A costs less than B')
    expect(rule('source.dearer-over-the-stay')?.check(facts(3))).toEqual([])
  })
  test('C068 rugs for a hall with children and wet boots', () => {
    const hall = (material: string, ...traits: ('washable' | 'spot clean only')[]) =>
      (['many feet', 'washing'] as const).map((d) => bears(material, traits, d))
    for (const refused of ['silk', 'viscose'])
      expect(hall(refused).some((b) => b.verdict === 'refused')).toBe(true)
    const worst = (m: string, ...t: ('washable' | 'spot clean only')[]) =>
      Math.min(...hall(m, ...t).map((b) => b.satisfied))
    const rank = [
      ['polypropylene', worst('polypropylene', 'washable')],
      ['wool', worst('wool')],
      ['jute', worst('jute')],
    ] as const
    expect([...rank].sort((x, y) => y[1] - x[1])[0]?.[0]).toBe('polypropylene')
    expect(hall('jute').every((b) => b.verdict !== 'refused')).toBe(true)
    expect(hall('jute').some((b) => b.says.includes('spot clean'))).toBe(true)
    // A low-use bedroom demands nothing that silk cannot bear.
    expect(itemWith({ id: 'bedside rug' }).demands.map((d) => bears('silk', [], d))).toEqual([])
  })
  test('C070 the first swap keeps the intent, the second does not, and neither is an error of the ledger', () => {
    const planned = { id: 'ferns', name: 'Pin rail with pressed ferns', landedMinor: 26_000 }
    const moss = swapOf(planned, { id: 'moss', name: 'Moss trays', landedMinor: 19_500 }, 'kept')
    expect(moss).toMatchObject({ savedMinor: 6500, intent: 'kept' })
    const clock = swapOf(planned, { id: 'clock', name: 'Neon clock', landedMinor: 18_000 }, 'lost')
    const judged = (swap: typeof moss) =>
      rule('source.intent')?.check(schedule([item([option()], { swap })])) ?? []
    expect(judged(moss)).toEqual([])
    expect(judged(clock)).toMatchObject([{ severity: 'look', rule: 'source.intent' }])
    expect(clock?.savedMinor).toBeGreaterThan(0)
  })
  test('C071 the coupon comes off first, tax follows', () => {
    const got = landedPrice(optionWith({ id: 'o', itemId: 'i', priceMinor: 2200, discountPpm: 250_000 }), 4, {
      taxPpm: 100_000,
      pricesIncludeTax: false,
      currency: 'EUR',
    })
    expect([got.netGoodsMinor, got.taxMinor, got.landedMinor]).toEqual([6600, 660, 7260])
    expect(got.landedMinor).not.toBe(8800 + taxOn(8800, 100_000) - 2200)
  })
  test('C075 a marked-down price above the earlier ones lost their hundreds', () => {
    const slip = slipInHistory([449, 349, 14_900])
    expect(slip?.likely).toEqual([44_900, 34_900, 14_900])
    const history = priceHistory(
      [
        { on: '2026-01-01', priceMinor: 44_900, stock: null },
        { on: '2026-02-01', priceMinor: 34_900, stock: null },
      ],
      { priceMinor: 14_900, stock: null, on: '2026-03-01', watchMinor: null },
    )
    expect([history.markdowns, Math.round(history.offPercent * 10) / 10, 26_000 - 14_900]).toEqual([
      2, 66.8, 11_100,
    ])
    expect(slipInHistory([44_900, 34_900, 14_900])).toBeUndefined()
    // A price that simply went up is no slip.
    expect(slipInHistory([13_900, 14_900])).toBeUndefined()
  })
  test('C076 all that was bought for it counts, and nothing that was owned', () => {
    const making = (
      id: string,
      kind: 'material' | 'consumable' | 'owned already',
      quantity: number,
      unitMinor: number,
    ) => ({
      id,
      optionId: 'o',
      position: 0,
      name: id,
      kind,
      quantity,
      unitMinor,
      cutMm: null,
      cutCount: null,
      stockMm: null,
      kerfMm: null,
    })
    const cost = madeCost([
      making('pegs', 'material', 1, 900),
      making('hooks', 'consumable', 8, 115),
      making('spray', 'consumable', 1, 830),
      making('sealer', 'consumable', 1, 760),
      making('dowels', 'owned already', 1, 3500),
    ])
    expect(cost.boughtMinor).toBe(3410)
    expect(cost.lines.find((l) => l.name === 'dowels')).toMatchObject({ costMinor: 0 })
    expect(cost.boughtMinor < 3000).toBe(false)
    const compared = madeAgainstBought(cost.boughtMinor, 0, 0, 8 * 3200)
    expect([8 * 3200, compared.comparisonMinor]).toEqual([25_600, 22_190])
    // The comparison stands beside the item; the money left knows nothing of it.
    const position = budgetPosition(10_000, 0, [
      {
        id: 'p',
        name: 'Peg wall',
        category: 'decor',
        targetMinor: 3000,
        chosenMinor: cost.boughtMinor,
        lines: [],
      },
    ])
    expect(position.freeMinor).toBe(10_000 - 3410)
  })
  test('C078 a set price is for everything in it, and its cushions count', () => {
    const set = priced({ priceMinor: 64_000, packSize: 4, unit: 'a set' }, 4)
    const inSet = priced({ priceMinor: 0, packSize: 8, partOfId: 'set' }, 8)
    const extra = [priced({ priceMinor: 1200 }, 3), priced({ priceMinor: 1750 }, 2)]
    const all = [set, inSet, ...extra]
    expect(all.reduce((sum, p) => sum + p.landedMinor, 0)).toBe(71_100)
    expect(set.landedMinor).not.toBe(256_000)
    expect(inSet).toMatchObject({ packs: 1, spare: 0, landedMinor: 0 })
  })

  test('C064 two sellers of one crib: landed, not by the sticker', () => {
    const at = (priceMinor: number, deliveryMinor: number) =>
      priced({ priceMinor, deliveryMinor }, 1).landedMinor
    expect([at(29_900, 0), at(26_800, 3_900)]).toEqual([29_900, 30_700])
    expect(at(26_800, 3_900) - at(29_900, 0)).toBe(800)
    // With a delivery of 19.00 it turns.
    expect(at(26_800, 1_900)).toBeLessThan(at(29_900, 0))
  })
  test('C066 cabinets repainted or replaced: by price, and only where the layout pleases', () => {
    const cases = [
      [780_000, 940_000, 'liked'],
      [390_000, 1_250_000, 'liked'],
      [390_000, 1_250_000, 'disliked'],
    ] as const
    const advice = cases.map(([rework, fresh, layout]) => reworkAdvice(rework, fresh, layout))
    expect(advice.map((a) => Math.round(100 * a.ratio) / 100)).toEqual([0.83, 0.31, 0.31])
    expect(advice.map((a) => a.rework)).toEqual([false, true, false])
    const told = cases.map(([rework, fresh, layout]) =>
      rule('source.rework-near-new')
        ?.check(
          schedule([
            item(
              [
                option({ kind: 'owned', name: 'Repaint', landedMinor: rework }),
                option({ id: 'new', name: 'New fronts', chosen: false, landedMinor: fresh }),
              ],
              { layout },
            ),
          ]),
        )
        .map((f) => f.title),
    )
    expect(told).toEqual([['Repaint comes to 83 % of new'], [], ['Repaint keeps a layout nobody likes']])
    // No price rescues a layout nobody likes.
    for (const price of [1, 100_000, 1_200_000])
      expect(reworkAdvice(price, 1_250_000, 'disliked').rework).toBe(false)
  })
  test('C069 two prints are paper: frames are lines of their own, and sizes differ', () => {
    const prints = priced({ priceMinor: 1_200 }, 2)
    const frames = priced({ priceMinor: 1_800 }, 2)
    expect(prints.landedMinor + frames.landedMinor).toBe(6_000)
    expect(prints.landedMinor + frames.landedMinor - 4_000).toBe(2_000)
    const IN = 25.4
    expect(frameFit([11 * IN, 17 * IN], [12 * IN, 18 * IN]).fits).toBe('with a mat')
    expect(frameFit([12 * IN, 18 * IN], [12 * IN, 18 * IN]).fits).toBe('as it is')
    expect(frameFit([12 * IN, 18 * IN], [11 * IN, 17 * IN]).fits).toBe('not at all')
    // The way round does not matter.
    expect(frameFit([17 * IN, 11 * IN], [12 * IN, 18 * IN])).toEqual(
      frameFit([17 * IN, 11 * IN], [18 * IN, 12 * IN]),
    )
    const missing = rule('source.companion-missing')?.check(
      schedule([
        item([option()], {
          name: 'Framed prints',
          missing: companionsOf('picture', []).filter((c) => c.what === 'frame'),
        }),
      ]),
    )
    expect(missing?.map((f) => f.title)).toEqual(['Framed prints calls for: frame'])
  })
})

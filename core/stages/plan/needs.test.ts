import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { carryIn } from './carryIn.js'
import { NEEDS } from '../../model/vocabulary/need.js'
import { sanitaryOf } from '../../model/vocabulary/sanitary.js'
import { needsOf } from './needs.js'
import { RUG_SIZES, rugUnderTable } from './rugSizes.js'
import { bedFits, seatsAtRound, seatsAtTable, tipping, viewingDistance } from './rules/space.js'
import { ex, example } from '../../examples/plan/example.js'
import { PLAN_RULES } from './rules/index.js'

const inches = (mm: number) => mm / 25.4
// The test that asks knows the shape of the entry.
// eslint-disable-next-line @typescript-eslint/no-unnecessary-type-parameters
const one = <E>(id: string) => published<never, E>(id)[0]!.expected
const within = (mm: number, [low, high]: [number, number]) =>
  inches(mm) >= low - 0.3 && inches(mm) <= high + 0.3

describe('distances are those that are published', () => {
  test('code distances of bathroom fixtures (International Residential Code, from memory)', () => {
    expect(NEEDS.toiletSide.mm).toBe(one<{ min_mm: number }>('room.irc.toilet-side').min_mm)
    expect(NEEDS.fixtureFront.mm).toBe(Math.floor(one<{ min_mm: number }>('room.irc.toilet-front').min_mm))
    expect(NEEDS.showerFront.mm).toBe(Math.round(one<{ min_mm: number }>('room.irc.shower-front').min_mm))
    expect(inches(NEEDS.toiletSideWish.mm)).toBeCloseTo(
      one<{ recommended_in: number }>('room.nkba.toilet').recommended_in,
      1,
    )
    expect(inches(NEEDS.fixtureFrontWish.mm)).toBeCloseTo(
      one<{ recommended_in: number }>('room.nkba.toilet-front').recommended_in,
      1,
    )
  })
  test.each([
    ['room.clearance.walkway-main', 'walkMain'],
    ['room.clearance.coffee-table', 'kneesLeast'],
    ['room.clearance.coffee-table', 'kneesMost'],
    ['room.clearance.bed-foot', 'bedFoot'],
    ['room.clearance.dresser', 'drawersFront'],
    ['room.clearance.dining-pass', 'chairPass'],
  ] as const)('%s holds %s', (id, key) => {
    const [low, high] = one<{ range_in: [number, number] }>(id).range_in
    expect(within(NEEDS[key].mm, [low, high])).toBe(true)
  })
  test('behind a dining chair, and seats that talk', () => {
    const seating = one<{ noTraffic_in: number; walkPast_in: number }>('room.nkba.seating-traffic')
    expect(inches(NEEDS.chairBehind.mm)).toBeCloseTo(seating.noTraffic_in, 1)
    expect(inches(NEEDS.chairPass.mm)).toBeCloseTo(seating.walkPast_in, 1)
    const [low, high] = one<{ range_ft: [number, number] }>('room.clearance.conversation').range_ft
    expect(inches(NEEDS.talkLeast.mm) / 12).toBeCloseTo(low, 1)
    expect(inches(NEEDS.talkMost.mm) / 12).toBeCloseTo(high, 1)
  })
  test('a house rule takes the place of the customary number, and no other', () => {
    const needs = needsOf([{ need: 'rugBorder', mm: 450 }])
    expect(needs.rugBorder).toBe(450)
    expect(needs.walkMain).toBe(NEEDS.walkMain.mm)
  })
})

test('toilets against the code, through the rule: limits are inclusive', () => {
  const [check] = published<{ layouts: { side_in: number; front_in: number }[] }, { ok: boolean[] }>(
    'room.irc.check',
  )
  const stops = check!.input.layouts.map(({ side_in, front_in }) => {
    const width = 380
    const facts = example({
      size: [3000, Math.round(700 + front_in * 25.4)],
      openings: [],
      pieces: [
        ex('sanitary', 'Toilet', {
          widthMm: width,
          depthMm: 700,
          heightMm: 800,
          at: [Math.round(side_in * 25.4), 350],
        }),
      ],
    })
    return (
      PLAN_RULES.flatMap((r) => r.check(facts)).filter(
        (f) => f.severity === 'stop' && /toilet-side|front/.test(f.rule),
      ).length === 0
    )
  })
  expect(stops).toEqual(check!.expected.ok)
})

describe('arithmetic of rooms, published values', () => {
  test.each(published<Record<string, number>, { fits: boolean }>('room.bed-fit'))(
    '$id $title',
    ({ input: i, expected: e }) => {
      const v = Object.values(i)
      const found = bedFits([v[0]!, v[1]!], [v[2]!, v[3]!], v[4]!, v[5]!)
      expect([found.spareWidth, found.spareLength, found.fits]).toEqual(Object.values(e))
    },
  )
  test.each(published<Record<string, number>, { seats: number }>('room.seating.round'))(
    '$id',
    ({ input: i, expected: e }) => expect(seatsAtRound(i.diameter_in!, i.place_in!)).toBe(e.seats),
  )
  test.each(published<Record<string, number>, { seats: number }>('room.seating.rect'))(
    '$id',
    ({ input: i, expected: e }) => expect(seatsAtTable(i.length_in!, i.place_in!)).toBe(e.seats),
  )
  test.each(
    published<
      { diagonal_in: number; aspect: [number, number]; horizontalAngle_deg: number },
      Record<string, number>
    >('room.screen'),
  )('$id', ({ input: i, expected: e }) => {
    const found = viewingDistance(i.diagonal_in, i.aspect, i.horizontalAngle_deg)
    expect(Math.abs(found.width - e.width_in!)).toBeLessThan(0.02)
    expect(Math.abs(found.height - e.height_in!)).toBeLessThan(0.02)
    expect(Math.abs(found.distance - e.distance_in!)).toBeLessThan(0.02)
  })
  test.each(published<Record<string, number>, Record<string, number | boolean>>('room.safety.tip-statics'))(
    '$id',
    ({ input: i, expected: e }) => {
      const found = tipping(i.weight_lb!, i.depth_in!, i.pushHeight_in!, i.push_lb!)
      expect(found.restoring).toBe(e.restoring_inlb)
      expect(found.overturning).toBe(e.overturning_inlb)
      expect(found.tips).toBe(e.tips)
      expect(found.tippingPush).toBeCloseTo(e.tippingPush_lb as number, 3)
    },
  )
  test.each(
    published<
      { tableLength_in: number; tableWidth_in: number; extend_in: number; rugSizes_in: [number, number][] },
      { need_in: number[]; rug_in: number[] }
    >('room.rug.dining'),
  )('$id $title', ({ input: i, expected: e }) => {
    const sizes = i.rugSizes_in.map(([a, b]) => ({ name: `${a}`, shortMm: a, longMm: b }))
    const found = rugUnderTable(i.tableLength_in, i.tableWidth_in, i.extend_in, sizes)
    expect([found.need.shortMm, found.need.longMm]).toEqual(e.need_in)
    expect([found.size!.shortMm, found.size!.longMm]).toEqual(e.rug_in)
  })
  test('stock sizes of rugs in feet', () => {
    const sizes = one<{ size_ft: [number, number][] }>('room.rug.sizes').size_ft
    expect(
      RUG_SIZES.imperial.map((s) => [Math.round(s.shortMm / 304.8), Math.round(s.longMm / 304.8)]),
    ).toEqual(sizes)
  })
})

test('sanitary pieces are told apart by name', () => {
  expect(
    ['Toilet', 'Wash basin', 'Shower tray', 'Bathtub', 'Taps and shower set', 'Vanity'].map(sanitaryOf),
  ).toEqual(['toilet', 'basin', 'shower', 'bath', 'other', 'basin'])
})

describe('carrying a piece in', () => {
  const part = (kind: string, widthMm: number, heightMm: number, lengthMm: number | null = null) => ({
    id: kind,
    kind,
    name: kind,
    widthMm,
    heightMm,
    lengthMm,
  })
  test('a settee passes a narrow door by its smaller section', () => {
    const found = carryIn({ widthMm: 1960, depthMm: 900, heightMm: 740 }, [part('room door', 760, 2030)])
    expect(found.verdict).toBe('passes')
    expect(found.spareMm).toBe(20)
  })
  test('a section wider than the door passes tilted when the opening is high enough, and not at all when not', () => {
    expect(
      carryIn({ widthMm: 2600, depthMm: 820, heightMm: 800 }, [part('room door', 790, 2030)]).verdict,
    ).toBe('not at all')
    const found = carryIn({ widthMm: 2100, depthMm: 800, heightMm: 300 }, [part('room door', 700, 2000)])
    expect(found.verdict).toBe('passes')
  })
  test('legs off is told apart from as it stands', () => {
    const goods = { widthMm: 1960, depthMm: 1000, heightMm: 840, legsMm: 150 }
    expect(carryIn({ ...goods, legsMm: null }, [part('room door', 760, 2030)]).verdict).toBe('not at all')
    expect(carryIn(goods, [part('room door', 760, 2030)])).toMatchObject({ verdict: 'legs off', spareMm: 70 })
  })
  test('a landing takes what turns in it, and says when its depth is not known', () => {
    const way = (depth: number | null) => [part('stair', 890, 2050, 3200), part('landing', 1820, 2450, depth)]
    expect(carryIn({ widthMm: 1960, depthMm: 900, heightMm: 840 }, way(null)).verdict).toBe('not known')
    expect(carryIn({ widthMm: 1200, depthMm: 500, heightMm: 840 }, way(940)).verdict).toBe('passes')
    expect(carryIn({ widthMm: 2600, depthMm: 950, heightMm: 940 }, way(940)).verdict).toBe('not at all')
  })
  test('a lift car takes a long piece leaning', () => {
    const car = part('lift car', 1100, 2200, 1400)
    expect(carryIn({ widthMm: 2250, depthMm: 600, heightMm: 300 }, [car]).verdict).toBe('passes')
    expect(carryIn({ widthMm: 2900, depthMm: 600, heightMm: 500 }, [car]).verdict).toBe('not at all')
  })
})

import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../../testing/published.js'
import { lineOf, notes } from '../../../testing/takeoffLine.js'
import { runnerLength, stairCut } from './stairs.js'

describe('a stair', () => {
  test.each(
    published<
      { risers: number; rise_mm: number; going_mm: number; landing_mm: number },
      { length_mm: number }
    >('geometry.stair-runner'),
  )('$id $title', ({ input: { risers, rise_mm, going_mm, landing_mm }, expected }) => {
    expect(runnerLength({ risers, rise: rise_mm, going: going_mm, landing: landing_mm })).toBe(
      expected.length_mm,
    )
  })
  const flight = fc.record({
    risers: fc.integer({ min: 1, max: 30 }),
    rise: fc.integer({ min: 120, max: 220 }),
    going: fc.integer({ min: 200, max: 350 }),
    landing: fc.constantFrom(0, 900, 2500),
  })
  test('strips laid out step by step are the whole flight, none longer than is cut, side by side on the roll', () => {
    fc.assert(
      fc.property(
        flight,
        fc.integer({ min: 400, max: 1200 }),
        fc.integer({ min: 1200, max: 5000 }),
        (f, wide, roll) => {
          const cut = stairCut(f, wide, roll, 100)
          // Counted by hand: riser and tread of each step, the last step a riser and the landing.
          const strips: number[] = []
          for (let step = 0; step < f.risers; step++) {
            const nth = Math.floor(step / cut.steps)
            const top = step === f.risers - 1
            strips[nth] = (strips[nth] ?? 0) + f.rise + (top ? f.landing : f.going)
          }
          expect(strips.length).toBe(cut.strips)
          expect(strips.reduce((sum, s) => sum + s, 0)).toBe(runnerLength(f))
          for (const s of strips) expect(s).toBeLessThanOrEqual(cut.length - 100 + 1e-9)
          expect(Math.max(...strips)).toBeCloseTo(cut.length - 100, 9)
          expect(cut.strips * wide).toBeLessThanOrEqual(Math.max(wide, roll))
        },
      ),
    )
  })
  test('as a screen enters it: waits for what is wanting, then length, price, work, and what goes with it', () => {
    const bare = { trade: 'stairs', goodsWidthMm: 700 } as const
    expect(lineOf(bare).waits).toEqual([
      'how many risers there are',
      'how high and how deep a step is',
      'the width on the stair',
    ])
    const stair = {
      ...bare,
      posts: 13,
      riserMm: 195,
      goingMm: 250,
      stairMm: 700,
      landingMm: 900,
      packMinor: 6000,
    }
    const got = lineOf({ ...stair, trimMm: 65 })
    // 6 435 and 65 for its ends.
    expect([got.packsText, got.costMinor]).toEqual(['6.50 m', 39_000])
    expect(got.work).toEqual([{ task: 'lay stairs', amount: 13 }])
    expect(notes(got)).toContain('fix it at every step')
    // Twice as wide a roll gives two strips side by side: seven steps in the longer one.
    expect(lineOf({ ...stair, landingMm: 0, goodsWidthMm: 1400, trimMm: 85 }).packsText).toBe('3.20 m')
    expect(lineOf({ ...stair, stairMm: 900 }).waits).toHaveLength(1)
    expect(got.drawings[0]?.widthMm).toBe(6435)
  })
  test('in feet and inches it is sold by the yard', () => {
    const got = lineOf(
      {
        ...{ trade: 'stairs', goodsWidthMm: 685.8, posts: 13, riserMm: 190.5, goingMm: 254, stairMm: 685.8 },
        ...{ trimMm: 0, packMinor: 9000 },
      },
      { system: 'imperial' },
    )
    // 13 × 7 1/2 and 12 × 10 in: 217.5 in, 6.04 yd.
    expect(got.packsText).toBe('6.04 yd')
  })
})

import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { expected } from '../../kernel/schedule/threePoint.js'
import { budgetChance, varianceOf, type UncertainCost } from './budgetChance.js'

const cost = (id: string, best: number, likely: number, worst: number): UncertainCost => ({
  ...{ id, name: id, known: 'open' },
  ...{ best, likely, worst },
})
const limits = (agreedMinor: number, reserveMinor = 0) => ({ agreedMinor, reserveMinor, besideMinor: 0 })
const costs = fc.array(
  fc.tuple(
    fc.integer({ min: 0, max: 50_000 }),
    fc.integer({ min: 0, max: 50_000 }),
    fc.integer({ min: 0, max: 90_000 }),
  ),
  { minLength: 1, maxLength: 8 },
)
const made = (list: readonly (readonly [number, number, number])[]) =>
  list.map(([a, m, b], i) => cost(`c${i}`, a, a + m, a + m + b))

describe('chance that the money holds', () => {
  test('what is settled is certain: on the limit it holds, a cent over it does not', () => {
    const settled = [cost('a', 500, 500, 500), cost('b', 300, 300, 300)]
    expect(budgetChance(settled, limits(800), { runs: 100, seed: 1 })).toMatchObject({
      within: 1,
      decides: [],
    })
    expect(budgetChance(settled, limits(799), { runs: 100, seed: 1 }).within).toBe(0)
    expect(budgetChance(settled, limits(900, 100), { runs: 100, seed: 1 }).withoutReserve).toBe(1)
    expect(budgetChance(settled, limits(900, 101), { runs: 100, seed: 1 }).withoutReserve).toBe(0)
    expect(budgetChance([], limits(0), { runs: 100, seed: 1 }).within).toBe(1)
  })
  test('mean and deviation of the sum are the sums of what is known of its parts', () => {
    fc.assert(
      fc.property(costs, fc.integer({ min: 1, max: 1000 }), (list, seed) => {
        const all = made(list)
        const found = budgetChance(all, limits(1e9), { runs: 4000, seed })
        const mean = all.reduce((sum, c) => sum + expected(c).mean, 0)
        const deviation = Math.sqrt(all.reduce((sum, c) => sum + varianceOf(c), 0))
        // Five standard errors of a mean of 4,000 runs.
        expect(Math.abs(found.meanMinor - mean)).toBeLessThanOrEqual((5 * deviation) / Math.sqrt(4000) + 1)
        expect(Math.abs(found.deviationMinor - deviation)).toBeLessThanOrEqual(0.1 * deviation + 1)
      }),
      { numRuns: 60 },
    )
  })
  test('the same seed gives the same; the order of lines changes nothing; more money is never a smaller chance', () => {
    fc.assert(
      fc.property(costs, fc.integer({ min: 0, max: 400_000 }), (list, agreed) => {
        const all = made(list)
        const once = budgetChance(all, limits(agreed), { runs: 300, seed: 7 })
        expect(budgetChance(all, limits(agreed), { runs: 300, seed: 7 })).toEqual(once)
        const turned = budgetChance([...all].reverse(), limits(agreed), { runs: 300, seed: 7 })
        expect(turned.within).toBeCloseTo(once.within, 9)
        expect(
          budgetChance(all, limits(agreed + 10_000), { runs: 300, seed: 7 }).within,
        ).toBeGreaterThanOrEqual(once.within)
        expect(once.withoutReserve).toBeLessThanOrEqual(once.within)
      }),
      { numRuns: 60 },
    )
  })
  test('what spreads most decides most, and settling it at what is planned is worth most', () => {
    const found = budgetChance([cost('sofa', 800, 1000, 1800), cost('lamp', 90, 100, 130)], limits(1120), {
      runs: 4000,
      seed: 3,
    })
    expect(found.decides[0]).toMatchObject({ id: 'sofa' })
    expect(found.decides[0]!.share).toBeGreaterThan(0.95)
    expect(found.decides[0]!.settled).toBeGreaterThan(found.within)
  })
})

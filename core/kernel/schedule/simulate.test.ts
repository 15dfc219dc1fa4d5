import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { levelled, type LevelTask, type Wait } from './levelled.js'
import { simulation, type UncertainTask } from './simulate.js'
import { expected, quantile, quantilesOf } from './threePoint.js'
import { workTime } from './workTime.js'

const ALWAYS = workTime(400, () => [[0, 1440]])
const DAYS = workTime(400, (day) => (day % 7 < 5 ? [[480, 960]] : []))
const chain = (estimates: readonly (readonly [number, number, number])[], time = ALWAYS): UncertainTask[] =>
  estimates.map(([best, likely, worst], i) => ({
    ...{ id: `t${i}`, best, likely, worst, time },
    after: i === 0 ? [] : [{ id: `t${i - 1}`, type: 'FS', lag: 0 } satisfies Wait],
  }))
const estimate = fc
  .tuple(fc.nat(100), fc.nat(100), fc.nat(100))
  .map((three) => [...three].sort((x, y) => x - y) as [number, number, number])

describe('three points', () => {
  test('the middle of so many quantiles is the expected time, and none lies outside', () => {
    fc.assert(
      fc.property(estimate, ([best, likely, worst]) => {
        const table = quantilesOf({ best, likely, worst })
        const values = Array.from({ length: 1000 }, (_, i) => quantile(table, (i + 0.5) / 1000))
        const mean = values.reduce((s, v) => s + v, 0) / 1000
        expect(Math.abs(mean - expected({ best, likely, worst }).mean)).toBeLessThan(
          0.003 * (worst - best) + 1e-9,
        )
        expect(Math.min(...values)).toBeGreaterThanOrEqual(best - 1e-9)
        expect(Math.max(...values)).toBeLessThanOrEqual(worst + 1e-9)
      }),
    )
  })
})

describe('runs of a plan', () => {
  test('a chain has the mean and the deviation of the closed form', () => {
    fc.assert(
      fc.property(fc.array(estimate, { minLength: 1, maxLength: 12 }), fc.nat(), (estimates, seed) => {
        const runs = simulation(chain(estimates), seed)
        runs.run(4000)
        const { mean, deviation } = runs.outcome()
        const means = estimates.map(([best, likely, worst]) => expected({ best, likely, worst }).mean)
        const wantedMean = means.reduce((s, m) => s + m, 0)
        const variance = estimates.reduce(
          (s, [best, , worst], i) => s + (((means[i] ?? 0) - best) * (worst - (means[i] ?? 0))) / 7,
          0,
        )
        // Five standard errors of 4,000 runs, and the coarseness of the table.
        const wanted = Math.sqrt(variance)
        expect(Math.abs(mean - wantedMean)).toBeLessThan(
          (5 * wanted) / Math.sqrt(4000) + 0.01 * wanted + 1e-6,
        )
        expect(Math.abs(deviation - wanted)).toBeLessThan(0.08 * wanted + 1e-3)
      }),
      { numRuns: 25 },
    )
  })
  test('the same seed gives the same runs, in one go or in several', () => {
    const [one, other, third] = [7, 7, 8].map((seed) =>
      simulation(
        chain(
          [
            [1, 5, 30],
            [2, 3, 50],
          ],
          DAYS,
        ),
        seed,
      ),
    )
    one?.run(300)
    other?.run(100)
    other?.run(200)
    third?.run(300)
    expect(other?.outcome()).toEqual(one?.outcome())
    expect(third?.outcome().mean).not.toBe(one?.outcome().mean)
  })
  test('where everything is certain each run is the plan', () => {
    const drawn = fc.array(
      fc.record({
        work: fc.integer({ min: 1, max: 900 }),
        wait: fc.nat(30),
        lag: fc.nat(600),
        room: fc.boolean(),
      }),
      { minLength: 1, maxLength: 30 },
    )
    fc.assert(
      fc.property(drawn, (rows) => {
        const tasks = rows.map(({ work, wait, lag, room }, i): LevelTask => ({
          ...{ id: `t${i}`, work, time: DAYS, uses: room ? ['room'] : [] },
          after: wait < i ? [{ id: `t${wait}`, type: 'FS', lag }] : [],
        }))
        const plan = levelled(tasks)
        const runs = simulation(
          plan.order.flatMap((id) =>
            tasks
              .filter((t) => t.id === id)
              .map((t) => ({
                ...{ ...t, best: t.work, likely: t.work, worst: t.work },
                after: [
                  ...t.after,
                  ...(plan.inTurn.get(id) ?? []).map((by): Wait => ({ id: by, type: 'FS', lag: 0 })),
                ],
              })),
          ),
          1,
        )
        runs.run(3)
        expect(runs.outcome().mean).toBeCloseTo(plan.finish, 6)
        const last = plan.order.filter((id) => plan.placed.get(id)?.finish === plan.finish)
        expect(last.some((id) => runs.outcome().decides.get(id) === 1)).toBe(true)
      }),
    )
  })
  test('what comes late as often as it did before makes the end late as often', () => {
    const arrives: UncertainTask = {
      ...{ id: 'sofa', best: 0, likely: 0, worst: 0, time: ALWAYS, after: [], notBefore: 1440 },
      lateDays: [0, 0, 0, 5],
    }
    const runs = simulation(
      [
        arrives,
        ...chain([[60, 60, 60]]).map((t) => ({ ...t, after: [{ id: 'sofa', type: 'FS', lag: 0 } as const] })),
      ],
      3,
    )
    runs.run(4000)
    const { byDay, decides } = runs.outcome()
    expect([...byDay.keys()]).toEqual([1, 6])
    expect((byDay.get(6) ?? 0) / 4000).toBeCloseTo(0.25, 1)
    expect(decides.get('sofa')).toBe(1)
  })
})

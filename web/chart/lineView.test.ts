import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { dayOf, timeOf } from './days.js'
import { lineView, nearestPlace, PAD, valueAt, type LineChartAsk, type Point } from './lineView.js'

const ask = (points: readonly Point[], more: Partial<LineChartAsk> = {}): LineChartAsk => ({
  series: [{ name: 'one', form: 'full', points }],
  width: 700,
  height: 200,
  saysX: String,
  saysY: String,
  ...more,
})

describe('the value of a line at a place', () => {
  const points = [
    { x: 0, y: 10 },
    { x: 10, y: 30 },
  ]
  test.each([
    [0, false, 10],
    [5, false, 20],
    [10, false, 30],
    [5, true, 10],
    [10, true, 30],
    [99, true, 30],
    [99, false, undefined],
    [-1, true, undefined],
  ] as const)('at %d, in steps %s: %s', (x, steps, value) => {
    expect(valueAt(points, x, steps)).toBe(value)
  })
})

test('a single value is a dot, and worth something there alone', () => {
  expect(valueAt([{ x: 5, y: 7 }], 5, true)).toBe(7)
  expect(valueAt([{ x: 5, y: 7 }], 6, true)).toBeUndefined()
  const view = lineView(
    ask([], {
      series: [
        {
          name: 'a',
          form: 'full',
          points: [
            { x: 0, y: 0 },
            { x: 10, y: 10 },
          ],
        },
        { name: 'b', form: 'full', points: [{ x: 5, y: 7 }] },
      ],
    }),
  )!
  expect(view.dots.map((d) => d.name)).toEqual(['b'])
  expect(view.places.map((p) => p.values.map((v) => v.text))).toEqual([['0'], ['5', '7'], ['10']])
})

const some = fc
  .uniqueArray(fc.integer({ min: 0, max: 10_000 }), { minLength: 1, maxLength: 40 })
  .chain((xs) =>
    fc.tuple(
      ...[...xs]
        .sort((a, b) => a - b)
        .map((x) => fc.integer({ min: -5_000, max: 90_000 }).map((y) => ({ x, y }))),
    ),
  )

describe('a chart of lines', () => {
  test('nothing to draw is no chart', () => {
    expect(lineView(ask([]))).toBeUndefined()
  })

  test('everything stands inside the frame, and every place says the value that was given', () => {
    fc.assert(
      fc.property(some, fc.boolean(), fc.boolean(), (points, steps, afloat) => {
        const view = lineView(ask(points, { steps, afloat, levels: [{ at: 50_000, name: 'limit' }] }))!
        expect(view.places).toHaveLength(points.length)
        for (const [i, place] of view.places.entries()) {
          expect(place.values[0]!.text).toBe(String(points[i]!.y))
          expect(place.at).toBeGreaterThanOrEqual(view.left - 1e-6)
          expect(place.at).toBeLessThanOrEqual(700 - PAD.right + 1e-6)
          expect(place.values[0]!.at).toBeGreaterThanOrEqual(PAD.top - 1e-6)
          expect(place.values[0]!.at).toBeLessThanOrEqual(200 - PAD.bottom + 1e-6)
          expect(nearestPlace(view, place.at)).toBe(i)
        }
        // Higher values stand higher.
        const [a, b] = [view.places[0]!.values[0]!, view.places.at(-1)!.values[0]!]
        if (points[0]!.y < points.at(-1)!.y) expect(a.at).toBeGreaterThanOrEqual(b.at)
      }),
    )
  })

  test('the longest word of the axis has room, whatever the currency', () => {
    for (const word of ['€0', '$1,000', '4 000 000 Ft', '₹12,34,567.50']) {
      const view = lineView(
        ask(
          [
            { x: 0, y: 1 },
            { x: 1, y: 9 },
          ],
          { saysY: () => word },
        ),
      )!
      expect(view.left).toBeGreaterThan(6 * word.length)
      expect(view.places[0]!.at).toBeCloseTo(view.left, 6)
    }
  })

  test('the order of the lines changes no place', () => {
    fc.assert(
      fc.property(some, some, (one, other) => {
        const [a, b] = [
          { name: 'a', form: 'full' as const, points: one },
          { name: 'b', form: 'dashed' as const, points: other },
        ]
        const places = (series: LineChartAsk['series']) =>
          lineView(ask([], { series }))!.places.map((p) => [p.at, p.text])
        expect(places([a, b])).toEqual(places([b, a]))
      }),
    )
  })

  test('a day is the same day back', () => {
    for (const day of ['2026-01-01', '2026-03-29', '2027-12-31']) expect(dayOf(timeOf(day))).toBe(day)
  })
})

import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { finishOf, latestStartOf, nextOpen, workedUntil, workTime, type Window } from './workTime.js'

// Eight to twelve and one to five, Monday to Friday; the plan begins on a Monday.
const office = workTime(28, (day) =>
  day % 7 < 5
    ? [
        [480, 720],
        [780, 1020],
      ]
    : [],
)
const at = (day: number, hour: number) => day * 1440 + hour * 60

describe('hours of work', () => {
  test.each([
    ['two hours begun at eight', at(0, 8), 120, at(0, 10)],
    ['over the break', at(0, 11), 120, at(0, 14)],
    ['to the minute of the break', at(0, 11), 60, at(0, 12)],
    ['over night', at(0, 16), 120, at(1, 9)],
    ['over a weekend', at(4, 16), 120, at(7, 9)],
    ['begun at night', at(1, 3), 30, at(1, 8.5)],
    ['no work takes no time', at(5, 3), 0, at(5, 3)],
  ])('%s', (_, start, work, finish) => expect(finishOf(office, start, work)).toBe(finish))
  test.each([
    ['done by noon', at(0, 12), 60, at(0, 11)],
    ['done by the end of the break', at(0, 13), 60, at(0, 11)],
    ['done by Monday morning', at(7, 8), 480, at(4, 8)],
    ['never in so few days', at(0, 9), 120, -Infinity],
  ])('at the latest: %s', (_, finish, work, start) => expect(latestStartOf(office, finish, work)).toBe(start))
  test('after the last day nobody works', () => {
    expect(nextOpen(office, at(28, 0))).toBe(Infinity)
    expect(finishOf(office, at(25, 16), 120)).toBe(Infinity)
  })
  const times = fc
    .array(fc.tuple(fc.nat(700), fc.integer({ min: 1, max: 700 })), { minLength: 1, maxLength: 5 })
    .map((spans) =>
      workTime(60, (day): Window[] => {
        const [from, long] = spans[day % spans.length] ?? [0, 1]
        return day % 6 === 5
          ? []
          : [
              [from, from + long / 2],
              [from + long / 2 + 20, from + long + 20],
            ]
      }),
    )
  test('so much work is worked between start and finish, and begun at its latest it is done in time', () => {
    fc.assert(
      fc.property(times, fc.nat(20_000), fc.integer({ min: 1, max: 2000 }), (time, from, work) => {
        const start = nextOpen(time, from)
        const finish = finishOf(time, start, work)
        if (!Number.isFinite(finish)) return
        expect(workedUntil(time, finish) - workedUntil(time, start)).toBeCloseTo(work, 6)
        const late = latestStartOf(time, finish, work)
        expect(late).toBeGreaterThanOrEqual(start - 1e-6)
        expect(finishOf(time, late, work)).toBeLessThanOrEqual(finish + 1e-6)
      }),
    )
  })
})

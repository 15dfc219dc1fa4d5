import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { addDays } from '../units/days.js'
import { expected as expectedOf } from './threePoint.js'
import {
  addWorkdays,
  isWorkday,
  lastDayToOrder,
  nearestWorkday,
  WEEKDAYS,
  workdaysBetween,
  type WorkCalendar,
} from './workdays.js'

const calendar = (holidays: readonly string[] = [], mask = '1111100'): WorkCalendar => ({
  week: Array.from({ length: 7 }, (_, i) => mask[i] === '1') as unknown as WorkCalendar['week'],
  closed: new Set(holidays),
})
interface Input {
  readonly start: string
  readonly workingDays: number
  readonly endExclusive: string
  readonly holidays: readonly string[]
  readonly weekMask_MonToSun: string
}

describe('working days, published', () => {
  test.each(published<Input, { date: string }>('schedule.workday.add'))('$title', ({ input, expected }) =>
    expect(
      addWorkdays(calendar(input.holidays, input.weekMask_MonToSun), input.start, input.workingDays),
    ).toBe(expected.date),
  )
  test.each(published<Input, { days: number }>('schedule.workday.count'))('$title', ({ input, expected }) =>
    expect(
      workdaysBetween(calendar(input.holidays, input.weekMask_MonToSun), input.start, input.endExclusive),
    ).toBe(expected.days),
  )
  test.each(
    published<
      {
        readonly install: string
        readonly leadWorkingDays: number
        readonly bufferWorkingDays: number
        readonly holidays: readonly string[]
      },
      { orderBy: string }
    >('schedule.order-by'),
  )('$title', ({ input, expected }) =>
    expect(
      lastDayToOrder(calendar(input.holidays), input.install, input.leadWorkingDays, input.bufferWorkingDays),
    ).toBe(expected.orderBy),
  )
  test.each(
    published<
      { readonly optimistic: number; readonly likely: number; readonly pessimistic: number },
      { mean: number; sd: number }
    >('schedule.pert'),
  )('$title', ({ input, expected }) => {
    const got = expectedOf({ best: input.optimistic, likely: input.likely, worst: input.pessimistic })
    expect(got.mean).toBeCloseTo(expected.mean, 4)
    expect(got.deviation).toBeCloseTo(expected.sd, 4)
  })
})

describe('working days', () => {
  const days = fc.integer({ min: 0, max: 3000 }).map((n) => addDays('2024-01-01', n))
  const calendars = fc
    .record({
      holidays: fc.array(days, { maxLength: 40 }),
      mask: fc.constantFrom('1111100', '1111110', '0111111', '1010100'),
    })
    .map(({ holidays, mask }) => calendar(holidays, mask))
  test('so many forward and back again, through weekends and holidays, and as many between', () => {
    fc.assert(
      fc.property(calendars, days, fc.integer({ min: 0, max: 60 }), (of, day, n) => {
        const start = nearestWorkday(of, day) ?? ''
        const end = addWorkdays(of, day, n)
        expect(isWorkday(of, end)).toBe(true)
        expect(addWorkdays(of, end, -n)).toBe(start)
        expect(workdaysBetween(of, start, end)).toBe(n)
        expect(workdaysBetween(of, end, start)).toBe(n === 0 ? 0 : -n)
      }),
    )
  })
  test('a calendar on which nobody works is refused, and has no working day', () => {
    expect(() => addWorkdays(calendar([], '0000000'), '2026-01-01', 1)).toThrow(RangeError)
    expect(nearestWorkday(calendar([], '0000000'), '2026-01-01')).toBeUndefined()
  })
  test('Monday to Friday', () => {
    const week = { week: WEEKDAYS, closed: new Set<string>() }
    expect(Array.from({ length: 7 }, (_, i) => isWorkday(week, addDays('2026-03-02', i)))).toEqual([
      true,
      true,
      true,
      true,
      true,
      false,
      false,
    ])
  })
})

import { expect, test } from 'vitest'
import { readLeadDays } from './leadTime.js'
import { addDays, daysBetween } from './days.js'
import { addWorkdays, WEEKDAYS } from '../schedule/workdays.js'

test.each([
  ['14 days', 14],
  ['10 d', 10],
  ['4w', 28],
  ['4-6 weeks', 42],
  ['3 – 5 wks', 35],
  ['2 months', 60],
  ['15 working days', 21],
  ['10-15 working days', 21],
  ['3 business days', 5],
  ['6 workdays', 10],
  ['in stock', 0],
  ['7', 7],
  ['soon', null],
  ['999 weeks', null],
])('%s: %s days', (text, days) => expect(readLeadDays(text)).toBe(days))

test('a bare number is what the list counts in', () => expect(readLeadDays('6', 'weeks')).toBe(42))

test('working days are never read as fewer days than they take, whatever day they begin on', () => {
  const calendar = { week: WEEKDAYS, closed: new Set<string>() }
  for (let n = 1; n <= 40; n++) {
    const taken = [0, 1, 2, 3, 4].map((d) => {
      const start = addDays('2026-03-02', d)
      return daysBetween(start, addWorkdays(calendar, start, n))
    })
    expect(readLeadDays(`${n} working days`)).toBe(Math.max(...taken))
  }
})

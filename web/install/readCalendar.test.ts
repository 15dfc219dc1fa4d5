import { describe, expect, test } from 'vitest'
import { published } from '@bonitas/core/testing/published'
import { readCalendar } from './readCalendar.js'

const calendar = (...lines: readonly string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//x//y//EN', ...lines, 'END:VCALENDAR', ''].join('\r\n')
const event = (...lines: readonly string[]) => [
  'BEGIN:VEVENT',
  'UID:one',
  'SUMMARY:Away',
  ...lines,
  'END:VEVENT',
]

describe('days off from a calendar', () => {
  test('whole days: the end is the day after the last', async () => {
    const text = calendar(...event('DTSTART;VALUE=DATE:20260309', 'DTEND;VALUE=DATE:20260312'))
    expect(await readCalendar(text, '2026-01-01')).toEqual([
      { uid: 'one', what: 'Away', fromOn: '2026-03-09', untilOn: '2026-03-11' },
    ])
  })
  test('one day, hours, and over midnight', async () => {
    const one = await readCalendar(calendar(...event('DTSTART;VALUE=DATE:20260309')), '2026-01-01')
    expect(one).toMatchObject([{ fromOn: '2026-03-09', untilOn: '2026-03-09' }])
    const night = calendar(...event('DTSTART:20260309T200000', 'DTEND:20260310T000000'))
    expect(await readCalendar(night, '2026-01-01')).toMatchObject([
      { fromOn: '2026-03-09', untilOn: '2026-03-09' },
    ])
  })
  test('what is over is not read; what is no calendar is refused, and says what to choose', async () => {
    const text = calendar(...event('DTSTART;VALUE=DATE:20200309', 'DTEND;VALUE=DATE:20200310'))
    expect(await readCalendar(text, '2026-01-01')).toEqual([])
    await expect(readCalendar('hello', '2026-01-01')).rejects.toThrow(/iCalendar/)
  })
  test.each(
    published<{ dtstart: string; rrule: string }, { dates: readonly string[] }>('schedule.ics.rrule'),
  )('$title', async ({ input, expected }) => {
    const text = calendar(
      ...event(
        `DTSTART:${input.dtstart}`,
        `DTEND:${input.dtstart.replace('T090000', 'T100000')}`,
        `RRULE:${input.rrule}`,
      ),
    )
    const read = await readCalendar(text, '1997-01-01')
    expect(read.map((d) => d.fromOn).slice(0, expected.dates.length)).toEqual(expected.dates)
    expect(new Set(read.map((d) => d.uid)).size).toBe(read.length)
  })
})

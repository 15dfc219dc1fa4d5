import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { InputError } from '../errors/InputError.js'
import { addDays } from './days.js'
import { dayFigures, readDay } from './readDay.js'

const TODAY = '2026-03-10'
const read = (text: string, locale: string) => readDay(text, locale, TODAY, 'Day')

// Orders of day, month and year are those of Unicode CLDR, which the platform's Intl carries.
describe('a day as it is typed', () => {
  test.each([
    ['en-GB', '21/3/2026', '2026-03-21'],
    ['en-GB', '21/3/26', '2026-03-21'],
    ['en-GB', '21.3.2026', '2026-03-21'],
    ['en-GB', '21 March', '2026-03-21'],
    ['en-GB', '21st of Mar 2027', '2027-03-21'],
    ['en-GB', '9/3', '2027-03-09'],
    ['en-GB', '10/3', '2026-03-10'],
    ['en-GB', '29 feb', '2028-02-29'],
    ['en-US', '3/21/2026', '2026-03-21'],
    ['en-US', 'March 21, 2026', '2026-03-21'],
    ['en-US', '3/21', '2026-03-21'],
    ['de-DE', '21.3.26', '2026-03-21'],
    ['de-DE', '21. März 2026', '2026-03-21'],
    ['de-DE', '21. Dez.', '2026-12-21'],
    ['hu-HU', '2026. 3. 21.', '2026-03-21'],
    ['hu-HU', '26. 3. 21.', '2026-03-21'],
    ['hu-HU', '3. 21.', '2026-03-21'],
    ['hu-HU', 'március 21.', '2026-03-21'],
    ['fr-FR', '21 févr. 2027', '2027-02-21'],
    ['fr-FR', '2026-03-21', '2026-03-21'],
  ])('%s: %s is %s', (locale, text, day) => expect(read(text, locale)).toBe(day))

  test.each([
    ['en-GB', '31/02/2026'],
    ['en-GB', '29/2/2027'],
    ['en-GB', '13/13/2026'],
    ['en-US', '21/3/2026'],
    ['en-GB', 'soon'],
    ['en-GB', 'ma 3'],
    ['en-GB', 'jun jul 3'],
    ['en-GB', '1/2/3/4'],
    ['en-GB', '3/2026/14'],
    ['en-GB', '20260314'],
    ['en-GB', ''],
    ['de-DE', 'Ju 3'],
  ])('%s: %j is refused, and how to write it is said', (locale, text) => {
    expect(() => read(text, locale)).toThrow(InputError)
    expect(() => read(text, locale)).toThrow(dayFigures(TODAY, locale))
  })

  test('what is no day of the calendar is shown as it was typed, not bent into another', () => {
    for (const text of ['2026-02-31', '31/2/2026', 'soon', '']) expect(dayFigures(text, 'en-GB')).toBe(text)
  })

  const day = fc.integer({ min: -20_000, max: 20_000 }).map((n) => addDays('2026-03-10', n))
  const locale = fc.constantFrom('en-GB', 'en-US', 'en-IE', 'de-DE', 'hu-HU', 'fr-FR', 'sv-SE', 'pl-PL')
  test('what is shown can be typed, in every country', () =>
    fc.assert(
      fc.property(day, locale, (d, l) => {
        expect(read(dayFigures(d, l), l)).toBe(d)
        expect(read(d, l)).toBe(d)
      }),
    ))
  test('without a year it is never past and less than a year off, but for a leap day', () =>
    fc.assert(
      fc.property(day, day, (d, today) => {
        const found = readDay(`${Number(d.slice(8))}/${Number(d.slice(5, 7))}`, 'en-GB', today, 'Day')
        expect(found >= today).toBe(true)
        expect(found.slice(5)).toBe(d.slice(5))
        if (!d.endsWith('02-29')) expect(found <= addDays(today, 366)).toBe(true)
      }),
    ))
})

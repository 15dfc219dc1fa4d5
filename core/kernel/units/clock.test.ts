import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { clockText, readClock } from './clock.js'

describe('time of day', () => {
  test.each([
    ['8', 480],
    ['8:30', 510],
    ['8.30', 510],
    ['0830', 510],
    ['14h', 840],
    ['8h30', 510],
    ['2 pm', 840],
    ['12 am', 0],
    ['12:15 p.m.', 735],
    ['noon', 720],
    ['24:00', 1440],
    ['8:30 Uhr', 510],
  ])('%s', (text, minutes) => expect(readClock(text, 'Begins')).toBe(minutes))
  test.each(['', '25', '8:70', '13 pm', '24:30', 'early', '-3', '8:5'])(
    '%j is refused, and the field named',
    (text) => expect(() => readClock(text, 'Begins')).toThrow(/^Begins/),
  )
  test('what is printed can be typed, in five countries', () => {
    fc.assert(
      fc.property(
        fc.nat(1440),
        fc.constantFrom('en-IE', 'en-US', 'de-DE', 'hu-HU', 'fr-FR'),
        (minutes, locale) => {
          expect(readClock(clockText(minutes, locale), 'Begins')).toBe(minutes)
        },
      ),
    )
  })
})

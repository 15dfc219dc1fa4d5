import { expect, test } from 'vitest'
import { cheapestTins } from '@bonitas/core/stages/takeoff/cheapestTins'
import { choiceText, readTins, tinsText } from './tinsText.js'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import { METRIC } from '@bonitas/core/testing/habits'

test('tins are read as they are written', () => {
  expect(readTins('2.5 L at 39.00\n750 ml 22\n\n5L = 69,50', 'EUR', 'metric')).toEqual([
    { ml: 2500, priceMinor: 3900 },
    { ml: 750, priceMinor: 2200 },
    { ml: 5000, priceMinor: 6950 },
  ])
})
test('gallons, quarts and pints are read wherever they are typed', () => {
  expect(readTins('1 gal at 54\n2 quarts 30.50\n1 pt. = 9', 'USD', 'metric')).toEqual([
    { ml: 3785, priceMinor: 5400 },
    { ml: 1893, priceMinor: 3050 },
    { ml: 473, priceMinor: 900 },
  ])
  expect(() => readTins('big', 'USD', 'imperial')).toThrow('Write it as 1 gal at 39.00.')
})
test.each([
  ['metric', 'en-IE'],
  ['metric', 'hu-HU'],
  ['imperial', 'en-US'],
] as const)('what is shown reads back, %s %s', (system, locale) => {
  const tins = [
    { ml: 3785, priceMinor: 5400 },
    { ml: 946, priceMinor: 1900 },
    { ml: 2500, priceMinor: 3900 },
    { ml: 375, priceMinor: 1205 },
  ]
  expect(readTins(tinsText(tins, formatterOf({ system, locale, currency: 'EUR' })), 'EUR', system)).toEqual(
    tins,
  )
})
test.each([
  ['big', /line 1 is not a size and a price/],
  ['2.5 L', /line 1 is not a size/],
  ['2.5 L at 39\n60 L at 5', /line 2 must hold between/],
  ['2.5 L at lots', /line 1 is not an amount/],
  [Array.from({ length: 9 }, () => '1 L 5').join('\n'), /more than eight/],
])('"%s" is refused with its line', (text, why) => expect(() => readTins(text, 'EUR', 'metric')).toThrow(why))
test('what to buy, largest first', () => {
  const offered = [
    { ml: 1000, priceMinor: 2350 },
    { ml: 10_000, priceMinor: 15_900 },
  ]
  expect(choiceText(cheapestTins(11_200, offered), offered, METRIC)).toBe('1 × 10 L + 2 × 1 L')
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { readWeight, weightText } from './weight.js'

const field = { label: 'Weight', min: 1, max: 2_000_000 }

// 1 lb = 453.59237 g (international yard and pound agreement, from memory)
test.each([
  ['3.4', 'metric', 3400],
  ['3,4 kg', 'metric', 3400],
  ['850 g', 'metric', 850],
  ['1 lb', 'metric', 454],
  ['10', 'imperial', 4536],
  ['2.5 lbs', 'imperial', 1134],
  ['4 kg', 'imperial', 4000],
] as const)('"%s" (%s) is %i g', (text, system, grams) => expect(readWeight(text, field, system)).toBe(grams))

test.each(['', 'heavy', '-3', '0', '3 stone', '9999999'])('"%s" is refused with an example', (text) => {
  expect(() => readWeight(text, field, 'metric')).toThrow(/Weight is not a weight.*3\.4 kg/)
})

test('what is shown is read again', () => {
  fc.assert(
    fc.property(fc.integer({ min: 10, max: 200_000 }), (grams) => {
      const tens = grams - (grams % 10)
      expect(readWeight(weightText(tens, 'metric'), field, 'metric')).toBe(tens)
    }),
  )
})

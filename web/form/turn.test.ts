import fc from 'fast-check'
import { expect, test } from 'vitest'
import { bearingText, readBearing } from './turn.js'

test.each([
  ['N', 0],
  ['nnw', 337.5],
  ['W', 270],
  ['10.5', 10.5],
  ['360', 360],
  ['225° SW', 225],
] as const)('the bearing "%s" is %f', (text, deg) => expect(readBearing(text, 'Wall 1 looks to')).toBe(deg))

test.each(['', 'left', '-10', '400', 'NW by N'])('the bearing "%s" is refused', (text) => {
  expect(() => readBearing(text, 'Wall 1 looks to')).toThrow(/not a compass bearing/)
})

test('a bearing that is shown is read again', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 360 }), (deg) => {
      expect(readBearing(bearingText(deg), 'B')).toBe(deg)
    }),
  )
})

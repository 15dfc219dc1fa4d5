import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { readTurn, turnText } from '../form/turn.js'
import { readWall, wallExamples } from './wallEntry.js'

describe('a wall as it is called out', () => {
  test.each([
    ['4860', 4860, 90, ''],
    ['3.92 m l', 3920, -90, ''],
    ['1200 r 45', 1200, 45, ''],
    ['1200 r45', 1200, 45, ''],
    ['850 left 135°', 850, -135, ''],
    ['850 -45', 850, -45, ''],
    ['850 45°', 850, 45, ''],
    [`12' 4 1/2" left`, 3771.9, -90, ''],
    [`12' 4 1/2" r 22.5`, 3771.9, 22.5, ''],
    ['850 r 45, bay, left cant', 850, 45, 'bay, left cant'],
    ['2 440', 2440, 90, ''],
    ['3,76 m', 3760, 90, ''],
    // Said without a unit, as a laser shows it: never a wall of four centimeters.
    ['3.76', 3760, 90, ''],
    ['0,6', 600, 90, ''],
    ['12.5 l', 12_500, -90, ''],
    ['376', 376, 90, ''],
    ['37.6 cm', 376, 90, ''],
  ] as const)('%s', (text, lengthMm, turnDeg, name) =>
    expect(readWall(text, 'metric')).toEqual({ lengthMm, turnDeg, name }),
  )
  test('a room walked to the left turns left unless said', () =>
    expect(readWall('4860', 'metric', -90).turnDeg).toBe(-90))
  test.each([
    ['', /Length is empty/],
    ['wall', /not a length/],
    ['4860 r 180', /180° or more/],
    ['9999999', /between/],
  ])('"%s" is refused in words', (text, why) => expect(() => readWall(text, 'metric')).toThrow(why))
})

// The prompt over the field: each of its examples is read as it says.
test.each(['metric', 'imperial'] as const)('what the prompt gives as examples can be typed, %s', (system) => {
  const { long, short } = wallExamples(system)
  expect(readWall(long, system).turnDeg).toBe(90)
  expect(readWall(`${long} l`, system)).toMatchObject({
    turnDeg: -90,
    lengthMm: readWall(long, system).lengthMm,
  })
  expect(readWall(`${short} r 45, bay`, system)).toMatchObject({ turnDeg: 45, name: 'bay' })
  // Both are lengths one meets in a room.
  expect(readWall(long, system).lengthMm).toBeGreaterThan(4000)
  expect(readWall(`${short} r 45, bay`, system).lengthMm).toBeGreaterThan(600)
})

describe('a turn', () => {
  test.each([
    ['right', 90],
    ['l', -90],
    ['45', 45],
    ['left 45', -45],
    ['-30', -30],
    ['straight on', 0],
    ['0', 0],
    ['left 22,5°', -22.5],
  ] as const)('%s', (text, deg) => expect(readTurn(text)).toBe(deg))
  test.each(['', 'around', 'right 200', '--4'])('"%s" is refused in words', (text) =>
    expect(() => readTurn(text)).toThrow(/Turn/),
  )
  test('what is shown is read again', () => {
    fc.assert(
      fc.property(fc.integer({ min: -179, max: 179 }), (deg) => {
        expect(readTurn(turnText(deg))).toBe(deg)
      }),
    )
  })
})

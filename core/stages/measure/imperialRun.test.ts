import fc from 'fast-check'
import { expect, test } from 'vitest'
import { lengthText, readLength } from '../../kernel/units/length.js'
import { walls as wallDef } from '../../model/rows/walls.js'
import { closeRun } from './closure.js'

/** Fractions of an inch: halves to sixty-fourths. */
const fraction = fc
  .record({ top: fc.nat(63), bottom: fc.constantFrom(2, 4, 8, 16, 32, 64) })
  .map(({ top, bottom }) => (top % bottom) / bottom)
const side = fc.record({ feet: fc.integer({ min: 2, max: 30 }), inches: fc.nat(11), fraction })
const inchesOf = (s: { feet: number; inches: number; fraction: number }) =>
  s.feet * 12 + s.inches + s.fraction
const typed = (inches: number) => lengthText(inches * 25.4, 'imperial')

test('a run of walls typed in feet, inches and fractions closes to nothing and prints as typed', () => {
  fc.assert(
    fc.property(side, side, side, side, (a, b, c, d) => {
      // An L: two sides, each in two steps, and the two that take them back.
      const [x1, x2, y1, y2] = [a, b, c, d].map(inchesOf) as [number, number, number, number]
      const texts = [x1 + x2, y1, x2, y2, x1, y1 + y2].map(typed)
      const turns = [90, 90, -90, 90, 90, 90]
      const walls = texts.map((text, position) =>
        wallDef.make({
          id: `00000000-0000-4000-8000-00000000000${position}`,
          position,
          lengthMm: readLength(text, { maxMm: 50_000 }),
          turnDeg: turns[position]!,
        }),
      )
      expect(walls.map((w) => lengthText(w.lengthMm, 'imperial'))).toEqual(texts)
      const closure = closeRun(walls)
      expect([closure.state, closure.run.gapMm]).toEqual(['closed', 0])
      expect(lengthText(closure.run.lengthMm, 'imperial')).toBe(typed(2 * (x1 + x2 + y1 + y2)))
      // The schema keeps each as it is.
      for (const wall of walls) expect(wallDef.schema().validateSync(wall).lengthMm).toBe(wall.lengthMm)
    }),
    { numRuns: 500 },
  )
})

test('a length of more decimals than are kept is refused, not rounded unseen', () => {
  const wall = wallDef.make({
    id: '00000000-0000-4000-8000-000000000000',
    position: 0,
    lengthMm: 1000.1234567,
  })
  expect(() => wallDef.schema().validateSync(wall)).toThrow(
    /more than six decimals of a millimeter. Round it/,
  )
})

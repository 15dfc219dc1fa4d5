import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { readLength } from '../../kernel/units/length.js'
import { roundMm } from '../../kernel/units/mm.js'
import { IMPERIAL, METRIC } from '../../testing/habits.js'
import { saySlip, slipOf } from './tapeSlips.js'

const feet = (text: string) => readLength(text, { system: 'imperial', maxMm: 50_000 })

describe('a figure that was read wrong, as it was written', () => {
  test.each([
    [`12' 4"`, `14' 2"`, 'swapped digits'],
    [`21' 3 1/2"`, `12' 3 1/2"`, 'swapped digits'],
    [`13' 4 1/4"`, `12' 4 1/4"`, 'tape begun past its end'],
    [`12' 4"`, `12' 7"`, 'one digit'],
    [`18' 2"`, `13' 2"`, 'one digit'],
    [`12' 5"`, `12' 4"`, 'tape begun past its end'],
    [`12' 4"`, `9' 7 3/4"`, 'length'],
  ] as const)('%s for %s: %s', (read, meant, slip) => {
    const found = slipOf(feet(read), feet(meant), 3, IMPERIAL)
    // A foot or an inch too much is told as the tape's, unless one digit of the page says the same.
    const told = slip === 'tape begun past its end' ? [slip, 'one digit'] : [slip]
    expect(told).toContain(found.slip)
    expect(Math.abs(found.mm - feet(meant))).toBeLessThan(3)
  })

  test('nothing is said of digits nobody wrote: in feet no millimeters are swapped', () => {
    // 3 759 and 3 795 mm: two digits changed about in millimeters, nothing of the kind in 12' 4" and 12' 5 7/16".
    expect(slipOf(3_759.2, 3_795.2, 3, IMPERIAL).slip).toBe('length')
    expect(slipOf(3_759, 3_795, 3, METRIC)).toEqual({ slip: 'swapped digits', mm: 3_795 })
  })

  test.each([METRIC, IMPERIAL])('what is named lies where it was looked for, and reads back', (says) =>
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 20_000 }),
        fc.integer({ min: 100, max: 20_000 }),
        fc.integer({ min: 2, max: 25 }),
        (read, wanted, within) => {
          const { slip, mm } = slipOf(read, wanted, within, says)
          expect(Math.abs(mm - wanted)).toBeLessThanOrEqual(within + 0.5)
          expect(mm).toBe(roundMm(mm))
          expect(saySlip(slip, read, mm, says)).toContain(says.typed(mm))
        },
      ),
    ),
  )
})

import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { blindFor, romanCloth } from './blinds.js'
import { coverPieces, pipingFor, SEAM_MM } from './coverPieces.js'
import { clearingBeyond, railHeight, stackBack } from './windowWays.js'

const window = fc.record({
  widthMm: fc.integer({ min: 300, max: 4000 }),
  sillMm: fc.integer({ min: 0, max: 1200 }),
  high: fc.integer({ min: 300, max: 2400 }),
})

describe('a blind', () => {
  test('in the recess is narrower than it, before the wall wider; its folds and the half one are its height', () => {
    fc.assert(
      fc.property(
        window,
        fc.boolean(),
        fc.integer({ min: 0, max: 300 }),
        fc.nat(300),
        (w, inside, beyond, over) => {
          const blind = blindFor({ ...w, topMm: w.sillMm + w.high }, inside, beyond, w.sillMm + w.high + over)
          if (inside) expect([blind.widthMm < w.widthMm, blind.heightMm]).toEqual([true, w.high])
          else
            expect([blind.widthMm - w.widthMm, blind.heightMm]).toEqual([
              2 * beyond,
              // Never above the ceiling, wherever that is.
              w.high + beyond + Math.min(100, over),
            ])
          expect((blind.folds + 0.5) * blind.foldMm).toBeCloseTo(blind.heightMm, 6)
          expect(blind.foldMm).toBeLessThanOrEqual(300 + 1e-6)
          // One fold fewer would be too high, unless there is but one.
          if (blind.folds > 1) expect(blind.heightMm / (blind.folds - 0.5)).toBeGreaterThan(300)
          expect(blind.coversMm).toBeGreaterThanOrEqual(0)
          // In the recess it always covers some of the glass.
          if (inside) expect(blind.coversMm).toBeGreaterThan(0)
        },
      ),
    )
  })
  test('its cloth covers it with its hems, in whole repeats', () => {
    const hems = { side: 40, top: 50, foot: 80 }
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 4000 }),
        fc.integer({ min: 300, max: 2600 }),
        fc.constantFrom(0, 320, 640),
        (widthMm, heightMm, repeat) => {
          const got = romanCloth({ widthMm, heightMm }, hems, 1400, repeat)
          expect(got.widths * 1400).toBeGreaterThanOrEqual(widthMm + 80 - 1e-6)
          expect((got.widths - 1) * 1400).toBeLessThan(widthMm + 80)
          expect(got.cutMm).toBeGreaterThanOrEqual(heightMm + 130)
          if (repeat > 0) expect(got.cutMm % repeat).toBe(0)
          expect(got.lengthMm).toBe(got.widths * got.cutMm)
        },
      ),
    )
  })
})

describe('curtains drawn back', () => {
  test('a rail as long as is said clears the window, and one shorter does not', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 400, max: 5000 }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        (wide, full) => {
          const beyond = clearingBeyond(wide, full)
          expect(stackBack(wide + 2 * beyond, full, true)).toBeCloseTo(beyond, 6)
          expect(stackBack(wide + beyond, full, true)).toBeGreaterThan(beyond / 2)
        },
      ),
    )
  })
  test('at double fullness they take a third of the rail, all at one side where they are drawn to one', () => {
    expect([stackBack(1800, 2, true), stackBack(1800, 2, false)]).toEqual([300, 600])
  })
  test('a rail is over the window, and never above the ceiling', () => {
    const at = { name: 'w', widthMm: 1000, sillMm: 900, topMm: 2300 }
    expect(railHeight({ toMm: null }, at, 2600)).toBe(2450)
    expect(railHeight({ toMm: null }, at, 2400)).toBe(2400)
    expect(railHeight({ toMm: null }, at, undefined)).toBe(2450)
    expect(railHeight({ toMm: 2350 }, at, 2600)).toBe(2350)
  })
})

describe('the pieces of a cover from the sizes of what it covers', () => {
  const size = fc.integer({ min: 100, max: 2000 })
  test('a box is covered but for its foot, whatever its sizes', () => {
    fc.assert(
      fc.property(size, size, size, (widthMm, depthMm, heightMm) => {
        const net = coverPieces({ kind: 'bench', widthMm, depthMm, heightMm }).reduce(
          (sum, p) => sum + p.count * (p.widthMm - 2 * SEAM_MM) * (p.lengthMm - 2 * SEAM_MM),
          0,
        )
        expect(net).toBe(widthMm * depthMm + 2 * heightMm * (widthMm + depthMm))
      }),
    )
  })
  test.each([
    ['a flat one: two sides', 500, 40, 500, 2],
    ['a thick one: two sides and the strip round it, in halves', 600, 100, 500, 4],
    ['one as thick as it is high is round, and sewn of two', 400, 250, 400, 2],
  ])('a cushion, %s', (_, widthMm, depthMm, heightMm, count) => {
    const got = coverPieces({ kind: 'cushion', widthMm, depthMm, heightMm })
    expect(got.reduce((sum, p) => sum + p.count, 0)).toBe(count)
    // Lying or standing, it is the same cushion.
    expect(coverPieces({ kind: 'cushion', widthMm, depthMm: heightMm, heightMm: depthMm })).toEqual(got)
  })
  test('the strip round a boxed cushion is as long as its edge, and piping runs along both edges', () => {
    const cushion = { kind: 'cushion', widthMm: 600, depthMm: 100, heightMm: 500 } as const
    const strip = coverPieces(cushion)[1]!
    expect(2 * (strip.widthMm - 2 * SEAM_MM)).toBe(2 * (600 + 500))
    expect([pipingFor(cushion), pipingFor({ ...cushion, depthMm: 40 })]).toEqual([4400, 2200])
  })
})

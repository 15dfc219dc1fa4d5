import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { spreadOn } from './spread.js'

const wall = (widthMm: number, heightMm: number, holes: Parameters<typeof spreadOn>[0]['holes'] = []) => ({
  widthMm,
  heightMm,
  holes,
})
const hole = { name: 'Window', startMm: 1500, widthMm: 1200, bottomMm: 900, topMm: 2200 }

describe('many of one thing on a wall', () => {
  test.each([
    // Twelve on 4 by 3 m: four columns of three, a meter apart each way.
    [12, 4, 3, 1000, 1000],
    [48, 8, 6, 500, 500],
    [1, 1, 1, 4000, 3000],
  ])('%i on 4 by 3 m: %i columns, %i rows', (count, columns, rows, acrossMm, upMm) => {
    const got = spreadOn(wall(4000, 3000), count, { widthMm: 60, heightMm: 60 })
    expect(got).toMatchObject({ columns, rows, acrossMm, upMm })
    expect(got?.places).toHaveLength(count)
    expect(got?.places[0]).toEqual({ xMm: acrossMm / 2, heightMm: upMm / 2 })
  })
  test('what does not fit is told, and never squeezed in', () => {
    expect(spreadOn(wall(1000, 1000), 5, { widthMm: 500, heightMm: 500 })).toBeUndefined()
    expect(spreadOn(wall(1000, 1000), 4, { widthMm: 500, heightMm: 500 })?.places).toHaveLength(4)
    expect(spreadOn(wall(1000, 1000), 1, { widthMm: 1200, heightMm: 100 })).toBeUndefined()
  })
  test('as many as are wanted, on the wall, off its openings, none over another, at equal distances', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1500, max: 6000 }),
        fc.integer({ min: 2200, max: 3200 }),
        fc.integer({ min: 1, max: 200 }),
        fc.integer({ min: 20, max: 150 }),
        fc.integer({ min: 20, max: 150 }),
        fc.boolean(),
        (wide, high, count, widthMm, heightMm, holed) => {
          const holes = holed ? [{ ...hole, startMm: wide / 4, widthMm: wide / 3 }] : []
          const got = spreadOn(wall(wide, high, holes), count, { widthMm, heightMm })
          if (!got) return
          expect(got.places).toHaveLength(count)
          expect(got.acrossMm).toBeGreaterThanOrEqual(widthMm - 1e-6)
          expect(got.upMm).toBeGreaterThanOrEqual(heightMm - 1e-6)
          const at = new Set(got.places.map((p) => `${p.xMm} ${p.heightMm}`))
          expect(at.size).toBe(count)
          for (const p of got.places) {
            expect(p.xMm - widthMm / 2).toBeGreaterThanOrEqual(-1e-6)
            expect(p.xMm + widthMm / 2).toBeLessThanOrEqual(wide + 1e-6)
            expect((p.xMm / got.acrossMm) % 1).toBeCloseTo(0.5, 6)
            for (const h of holes)
              expect(
                p.xMm + widthMm / 2 <= h.startMm + 1e-3 ||
                  p.xMm - widthMm / 2 >= h.startMm + h.widthMm - 1e-3 ||
                  p.heightMm + heightMm / 2 <= h.bottomMm + 1e-3 ||
                  p.heightMm - heightMm / 2 >= h.topMm - 1e-3,
              ).toBe(true)
          }
        },
      ),
      { numRuns: 60 },
    )
  })
})

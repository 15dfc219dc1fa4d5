import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../../testing/published.js'
import { boughtLength, coverDrawing, coverLayout } from './coverLayout.js'
import { biasLength, boxCushion, curtainCut, readyPanels, romanCut, tiesFor } from './curtains.js'

describe('a workroom’s sums', () => {
  test.each(published<Record<string, number>, Record<string, number>>('takeoff.drapery.0'))(
    '$id $title',
    ({ input: i, expected }) => {
      const got = curtainCut({
        track: i.track_in ?? 0,
        returns: i.return_in ?? 0,
        overlap: i.overlap_in ?? 0,
        fullness: i.fullness ?? 0,
        finished: i.finishedLength_in ?? 0,
        topHem: i.topHem_in ?? 0,
        footHem: i.bottomHem_in ?? 0,
        clothWidth: i.fabricWidth_in ?? 0,
        repeat: i.repeat_in ?? 0,
      })
      expect([got.coverage, got.widths, got.cut, got.length]).toEqual([
        expected.coverage_in,
        expected.widths,
        expect.closeTo(expected.cut_in ?? 0, 3),
        expect.closeTo(expected.fabric_in ?? 0, 3),
      ])
      expect(got.length / 36).toBeCloseTo(expected.fabric_yd ?? 0, 3)
    },
  )
  test.each(published<Record<string, number>, { fullness: number }>('takeoff.drapery.actual-fullness'))(
    '$id $title',
    ({ input: i, expected }) => {
      const got = curtainCut({
        track: i.coverage_in ?? 0,
        returns: 0,
        overlap: 0,
        fullness: ((i.widths ?? 0) * (i.usableWidth_in ?? 0)) / (i.coverage_in ?? 1),
        finished: 0,
        topHem: 0,
        footHem: 0,
        clothWidth: i.usableWidth_in ?? 0,
        repeat: 0,
      })
      expect(got.widths).toBe(i.widths)
      expect(got.fullness).toBeCloseTo(expected.fullness, 3)
    },
  )
  test.each(
    published<Record<string, number>, { cutWidth_in: number; cutLength_in: number }>('takeoff.drapery.roman'),
  )('$id $title', ({ input: i, expected }) => {
    const got = romanCut(
      i.finishedWidth_in ?? 0,
      i.finishedLength_in ?? 0,
      i.sideHem_in ?? 0,
      i.header_in ?? 0,
      i.hem_in ?? 0,
    )
    expect(got).toEqual({ width: expected.cutWidth_in, length: expected.cutLength_in })
  })
  test.each(
    published<Record<string, number>, { topBottom_in: number[]; boxing_in: number[] }>('takeoff.cushion.box'),
  )('$id $title', ({ input: i, expected }) => {
    const got = boxCushion(i.width_in ?? 0, i.depth_in ?? 0, i.thickness_in ?? 0, i.seam_in ?? 0)
    expect([got.topBottom, got.boxing]).toEqual([expected.topBottom_in, expected.boxing_in])
  })
  test.each(
    published<{ square_in: number; strip_in: number }, { length_in: number }>('takeoff.cushion.bias'),
  )('$id $title', ({ input: i, expected }) => {
    expect(biasLength(i.square_in, i.strip_in)).toBe(expected.length_in)
  })
  test('panels drawn to both sides come in pairs; a ring has as many gaps as posts, a line one fewer', () => {
    expect(readyPanels(1800, 1.5, 1070, true)).toBe(4)
    expect(readyPanels(1800, 1.5, 1070, false)).toBe(3)
    expect([tiesFor(4, true), tiesFor(4, false), tiesFor(0, true)]).toEqual([8, 7, 0])
  })
})

describe('a cover laid out on its cloth', () => {
  const ottoman = [
    { name: 'base', acrossMm: 930, alongMm: 415, count: 2 },
    { name: 'base side', acrossMm: 530, alongMm: 415, count: 2 },
    { name: 'lid', acrossMm: 930, alongMm: 530, count: 1 },
    { name: 'lid front', acrossMm: 930, alongMm: 145, count: 2 },
    { name: 'lid side', acrossMm: 530, alongMm: 145, count: 2 },
  ]
  test('a box ottoman on 1 370: laid out it takes 2.21 m, by area it would be 1.55', () => {
    const got = coverLayout(ottoman, 1370)
    expect(got.lengthMm).toBe(2210)
    expect(Math.round(got.byAreaMm)).toBe(1553)
    expect(boughtLength(got.lengthMm, 500)).toBe(2500)
  })
  const pieces = fc.array(
    fc.record({
      name: fc.constant('p'),
      acrossMm: fc.integer({ min: 50, max: 1300 }),
      alongMm: fc.integer({ min: 50, max: 900 }),
      count: fc.integer({ min: 1, max: 3 }),
      free: fc.boolean(),
    }),
    { minLength: 1, maxLength: 8 },
  )
  test('all pieces lie on the cloth, none on another, in any order of entry; never less than by area', () => {
    fc.assert(
      fc.property(pieces, fc.constantFrom(0, 320), (list, repeat) => {
        const got = coverLayout(list, 1370, repeat)
        expect(got.places).toHaveLength(list.reduce((sum, p) => sum + p.count, 0))
        got.places.forEach((p, i) => {
          expect(p.xMm + p.acrossMm).toBeLessThanOrEqual(1370 + 1e-6)
          expect(p.yMm + p.alongMm).toBeLessThanOrEqual(got.lengthMm + 1e-6)
          got.places.slice(i + 1).forEach((q) => {
            const apart =
              p.xMm + p.acrossMm <= q.xMm + 1e-6 ||
              q.xMm + q.acrossMm <= p.xMm + 1e-6 ||
              p.yMm + p.alongMm <= q.yMm + 1e-6 ||
              q.yMm + q.alongMm <= p.yMm + 1e-6
            expect(apart).toBe(true)
          })
        })
        expect(got.lengthMm).toBeGreaterThanOrEqual(got.byAreaMm - 1e-6)
        expect(coverLayout([...list].reverse(), 1370, repeat).lengthMm).toBe(got.lengthMm)
        expect(coverDrawing('c', 1370, got).parts).toHaveLength(got.places.length)
      }),
    )
  })
  test('a piece wider than the cloth is refused by name', () => {
    expect(() =>
      coverLayout([{ name: 'Table cloth', acrossMm: 1600, alongMm: 2400, count: 1 }], 1370),
    ).toThrow(/Table cloth/)
  })
})

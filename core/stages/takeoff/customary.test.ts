import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { CUSTOMARY_WASTE, insertFor, theoreticalSpread, upholsteryExtra } from './customary.js'
import { crownMiter, flatMiter } from './lengths/miters.js'

describe('figures of the trade', () => {
  test.each(published<{ patterns: string[] }, { percent: number[][] }>('takeoff.waste.'))(
    '$id $title',
    ({ input, expected }) => {
      expect(input.patterns.map((p) => CUSTOMARY_WASTE[p as keyof typeof CUSTOMARY_WASTE])).toEqual(
        expected.percent,
      )
    },
  )
  test.each(published<{ repeat_in: number[] }, { extraPercent: number[] }>('takeoff.upholstery.'))(
    '$id $title',
    ({ input, expected }) => {
      expect(input.repeat_in.map((r) => upholsteryExtra(r * 25.4))).toEqual(expected.extraPercent)
    },
  )
  test.each(published<{ cover_in: number[] }, { insert_in: number[] }>('takeoff.cushion.insert'))(
    '$id $title',
    ({ input, expected, tolerance }) => {
      input.cover_in.forEach((c, i) =>
        expect(Math.abs(insertFor(c * 25.4) / 25.4 - (expected.insert_in[i] ?? 0))).toBeLessThanOrEqual(
          tolerance as number,
        ),
      )
    },
  )
  test.each(
    published<
      { volumeSolidsPercent: number; dryFilm_um: number },
      { m2PerLitre: number; wetFilm_um: number }
    >('takeoff.paint.spread'),
  )('$id $title', ({ input, expected }) => {
    const got = theoreticalSpread(input.volumeSolidsPercent, input.dryFilm_um)
    expect(got.m2PerL).toBeCloseTo(expected.m2PerLitre, 3)
    expect(got.wetUm).toBeCloseTo(expected.wetFilm_um, 3)
  })
  test.each(
    published<
      { springAngleFromWall_deg: number; corner_deg: number },
      { mitre_deg: number; bevel_deg: number }
    >('takeoff.mitre.crown'),
  )('$id $title', ({ input, expected }) => {
    const got = crownMiter(input.springAngleFromWall_deg, input.corner_deg)
    expect(got.miterDeg).toBeCloseTo(expected.mitre_deg, 2)
    expect(got.bevelDeg).toBeCloseTo(expected.bevel_deg, 2)
  })
  test.each(published<{ sides: number[] }, { mitre_deg: number[] }>('takeoff.mitre.angles'))(
    '$id $title',
    ({ input, expected }) => {
      expect(input.sides.map((n) => flatMiter(180 - 360 / n))).toEqual(expected.mitre_deg)
    },
  )
})

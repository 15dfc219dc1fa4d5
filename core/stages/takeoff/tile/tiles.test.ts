import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { SET_OUTS } from '../../../model/vocabulary/takeoff.js'
import { published } from '../../../testing/published.js'
import { boxesFor } from '../customary.js'
import { courses, firstWhole, groutKgPerM2, LEAST_PART, tileDrawing, tilePlan } from './tiles.js'

const face = (widthMm: number, heightMm: number, holes: Parameters<typeof tilePlan>[0]['holes'] = []) => ({
  name: 'Wall',
  widthMm,
  heightMm,
  holes,
})

describe('published counts', () => {
  test.each(
    published<
      { width_mm: number; length_mm: number; tileWidth_mm: number; tileLength_mm: number; joint_mm: number },
      { columns: number; rows: number; tiles: number; lastColumn_mm: number; lastRow_mm: number }
    >('takeoff.tile.grid'),
  )('$id $title', ({ input: i, expected }) => {
    const tile = { widthMm: i.tileWidth_mm, heightMm: i.tileLength_mm, jointMm: i.joint_mm }
    const got = tilePlan(face(i.width_mm, i.length_mm), tile, 'from the left', 'from the left')
    expect([got.columns.length, got.rows.length, got.tiles]).toEqual([
      expected.columns,
      expected.rows,
      expected.tiles,
    ])
    expect(got.columns.at(-1)?.showsMm).toBeCloseTo(expected.lastColumn_mm, 3)
    expect(got.rows.at(-1)?.showsMm).toBeCloseTo(expected.lastRow_mm, 3)
  })
  test.each(
    published<
      { tileA_mm: number; tileB_mm: number; thickness_mm: number; joint_mm: number; density_kgL: number },
      { kgPerM2: number; exactLitresPerM2: number }
    >('takeoff.grout'),
  )('$id $title', ({ input: i, expected }) => {
    expect(groutKgPerM2(i.tileA_mm, i.tileB_mm, i.thickness_mm, i.joint_mm, i.density_kgL)).toBeCloseTo(
      expected.kgPerM2,
      4,
    )
    // The joints themselves, which the formula overstates where they cross.
    const cell = (i.tileA_mm + i.joint_mm) * (i.tileB_mm + i.joint_mm)
    const exact = ((cell - i.tileA_mm * i.tileB_mm) / cell) * i.thickness_mm
    expect(exact).toBeCloseTo(expected.exactLitresPerM2, 4)
    expect(expected.kgPerM2 / i.density_kgL).toBeGreaterThan(exact)
  })
  test.each(
    published<
      { area_m2: number; waste: number; boxCoverage_m2: number },
      { order_m2: number; boxes: number; purchased_m2: number }
    >('takeoff.flooring.boxes'),
  )('$id $title', ({ input: i, expected }) => {
    const got = boxesFor(i.area_m2, i.waste, i.boxCoverage_m2)
    expect(got.boxes).toBe(expected.boxes)
    expect(got.orderM2).toBeCloseTo(expected.order_m2, 4)
    expect(got.boughtM2).toBeCloseTo(expected.purchased_m2, 4)
  })
})

const side = fc.integer({ min: 300, max: 6000 })
const size = fc.integer({ min: 50, max: 900 })
const joint = fc.integer({ min: 0, max: 8 })

describe('setting out', () => {
  test('courses run from wall to wall with a joint between, whatever the way', () => {
    fc.assert(
      fc.property(side, size, joint, fc.constantFrom(...SET_OUTS), (sideMm, tileMm, jointMm, way) => {
        const list = courses(sideMm, tileMm, jointMm, firstWhole(sideMm, tileMm, jointMm, way))
        list.forEach((c, i) => {
          expect(c.showsMm).toBeGreaterThan(0)
          expect(c.showsMm).toBeLessThanOrEqual(tileMm + 1e-6)
          const next = list[i + 1]
          if (next) expect(next.atMm - c.atMm - c.showsMm).toBeCloseTo(jointMm, 6)
        })
        // A joint may lie against a wall: no more than that is bare.
        expect(list[0]?.atMm ?? 0).toBeLessThanOrEqual(jointMm + 1e-6)
        const last = list.at(-1)
        expect(sideMm - (last?.atMm ?? 0) - (last?.showsMm ?? 0)).toBeLessThanOrEqual(jointMm + 1e-6)
      }),
    )
  })
  test('from the middle both ends are cut alike, and one of the two ways leaves no sliver', () => {
    fc.assert(
      fc.property(side, size, joint, (sideMm, tileMm, jointMm) => {
        fc.pre(sideMm > 2 * tileMm)
        const least = (['tile in the middle', 'joint in the middle'] as const).map((way) => {
          const list = courses(sideMm, tileMm, jointMm, firstWhole(sideMm, tileMm, jointMm, way))
          expect(list[0]?.showsMm).toBeCloseTo(list.at(-1)?.showsMm ?? 0, 6)
          return Math.min(...list.map((c) => c.showsMm))
        })
        expect(Math.max(...least)).toBeGreaterThanOrEqual(LEAST_PART * tileMm - 2 * jointMm)
        const best = courses(sideMm, tileMm, jointMm, firstWhole(sideMm, tileMm, jointMm, 'least cut'))
        expect(Math.min(...best.map((c) => c.showsMm))).toBeGreaterThanOrEqual(Math.max(...least) - 1e-6)
      }),
    )
  })
  test('what is drawn is what is counted, and none lies in another or in a hole', () => {
    fc.assert(
      fc.property(side, side, size, joint, fc.constantFrom(...SET_OUTS), (w, h, tileMm, jointMm, way) => {
        const wall = face(
          w,
          h,
          w > 900 && h > 1200 ? [{ name: 'w', startMm: 200, widthMm: 600, bottomMm: 400, topMm: 1100 }] : [],
        )
        const tile = { widthMm: tileMm, heightMm: tileMm, jointMm }
        const plan = tilePlan(wall, tile, way, way)
        const drawn = tileDrawing(wall, tile, plan).parts.filter((p) => p.use !== 'opening')
        expect(drawn).toHaveLength(plan.tiles)
        expect(drawn.filter((p) => p.use === 'used')).toHaveLength(plan.whole)
        expect(plan.tilesReused).toBeLessThanOrEqual(plan.tiles)
        // Never fewer than the tiles that would cover what is tiled, were they to be had without a cut.
        const bare = drawn.reduce((sum, p) => sum + p.widthMm * p.heightMm, 0) / (tileMm * tileMm)
        expect(plan.tilesReused).toBeGreaterThanOrEqual(Math.floor(bare * (plan.cut > 0 ? 0.5 : 1)))
      }),
      { numRuns: 60 },
    )
  })
  test('turned by a quarter, wall and tile alike, it takes as many', () => {
    fc.assert(
      fc.property(side, side, size, size, joint, (w, h, a, b, jointMm) => {
        const one = tilePlan(face(w, h), { widthMm: a, heightMm: b, jointMm }, 'least cut', 'least cut')
        const two = tilePlan(face(h, w), { widthMm: b, heightMm: a, jointMm }, 'least cut', 'least cut')
        expect([two.tiles, two.tilesReused, two.cut]).toEqual([one.tiles, one.tilesReused, one.cut])
      }),
      { numRuns: 60 },
    )
  })
})

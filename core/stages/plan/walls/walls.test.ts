import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../../testing/published.js'
import {
  evenBorders,
  exposureHours,
  faceNarrowerThanMat,
  frameSizes,
  glazingKg,
  moldingLength,
} from './framing.js'
import {
  aboveFurniture,
  gridOf,
  groupCentered,
  hookHeight,
  hookPlaces,
  mismatchedPairs,
  offGrid,
  spreadEvenly,
  stackUp,
  staggered,
  wireDrop,
  wireOnHook,
} from './hanging.js'
import { avoidingCount, curtainRail, fewestBetween, layPanels, panelCount, panelWidth } from './layPanels.js'

type Pair = [number, number]

describe('hanging, published values', () => {
  test.each(
    published<
      { centreHeight: number; pictureHeight: number; drop: number },
      { hookHeight: number; top: number; bottom: number }
    >('hanging.hook'),
  )('$id $title', ({ input: i, expected: e }) => {
    expect(hookHeight(i.centreHeight, i.pictureHeight, i.drop)).toBeCloseTo(e.hookHeight, 6)
    expect(i.centreHeight + i.pictureHeight / 2).toBeCloseTo(e.top, 6)
  })
  test.each(
    published<
      { furnitureTop: number; gap: number; pictureHeight: number; drop: number },
      { bottom: number; hookHeight: number; centre: number }
    >('hanging.above-sofa'),
  )('$id $title', ({ input: i, expected: e }) => {
    expect(aboveFurniture(i.furnitureTop, i.gap, i.pictureHeight, i.drop)).toEqual({
      bottomMm: e.bottom,
      hookMm: e.hookHeight,
      centerMm: e.centre,
    })
  })
  test.each(
    published<
      { fixingSpacing: number; wireLength: number; weight: number },
      { rise: number; angle_deg: number; tensionEach: number }
    >('hanging.wire.'),
  )('$id $title', ({ input: i, expected: e }) => {
    const found = wireOnHook(i.fixingSpacing, i.wireLength, i.weight)
    expect(Math.abs(found.rise - e.rise)).toBeLessThan(0.001)
    expect(Math.abs(found.angleDeg - e.angle_deg)).toBeLessThan(0.01)
    expect(Math.abs(found.tensionEach - e.tensionEach)).toBeLessThan(0.005)
  })
  test.each(
    published<{ fixingBelowTop: number; fixingSpacing: number; wireLength: number }, { drop: number }>(
      'hanging.wire-drop',
    ),
  )('$id $title', ({ input: i, expected: e }) => {
    expect(Math.abs(wireDrop(i.fixingBelowTop, i.fixingSpacing, i.wireLength) - e.drop)).toBeLessThan(0.001)
  })
  test('a wire shorter than the way between its fixings is refused', () => {
    expect(() => wireOnHook(600, 599, 5)).toThrow(RangeError)
  })
  test.each(
    published<{ wall: number; widths: number[] }, { gap: number; left: number[]; centres: number[] }>(
      'hanging.spacing.equal',
    ),
  )('$id $title', ({ input: i, expected: e }) => {
    const found = spreadEvenly(i.wall, i.widths)
    expect(found.gap).toBeCloseTo(e.gap, 3)
    e.left.forEach((v, k) => expect(found.left[k]).toBeCloseTo(v, 3))
    e.centres.forEach((v, k) => expect(found.centers[k]).toBeCloseTo(v, 3))
  })
  test.each(
    published<
      { wall: number; widths: number[]; gap: number },
      { groupWidth: number; margin: number; left: number[] }
    >('hanging.spacing.group'),
  )('$id $title', ({ input: i, expected: e }) => {
    const found = groupCentered(i.wall, i.widths, i.gap)
    expect(found.groupWidth).toBeCloseTo(e.groupWidth, 3)
    expect(found.margin).toBeCloseTo(e.margin, 3)
    e.left.forEach((v, k) => expect(found.left[k]).toBeCloseTo(v, 3))
  })
  test.each(
    published<
      { rows: number; columns: number; width: number; height: number; gap: number; centre: number },
      { block: Pair; rowCentres: number[]; top: number }
    >('hanging.grid'),
  )('$id $title', ({ input: i, expected: e }) => {
    const found = gridOf({
      rows: i.rows,
      columns: i.columns,
      widthMm: i.width,
      heightMm: i.height,
      gapMm: i.gap,
      centerXMm: 0,
      centerMm: i.centre,
    })
    expect([found.block.widthMm, found.block.heightMm]).toEqual(e.block)
    expect(found.rowCenters).toEqual(e.rowCentres)
    expect(found.topMm).toBe(e.top)
  })
  test.each(
    published<{ pictureLeft: number; pictureWidth: number; hookSpacing: number }, { hooks: number[] }>(
      'hanging.two-hooks',
    ),
  )('$id $title', ({ input: i, expected: e }) => {
    expect(hookPlaces(i.pictureLeft + i.pictureWidth / 2, 2, i.hookSpacing)).toEqual(e.hooks)
  })
  test.each(
    published<{ heights: number[]; centre: number }, { top: number[]; bottom: number[] }>('hanging.row'),
  )('$id $title', ({ input: i, expected: e }) => {
    i.heights.forEach((h, k) => {
      expect(hookHeight(i.centre, h, 0)).toBe(e.top[k])
      expect(i.centre - h / 2).toBe(e.bottom[k])
    })
  })
  test('a stack keeps its first piece on the eye line', () => {
    expect(stackUp(1560, [500, 500], 80)).toEqual([1560, 2140])
  })
})

describe('framing, published values', () => {
  test.each(
    published<
      {
        picture: Pair
        overlap: number
        border: number
        bottomBorder: number
        rabbet: number
        mouldingFace: number
      },
      { opening: Pair; matOutside: Pair; frameOutside: Pair; visibleOpening: Pair; unitedDimension: number }
    >('hanging.mat.0'),
  )('$id $title', ({ input: i, expected: e }) => {
    const found = frameSizes({
      sheetWidthMm: i.picture[0],
      sheetHeightMm: i.picture[1],
      overlapMm: i.overlap,
      borderMm: i.border,
      bottomBorderMm: i.bottomBorder,
      faceMm: i.mouldingFace,
      rebateMm: i.rabbet,
      filletMm: 0,
    })
    expect(found.window).toEqual(e.opening)
    expect(found.mat).toEqual(e.matOutside)
    expect(found.seen).toEqual(e.visibleOpening)
    expect(found.outer).toEqual(e.frameOutside)
    expect(found.unitedMm).toBe(e.unitedDimension)
  })
  test.each(
    published<{ opening: Pair; matOutside: Pair }, { sideBorder: number; topBottomBorder: number }>(
      'hanging.mat-reveal',
    ),
  )('$id', ({ input: i, expected: e }) => {
    expect(evenBorders(i.opening, i.matOutside)).toEqual({
      sideMm: e.sideBorder,
      topBottomMm: e.topBottomBorder,
    })
  })
  test.each(published<{ rabbetSize: Pair; face: number }, { length: number }>('hanging.moulding'))(
    '$id $title',
    ({ input: i, expected: e }) => {
      expect(moldingLength(...i.rabbetSize, i.face)).toBe(e.length)
    },
  )
  test('weight of glazing', () => {
    const [check] = published<
      { width_m: number; height_m: number; thickness_mm: number[] },
      { kg: number[] }
    >('hanging.weight.glass')
    const { width_m: w, height_m: h, thickness_mm: t } = check!.input
    expect(glazingKg(w * 1e3, h * 1e3, t[0]!, 'glass')).toBeCloseTo(check!.expected.kg[0]!, 3)
    expect(glazingKg(w * 1e3, h * 1e3, t[1]!, 'acrylic')).toBeCloseTo(check!.expected.kg[1]!, 3)
  })
  test('hours a year on show', () => {
    const [check] = published<{ luxHours: number[]; lux: number[] }, { hours: number[] }>(
      'room.conservation.hours',
    )
    check!.input.luxHours.forEach((v, i) =>
      expect(exposureHours(v, check!.input.lux[i]!)).toBe(check!.expected.hours[i]),
    )
  })
  test('a face as wide as the border is not narrower', () => {
    expect([25, 60, 75].map((face) => faceNarrowerThanMat(face, 60))).toEqual([true, false, false])
  })
  test('the frame stays outside the mat by its face, whatever the numbers', () => {
    const mm = fc.integer({ min: 1, max: 300 })
    fc.assert(
      fc.property(mm, mm, mm, mm, (sheet, border, face, rebate) => {
        const s = frameSizes({
          sheetWidthMm: sheet + 20,
          sheetHeightMm: sheet + 50,
          overlapMm: 5,
          borderMm: border,
          bottomBorderMm: border,
          faceMm: face,
          rebateMm: rebate % 20,
          filletMm: 0,
        })
        expect(s.outer[0] - s.seen[0]).toBe(2 * face)
        expect(s.mat[1] - s.window[1]).toBe(2 * border)
        expect(s.outer[1] - s.outer[0]).toBe(30)
      }),
    )
  })
})

describe('setting out', () => {
  test.each(
    published<{ length: number; panels: number; stile: number }, Record<string, number>>('takeoff.wainscot.'),
  )('$id $title', ({ input, expected }) => {
    const i = input as unknown as Record<string, number>
    const [length, panels, stile] = [i.length ?? i.wall, i.panels ?? i.n, i.stile]
    const width = Object.entries(expected).find(
      ([k]) => /panel/i.test(k) && typeof expected[k] === 'number',
    )![1]
    expect(panelWidth(length!, panels!, stile!)).toBeCloseTo(width, 3)
  })
  test.each(published<Record<string, number>, Record<string, number>>('takeoff.baluster'))(
    '$id $title',
    ({ input: i, expected: e }) => {
      const [length, width, most] = Object.values(i)
      const found = fewestBetween(length!, width!, most!)
      expect(found.count).toBe(Object.entries(e).find(([k]) => /count|balusters|^n$/i.test(k))![1])
      expect(found.gapMm).toBeCloseTo(Object.entries(e).find(([k]) => /gap/i.test(k))![1], 3)
    },
  )
  test('fields are equal and fill the wall; a socket on a stile is found, and another number avoids it', () => {
    const s = {
      kind: 'wainscot panels' as const,
      startMm: 0,
      endMm: 3600,
      bottomMm: 140,
      heightMm: 700,
      count: 5,
      stileMm: 90,
    }
    const stile = layPanels(s).stiles[2]!
    const socket = {
      name: 'Socket',
      leftMm: stile.leftMm + 10,
      rightMm: stile.leftMm + 70,
      bottomMm: 300,
      topMm: 380,
    }
    expect(layPanels(s, [socket]).clashes).toEqual([{ name: 'Socket', stile: 3, overMm: 60 }])
    const count = avoidingCount(s, [socket])!
    expect(layPanels({ ...s, count }, [socket]).clashes).toEqual([])
    // Above the panels nothing is met.
    expect(layPanels(s, [{ ...socket, bottomMm: 1000, topMm: 1080 }]).clashes).toEqual([])
  })
  test('any set-out: the stretches follow each other without a gap from end to end', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 900, max: 8000 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 0, max: 40 }),
        (length, count, stileMm) => {
          const { fields, stiles, fieldMm } = layPanels({
            kind: 'wainscot panels',
            startMm: 100,
            endMm: 100 + length,
            bottomMm: 0,
            heightMm: 800,
            count,
            stileMm,
          })
          const all = [...fields, ...stiles].sort((a, b) => a.leftMm - b.leftMm || a.rightMm - b.rightMm)
          expect(all[0]!.leftMm).toBeCloseTo(100, 6)
          expect(all.at(-1)!.rightMm).toBeCloseTo(100 + length, 6)
          expect(fields.every((f) => Math.abs(f.rightMm - f.leftMm - fieldMm) < 1e-6)).toBe(true)
          expect(panelCount(length, stileMm, fieldMm)).toBe(count)
        },
      ),
    )
  })
  test('a grid with one piece shifted names that piece and where it belongs', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 4 }),
        fc.integer({ min: 3, max: 5 }),
        fc.nat(),
        fc.integer({ min: 3, max: 30 }),
        fc.boolean(),
        (rows, columns, pick, by, across) => {
          const { places } = gridOf({
            rows,
            columns,
            widthMm: 300,
            heightMm: 400,
            gapMm: 80,
            centerXMm: 2000,
            centerMm: 1500,
          })
          const members = places.map((p, i) => ({
            id: String(i),
            name: String(i),
            widthMm: 300,
            heightMm: 400,
            ...p,
          }))
          expect(offGrid(members)).toEqual([])
          const at = pick % members.length
          const moved = members.map((m, i) =>
            i === at ? { ...m, ...(across ? { xMm: m.xMm + by } : { centerMm: m.centerMm + by }) } : m,
          )
          const found = offGrid(moved)
          if (rows > 2 || !across) expect(found.map((f) => f.id)).toContain(String(at))
          expect(found.length).toBeGreaterThan(0)
        },
      ),
    )
  })
  test('mirrored pairs laid out by the program match, whatever the heights along the row', () => {
    const laid = staggered(1500, [250, 750, 1250], [1400, 1750, 1500]).map((p, i) => ({
      id: String(i),
      name: String(i),
      widthMm: 200,
      heightMm: 300,
      ...p,
    }))
    expect(mismatchedPairs(laid)).toEqual([])
    expect(
      mismatchedPairs(laid.map((m) => (m.xMm === 2250 ? { ...m, centerMm: 1730 } : m))).map((m) => m.byMm),
    ).toEqual([20])
  })
  test('a rail that reaches far enough leaves the glass free', () => {
    expect(curtainRail(1260, 1400, 600, 2).overGlassMm).toBe(0)
    expect(curtainRail(1260, 1400, 100, 2).overGlassMm).toBeGreaterThan(0)
  })
})

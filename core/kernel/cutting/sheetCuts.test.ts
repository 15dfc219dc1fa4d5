import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { sheetCuts, type CutSheet, type PlacedPiece, type SheetPiece } from './sheetCuts.js'

const SHEET = { along: 2440, across: 1220 }
const piece = fc.record({
  name: fc.constant('p'),
  along: fc.integer({ min: 80, max: 2000 }),
  across: fc.integer({ min: 80, max: 1000 }),
  count: fc.integer({ min: 1, max: 4 }),
  free: fc.boolean(),
})
const pieces = fc.array(piece, { minLength: 1, maxLength: 8 })
const all = (list: readonly SheetPiece[]) => list.flatMap((p) => Array.from({ length: p.count }, () => p))
const overlap = (a: PlacedPiece, b: PlacedPiece, kerf: number) =>
  Math.min(a.x + a.along, b.x + b.along) - Math.max(a.x, b.x) > -kerf + 1e-6 &&
  Math.min(a.y + a.across, b.y + b.across) - Math.max(a.y, b.y) > -kerf + 1e-6

/** Whether a set of rectangles can be parted by cuts from edge to edge, found anew from where they lie. */
function guillotine(list: readonly PlacedPiece[]): boolean {
  if (list.length < 2) return true
  for (const [at, size] of [
    ['x', 'along'],
    ['y', 'across'],
  ] as const)
    for (const cut of new Set(list.map((p) => p[at]))) {
      const before = list.filter((p) => p[at] + p[size] <= cut + 1e-6)
      const after = list.filter((p) => p[at] >= cut - 1e-6)
      if (before.length > 0 && after.length > 0 && before.length + after.length === list.length)
        return guillotine(before) && guillotine(after)
    }
  return false
}
const placed = (sheets: readonly CutSheet[]) => sheets.flatMap((s) => s.pieces)

describe('sheets cut from edge to edge, at random', () => {
  test('every piece is cut once, whole, within its sheet, apart by a cut, with its grain', () => {
    fc.assert(
      fc.property(pieces, fc.constantFrom(0, 3, 4.5), (list, kerf) => {
        const { sheets } = sheetCuts(SHEET, kerf, list)
        expect(placed(sheets)).toHaveLength(all(list).length)
        const size = (p: { along: number; across: number }) =>
          [p.along, p.across]
            .sort((a, b) => a - b)
            .map((v) => Math.round(v * 1000))
            .join()
        expect(placed(sheets).map(size).sort()).toEqual(all(list).map(size).sort())
        const turned = placed(sheets).filter((p) =>
          list.every((l) => Math.abs(l.along - p.along) > 1e-6 || Math.abs(l.across - p.across) > 1e-6),
        )
        expect(
          turned.every((p) =>
            list.some(
              (l) => l.free && Math.abs(l.along - p.across) < 1e-6 && Math.abs(l.across - p.along) < 1e-6,
            ),
          ),
        ).toBe(true)
        for (const { pieces: on, over } of sheets) {
          const things = [...on, ...over.map((r) => ({ ...r, name: 'over' }))]
          for (const [i, p] of things.entries()) {
            expect(Math.min(p.x, p.y)).toBeGreaterThanOrEqual(0)
            expect(p.x + p.along).toBeLessThanOrEqual(SHEET.along + 1e-6)
            expect(p.y + p.across).toBeLessThanOrEqual(SHEET.across + 1e-6)
            for (const o of things.slice(i + 1)) expect(overlap(p, o, kerf)).toBe(false)
          }
          expect(guillotine(on)).toBe(true)
        }
      }),
      { numRuns: 60 },
    )
  })
  test('never fewer than the bound; one more piece never takes fewer; the order of entry does not matter', () => {
    fc.assert(
      fc.property(pieces, (list) => {
        const got = sheetCuts(SHEET, 3, list)
        expect(got.sheets.length).toBeGreaterThanOrEqual(got.atLeast)
        expect(got.proven).toBe(got.sheets.length === got.atLeast)
        const area = all(list).reduce((sum, p) => sum + p.along * p.across, 0)
        expect(got.sheets.length * SHEET.along * SHEET.across).toBeGreaterThanOrEqual(area)
        const split = all(list).map((p) => ({ ...p, count: 1 }))
        expect(sheetCuts(SHEET, 3, split.reverse()).sheets).toEqual(got.sheets)
      }),
      { numRuns: 40 },
    )
  })
  test('sheets that are full to the edge are found again, and told as proven', () => {
    // Made by cutting a sheet by halves: the answer is known.
    const halves = fc.array(fc.boolean(), { minLength: 0, maxLength: 5 })
    fc.assert(
      fc.property(halves, fc.integer({ min: 1, max: 3 }), (cuts, count) => {
        let parts = [{ along: 2048, across: 1024 }]
        for (const along of cuts) {
          const [first, ...others] = parts
          if (!first) break
          const half = along
            ? { along: first.along / 2, across: first.across }
            : { along: first.along, across: first.across / 2 }
          parts = [...others, half, half]
        }
        const list = parts.map((p, i) => ({ name: String(i), ...p, count, free: false }))
        const got = sheetCuts({ along: 2048, across: 1024 }, 0, list)
        expect([got.sheets.length, got.proven]).toEqual([count, true])
      }),
      { numRuns: 60 },
    )
  })
})

test('four shelves of 800 by 300 and a back of 1 200 by 800 from one sheet; a piece with grain is not turned to save one', () => {
  const shelf = { name: 'Shelf', along: 800, across: 300, count: 4, free: false }
  const back = { name: 'Back', along: 1200, across: 800, count: 1, free: false }
  expect(sheetCuts(SHEET, 3, [shelf, back]).sheets).toHaveLength(1)
  const tall = { name: 'Side', along: 1200, across: 1220, count: 2, free: false }
  expect(sheetCuts(SHEET, 3, [tall]).sheets).toHaveLength(1)
  expect(sheetCuts({ along: 1220, across: 2440 }, 3, [tall]).sheets).toHaveLength(2)
  expect(() => sheetCuts(SHEET, 3, [{ ...back, across: 1300 }])).toThrow(/Back is larger than the sheet/)
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { distance } from '../../kernel/geometry/polygon.js'
import { ex, example } from '../../examples/plan/example.js'
import { cornersFromWalls, diagonalMm, SHEETS, tapeTiles } from './tapeOut.js'
import { PAPERS_OF_OFFICE } from '../../model/vocabulary/countries.js'

test.each(PAPERS_OF_OFFICE)(
  'sheets of %s together hold the whole outline once, each part at its real size',
  (paper) => {
    const sheet = SHEETS[paper]
    fc.assert(
      fc.property(fc.integer({ min: 50, max: 4_500 }), fc.integer({ min: 50, max: 4_500 }), (w, d) => {
        const { tiles, columns, rows } = tapeTiles(w, d, sheet)
        const lines = tiles.flatMap((t) => t.lines)
        expect(lines.reduce((sum, l) => sum + distance(l.from, l.to), 0)).toBeCloseTo(2 * (w + d), 4)
        for (const t of tiles) {
          expect(t.column).toBeLessThan(columns)
          expect(t.row).toBeLessThan(rows)
          for (const p of t.lines.flatMap((l) => [l.from, l.to])) {
            expect(p.x).toBeGreaterThanOrEqual(0)
            expect(p.x).toBeLessThanOrEqual(sheet.printedWidthMm + 1e-6)
            expect(p.y).toBeLessThanOrEqual(sheet.printedHeightMm + 1e-6)
          }
        }
        // Laid side by side, every corner is where it belongs.
        const ends = tiles.flatMap((t) =>
          t.lines.flatMap((l) =>
            [l.from, l.to].map(
              (p) =>
                `${Math.round(p.x + t.column * sheet.printedWidthMm)} ${Math.round(p.y + t.row * sheet.printedHeightMm)}`,
            ),
          ),
        )
        for (const corner of [`0 0`, `${w} 0`, `${w} ${d}`, `0 ${d}`]) expect(ends).toContain(corner)
      }),
    )
  },
)

test('corners are told from two walls at an angle, and the diagonal checks the square', () => {
  const facts = example({
    pieces: [ex('low table', 'Table', { widthMm: 1000, depthMm: 600, at: [1500, 1300] })],
  })
  const [table] = facts.standings
  expect(cornersFromWalls(table!, facts.room)[0]).toEqual({
    corner: 'back left',
    from: [
      { wall: 'North wall', mm: 1000 },
      { wall: 'West wall', mm: 1000 },
    ],
  })
  expect(diagonalMm(table!)).toBe(Math.round(Math.hypot(1000, 600)))
})

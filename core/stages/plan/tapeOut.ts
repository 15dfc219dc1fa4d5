import { boxCorners } from '../../kernel/geometry/box.js'
import { distance, type Point } from '../../kernel/geometry/polygon.js'
import { fromWall, type PlanRoom } from './planRoom.js'
import type { Standing } from './standing.js'
import type { OfficePaper } from '../../model/vocabulary/countries.js'

/** One sheet of an outline at its real size: the part of it that lies on the sheet, in millimeters from its corner. */
export interface Tile {
  readonly column: number
  readonly row: number
  readonly lines: readonly { readonly from: Point; readonly to: Point }[]
}

export interface TapeOut {
  readonly columns: number
  readonly rows: number
  /** Sheets the outline crosses, row by row; the rest would be blank. */
  readonly tiles: readonly Tile[]
}

/** A sheet a plan is printed on at 1 : 1, mm: its size, and what of it a printer reaches. */
export interface Sheet {
  readonly widthMm: number
  readonly heightMm: number
  readonly marginMm: number
  readonly printedWidthMm: number
  readonly printedHeightMm: number
}

const MARGIN_MM = 10
const sheet = (widthMm: number, heightMm: number): Sheet => ({
  widthMm,
  heightMm,
  marginMm: MARGIN_MM,
  printedWidthMm: widthMm - 2 * MARGIN_MM,
  printedHeightMm: heightMm - 2 * MARGIN_MM,
})

/** A4 of ISO 216; letter of ANSI Y14.1, 8 1/2 by 11 inches. */
export const SHEETS: Readonly<Record<OfficePaper, Sheet>> = {
  A4: sheet(210, 297),
  LETTER: sheet(215.9, 279.4),
}

/** Cuts the outline of a rectangle at 1 : 1 into sheets. Sheets meet edge to edge at their margins. */
export function tapeTiles(widthMm: number, depthMm: number, sheet: Sheet): TapeOut {
  const { printedWidthMm: across, printedHeightMm: down } = sheet
  const columns = Math.max(1, Math.ceil(widthMm / across))
  const rows = Math.max(1, Math.ceil(depthMm / down))
  const corners = [
    { x: 0, y: 0 },
    { x: widthMm, y: 0 },
    { x: widthMm, y: depthMm },
    { x: 0, y: depthMm },
  ]
  const tiles: Tile[] = []
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const [x0, y0] = [column * across, row * down]
      const lines = corners.flatMap((from, i) => {
        const to = corners[(i + 1) % 4] ?? from
        // A side on the seam of two sheets belongs to the first of them.
        const inX = (v: number) => v >= x0 - (column === 0 ? 1 : -1e-9) && v <= x0 + across + 1e-9
        const inY = (v: number) => v >= y0 - (row === 0 ? 1 : -1e-9) && v <= y0 + down + 1e-9
        if (from.y === to.y) {
          if (!inY(from.y)) return []
          const [a, b] = [Math.max(x0, Math.min(from.x, to.x)), Math.min(x0 + across, Math.max(from.x, to.x))]
          return b > a ? [{ from: { x: a - x0, y: from.y - y0 }, to: { x: b - x0, y: from.y - y0 } }] : []
        }
        if (!inX(from.x)) return []
        const [a, b] = [Math.max(y0, Math.min(from.y, to.y)), Math.min(y0 + down, Math.max(from.y, to.y))]
        return b > a ? [{ from: { x: from.x - x0, y: a - y0 }, to: { x: from.x - x0, y: b - y0 } }] : []
      })
      if (lines.length > 0) tiles.push({ column, row, lines })
    }
  return { columns, rows, tiles }
}

/** Where one corner of a piece lies: its distances from the two walls it is measured from. */
export interface CornerAt {
  readonly corner: string
  readonly from: readonly { readonly wall: string; readonly mm: number }[]
}

const NAMES = ['back left', 'back right', 'front right', 'front left'] as const

/** The corners of a piece by their distances from the two nearest walls that stand at an angle to each other. */
export function cornersFromWalls(s: Standing, room: PlanRoom): CornerAt[] {
  return boxCorners(s.box).map((p, i) => {
    const walls = room.walls
      .map((wall) => ({ wall, ...fromWall(wall, p) }))
      .filter((w) => w.beforeMm > -1 && w.alongMm >= -1 && w.alongMm <= w.wall.lengthMm + 1)
      .sort((a, b) => a.beforeMm - b.beforeMm)
    const first = walls[0]
    const second = walls.find(
      (w) => first && Math.abs(w.wall.dir.x * first.wall.dir.y - w.wall.dir.y * first.wall.dir.x) > 0.3,
    )
    return {
      corner: NAMES[i] ?? '',
      from: [first, second].flatMap((w) => (w ? [{ wall: w.wall.name, mm: Math.round(w.beforeMm) }] : [])),
    }
  })
}

/** Lengths of both diagonals, to check that the tape lies square. */
export const diagonalMm = (s: Standing): number => {
  const [a, , c] = boxCorners(s.box)
  return Math.round(distance(a, c))
}

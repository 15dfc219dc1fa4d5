import type { Face, Hole } from '../trade.js'

/** Many of one thing spread evenly on a wall: columns and rows at equal distances, openings left free. Lengths in mm. */
export interface Spread {
  readonly columns: number
  readonly rows: number
  readonly acrossMm: number
  readonly upMm: number
  /** Middles, from the left and from the floor; rows from below, each from the left. */
  readonly places: readonly { readonly xMm: number; readonly heightMm: number }[]
}

type Thing = { readonly widthMm: number; readonly heightMm: number }
/** How much a wider than high pitch counts against places that stay empty. */
const SQUARE = 0.5

/**
 * Places for so many things of one size on a wall: of all grids that have room for them the one whose pitch is nearest to
 * square and that leaves the fewest places empty. What is left empty is left at the ends of the lowest row, by turns.
 * @returns undefined where they do not fit
 */
export function spreadOn(
  face: Pick<Face, 'widthMm' | 'heightMm' | 'holes'>,
  count: number,
  thing: Thing,
): Spread | undefined {
  const most = {
    columns: Math.min(count, Math.floor(face.widthMm / thing.widthMm + 1e-9)),
    rows: Math.floor(face.heightMm / thing.heightMm + 1e-9),
  }
  const wallMm2 = face.widthMm * face.heightMm
  const holesMm2 = face.holes.reduce((sum, h) => sum + h.widthMm * (h.topMm - h.bottomMm), 0)
  // Grids with many more places than are wanted and than openings can take are not tried.
  const enough = 2 * count * (wallMm2 / Math.max(wallMm2 / 4, wallMm2 - holesMm2)) + most.columns
  let best: { readonly cost: number; readonly grid: Spread } | undefined
  for (let columns = 1; columns <= most.columns; columns++)
    for (let rows = Math.ceil(count / columns); rows <= most.rows && columns * rows <= enough; rows++) {
      const [acrossMm, upMm] = [face.widthMm / columns, face.heightMm / rows]
      const square = SQUARE * Math.abs(Math.log(acrossMm / upMm))
      if (best && square >= best.cost) continue
      const places = freePlaces(face, columns, rows, thing)
      if (places.length < count) continue
      const cost = square + (places.length - count) / count
      if (!best || cost < best.cost - 1e-9) best = { cost, grid: { columns, rows, acrossMm, upMm, places } }
    }
  return best && { ...best.grid, places: leftOff(best.grid.places, count) }
}

function freePlaces(
  face: Pick<Face, 'widthMm' | 'heightMm' | 'holes'>,
  columns: number,
  rows: number,
  thing: Thing,
): Spread['places'] {
  const [acrossMm, upMm] = [face.widthMm / columns, face.heightMm / rows]
  const meets = (hole: Hole, xMm: number, heightMm: number) =>
    Math.abs(xMm - hole.startMm - hole.widthMm / 2) < (thing.widthMm + hole.widthMm) / 2 - 1e-6 &&
    Math.abs(heightMm - (hole.bottomMm + hole.topMm) / 2) <
      (thing.heightMm + hole.topMm - hole.bottomMm) / 2 - 1e-6
  return Array.from({ length: columns * rows }, (_, i) => ({
    xMm: ((i % columns) + 0.5) * acrossMm,
    heightMm: (Math.floor(i / columns) + 0.5) * upMm,
  })).filter((at) => !face.holes.some((hole) => meets(hole, at.xMm, at.heightMm)))
}

/** Takes places off the lowest row at its right and left end by turns, then off the row over it. */
function leftOff(places: Spread['places'], count: number): Spread['places'] {
  const kept = [...places]
  for (let i = 0; kept.length > count; i++) {
    const lowest = Math.min(...kept.map((p) => p.heightMm))
    const row = kept.filter((p) => p.heightMm === lowest)
    const gone = i % 2 === 0 ? row.at(-1) : row[0]
    kept.splice(
      kept.findIndex((p) => p === gone),
      1,
    )
  }
  return kept
}

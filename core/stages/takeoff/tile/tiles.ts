import type { SetOut } from '../../../model/vocabulary/takeoff.js'
import type { DrawnPart, Drawing, Face } from '../trade.js'
import { drawnHoles, DUST_MM } from '../trade.js'

export interface Tile {
  readonly widthMm: number
  readonly heightMm: number
  readonly jointMm: number
}

/** Columns or rows along one side: where each begins, and how wide it shows. */
export interface Course {
  readonly atMm: number
  readonly showsMm: number
}

export interface TilePlan {
  readonly columns: readonly Course[]
  readonly rows: readonly Course[]
  /** Tiles with each cut from a whole one. */
  readonly tiles: number
  /** The same with two cuts from one tile where both fit in it. */
  readonly tilesReused: number
  readonly whole: number
  readonly cut: number
  /** The narrowest column and the lowest row; the tile itself where none is cut. */
  readonly leastWideMm: number
  readonly leastHighMm: number
}

/** Cuts narrower than this part of a tile are avoided where they can be (common practice). */
export const LEAST_PART = 1 / 3

/**
 * Courses along a side that begins with a whole tile `firstMm` in from its end; no joint at the wall.
 * @param firstMm 0 begins with a whole tile; more begins with a cut as wide as that, less the joint
 */
export function courses(sideMm: number, tileMm: number, jointMm: number, firstMm = 0): Course[] {
  const step = tileMm + jointMm
  const list: Course[] = []
  for (let at = firstMm > DUST_MM ? firstMm - step : 0; at < sideMm - DUST_MM; at += step) {
    const [from, to] = [Math.max(0, at), Math.min(sideMm, at + tileMm)]
    if (to - from > DUST_MM) list.push({ atMm: from, showsMm: to - from })
  }
  return list
}

/** Where the first whole tile begins for a way of setting out. */
export function firstWhole(sideMm: number, tileMm: number, jointMm: number, way: SetOut): number {
  const step = tileMm + jointMm
  const centered = (middleMm: number) => {
    const first = middleMm - Math.floor(middleMm / step + 1e-9) * step
    return first < DUST_MM ? 0 : first
  }
  if (way === 'from the left') return 0
  if (way === 'tile in the middle') return centered((sideMm - tileMm) / 2)
  if (way === 'joint in the middle') return centered((sideMm + jointMm) / 2)
  // The way whose narrowest cut is the widest; of equals the one with the fewest courses.
  const ways = (['tile in the middle', 'joint in the middle', 'from the left'] as const).map((w) => {
    const first = firstWhole(sideMm, tileMm, jointMm, w)
    const list = courses(sideMm, tileMm, jointMm, first)
    return { first, least: Math.min(...list.map((c) => c.showsMm)), count: list.length }
  })
  return ways.sort((x, y) => y.least - x.least || x.count - y.count)[0]?.first ?? 0
}

/** Tiles laid on a face. What lies whole in a hole is left out; what a hole cuts into is cut from a whole tile. */
export function tilePlan(face: Face, tile: Tile, across: SetOut, up: SetOut): TilePlan {
  const columns = courses(
    face.widthMm,
    tile.widthMm,
    tile.jointMm,
    firstWhole(face.widthMm, tile.widthMm, tile.jointMm, across),
  )
  const rows = courses(
    face.heightMm,
    tile.heightMm,
    tile.jointMm,
    firstWhole(face.heightMm, tile.heightMm, tile.jointMm, up),
  )
  let [whole, cut, quarter] = [0, 0, 0]
  const [narrowParts, lowParts]: [number[], number[]] = [[], []]
  for (const c of columns)
    for (const r of rows) {
      const hit = face.holes.map((h) => overlap(c, r, h, face.heightMm))
      if (hit.includes('within')) continue
      const narrow = c.showsMm < tile.widthMm - DUST_MM
      const low = r.showsMm < tile.heightMm - DUST_MM
      if (!narrow && !low && !hit.includes('part')) whole++
      else {
        cut++
        if (hit.includes('part') || (narrow && low)) quarter++
        else if (narrow) narrowParts.push(c.showsMm / tile.widthMm)
        else lowParts.push(r.showsMm / tile.heightMm)
      }
    }
  return {
    columns,
    rows,
    tiles: whole + cut,
    tilesReused: whole + quarter + fromWhole(narrowParts) + fromWhole(lowParts),
    whole,
    cut,
    leastWideMm: Math.min(tile.widthMm, ...columns.map((c) => c.showsMm)),
    leastHighMm: Math.min(tile.heightMm, ...rows.map((r) => r.showsMm)),
  }
}

/** Whole tiles for straight cuts, two from one where both fit, the widest with the widest that still fits. */
function fromWhole(parts: readonly number[]): number {
  const list = [...parts].sort((x, y) => x - y)
  let count = 0
  while (list.length > 0) {
    const widest = list.pop() ?? 0
    const beside = list.filter((p) => p + widest <= 1 + 1e-9).length
    if (beside > 0) list.splice(beside - 1, 1)
    count++
  }
  return count
}

function overlap(
  c: Course,
  r: Course,
  hole: Face['holes'][number],
  heightMm: number,
): 'none' | 'part' | 'within' {
  // Rows are counted from the foot.
  const left = Math.max(c.atMm, hole.startMm)
  const right = Math.min(c.atMm + c.showsMm, hole.startMm + hole.widthMm)
  const foot = Math.max(r.atMm, hole.bottomMm)
  const top = Math.min(r.atMm + r.showsMm, Math.min(heightMm, hole.topMm))
  if (right - left <= DUST_MM || top - foot <= DUST_MM) return 'none'
  const covered = (right - left) * (top - foot)
  return covered >= c.showsMm * r.showsMm - 1 ? 'within' : 'part'
}

/** Grout by the formula of the trade, which counts the crossings twice and so lies a little above; kg for a square meter. */
export const groutKgPerM2 = (
  aMm: number,
  bMm: number,
  thickMm: number,
  jointMm: number,
  kgPerL = 1.6,
): number => ((aMm + bMm) / (aMm * bMm)) * thickMm * jointMm * kgPerL

/** The face with its tiles, rows counted from the foot. */
export function tileDrawing(face: Face, tile: Tile, plan: TilePlan): Drawing {
  const parts = plan.columns.flatMap((c) =>
    plan.rows.flatMap((r): DrawnPart[] => {
      const hit = face.holes.map((h) => overlap(c, r, h, face.heightMm))
      if (hit.includes('within')) return []
      const cut =
        hit.includes('part') || c.showsMm < tile.widthMm - DUST_MM || r.showsMm < tile.heightMm - DUST_MM
      return [
        {
          xMm: c.atMm,
          yMm: face.heightMm - r.atMm - r.showsMm,
          widthMm: c.showsMm,
          heightMm: r.showsMm,
          label: '',
          use: cut ? 'spare' : 'used',
        },
      ]
    }),
  )
  return {
    name: face.name,
    widthMm: face.widthMm,
    heightMm: face.heightMm,
    parts: [...parts, ...drawnHoles(face)],
    times: 1,
  }
}

import type { Level, SetDown, Unit } from '@bonitas/core/stages/handover/stylingFacts'

/** A thing as it is drawn: its outline from the front, mm from the left and upper edge of the piece. */
export interface DrawnThing {
  readonly thing: SetDown
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
  /** It does not fit where it stands. */
  readonly over: boolean
}

/** One level as it is drawn. */
export interface DrawnLevel {
  readonly level: Level
  readonly y: number
  readonly h: number
  readonly things: readonly DrawnThing[]
}

export interface ShelfView {
  readonly widthMm: number
  readonly heightMm: number
  /** Free above the piece, for what stands on top. */
  readonly aboveMm: number
  readonly levels: readonly DrawnLevel[]
}

/** Where nothing says how high a shelf is, it is drawn so high. */
const UNKNOWN_MM = 300
/** Between a shelf and the next, at the least. */
const BOARD_MM = 18

/** A unit from the front: its shelves from below upward, and what stands on each in its order from the left. */
export function shelfView(
  unit: Unit,
  size: { readonly widthMm: number; readonly heightMm: number },
): ShelfView {
  const shelves = unit.levels.filter((l) => l.number > 0)
  const top = unit.levels.find((l) => l.number === 0)
  const clear = shelves.map((l) => l.clearHeightMm ?? UNKNOWN_MM)
  const needed = clear.reduce((sum, mm) => sum + mm, 0) + (shelves.length + 1) * BOARD_MM
  const heightMm = Math.max(size.heightMm, shelves.length > 0 ? needed : 0)
  const board =
    shelves.length > 0 ? (heightMm - clear.reduce((sum, mm) => sum + mm, 0)) / (shelves.length + 1) : 0
  const aboveMm = Math.max(0, ...(top?.things ?? []).map((t) => t.highMm))
  let floor = heightMm
  const drawn = shelves.map((level, i): DrawnLevel => {
    const h = clear[i] ?? UNKNOWN_MM
    const bottom = floor - board
    floor = bottom - h
    return { level, y: floor, h, things: laid(level, bottom, size.widthMm) }
  })
  return {
    widthMm: size.widthMm,
    heightMm,
    aboveMm,
    levels: top
      ? [...drawn, { level: top, y: -aboveMm, h: aboveMm, things: laid(top, 0, size.widthMm) }]
      : drawn,
  }
}

function laid(level: Level, bottom: number, widthMm: number): DrawnThing[] {
  const row = [...level.things].sort((a, b) => a.position - b.position || (a.name < b.name ? -1 : 1))
  const each = row.flatMap((thing) => Array.from({ length: thing.count }, () => thing))
  const wide = each.reduce((sum, t) => sum + t.wideMm, 0)
  const gap = Math.max(0, (widthMm - wide) / (each.length + 1))
  // Where there is more than goes side by side, it is drawn closer, so that all of it is seen.
  const k = wide > widthMm ? widthMm / wide : 1
  let x = 0
  return each.map((thing): DrawnThing => {
    x += gap
    const at = x
    x += thing.wideMm * k
    return {
      thing,
      x: at,
      y: bottom - thing.highMm,
      w: thing.wideMm * k,
      h: thing.highMm,
      over: thing.highMm > (level.clearHeightMm ?? Infinity) || k < 1,
    }
  })
}

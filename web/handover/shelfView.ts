import { setOut, type Body } from '@bonitas/core/stages/handover/setOut'
import type { Level, Unit } from '@bonitas/core/stages/handover/stylingFacts'

/** A group of things as it is drawn: its outline from the front, mm from the left and upper edge of the piece. */
export interface DrawnThing {
  readonly body: Body
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}

/** One level as it is drawn. */
export interface DrawnLevel {
  readonly level: Level
  /** Its clear opening. */
  readonly x: number
  readonly y: number
  readonly w: number
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

/** A unit from the front: its shelves from below upward, and what stands on each in its place. */
export function shelfView(
  unit: Unit,
  size: { readonly widthMm: number; readonly heightMm: number },
): ShelfView {
  const shelves = unit.levels.filter((l) => l.number > 0)
  const top = unit.levels.find((l) => l.number === 0)
  const clear = shelves.map((l) => l.clearHeightMm ?? UNKNOWN_MM)
  const sum = clear.reduce((all, mm) => all + mm, 0)
  const needed = sum + (shelves.length + 1) * BOARD_MM
  const heightMm = Math.max(size.heightMm, shelves.length > 0 ? needed : 0)
  const board = shelves.length > 0 ? (heightMm - sum) / (shelves.length + 1) : 0
  const laid = (level: Level, bottom: number, h: number): DrawnLevel => {
    const wide = level.clearWidthMm * level.across
    const x = (size.widthMm - wide) / 2
    return {
      ...{ level, x, y: bottom - h, w: wide, h },
      things: setOut(level).map((body) => ({
        body,
        x: x + body.xMm,
        y: bottom - body.yMm - body.highMm,
        w: body.wideMm,
        h: body.highMm,
      })),
    }
  }
  let floor = heightMm
  const drawn = shelves.map((level, i): DrawnLevel => {
    const bottom = floor - board
    floor = bottom - (clear[i] ?? UNKNOWN_MM)
    return laid(level, bottom, clear[i] ?? UNKNOWN_MM)
  })
  const aboveMm = Math.max(0, ...(top ? setOut(top).map((b) => b.yMm + b.highMm) : []))
  return {
    ...{ widthMm: size.widthMm, heightMm, aboveMm },
    levels: top ? [...drawn, laid(top, 0, aboveMm)] : drawn,
  }
}

/** The level on whose opening a point lies, or the nearest above or below it. */
export function levelAt(view: ShelfView, y: number): DrawnLevel | undefined {
  const distance = (l: DrawnLevel) => Math.max(0, l.y - y, y - (l.y + l.h))
  return [...view.levels].sort((a, b) => distance(a) - distance(b) || b.level.number - a.level.number)[0]
}

import type { DrawnPart, Drawing } from '../trade.js'
import { DUST_MM } from '../trade.js'
import { signedArea, type Point } from '../../../kernel/geometry/polygon.js'
import { drawnFloor, floorBox, type FloorDoor } from './floorPlan.js'
import { spans } from './spans.js'

export interface Board {
  readonly widthMm: number
  readonly lengthMm: number
}

/** A board as it is laid, in the coordinates of the floor. */
export interface LaidBoard extends DrawnPart {
  readonly row: number
  /** The board of the pack it is cut from. */
  readonly from: number
}

export interface FloorPlan {
  readonly boards: readonly LaidBoard[]
  /** How many boards are opened. */
  readonly count: number
  /** What is bought and not laid, in percent of the floor. */
  readonly wastePercent: number
  /** Of the floor; a row that meets a corner of the room is laid wider and cut to it. */
  readonly areaMm2: number
}

/** The end joints of neighboring rows lie at least so far apart, and no board is shorter (common practice: 300 mm, 12 in). */
export const STAGGER_MM = 300

/**
 * Lays boards row by row along x over a floor of any outline: a row begins with what is over of an earlier one where that is
 * long enough and its joints keep clear of the row before, else with a new board. The last row is ripped to what is left, and where
 * that is too narrow the first one is, too.
 *
 * @param outline corners of the floor, boards laid along x (turn the floor for the other way)
 */
export function layBoards(outline: readonly Point[], board: Board, staggerMm = STAGGER_MM): FloorPlan {
  const [top, foot] = [Math.min(...outline.map((p) => p.y)), Math.max(...outline.map((p) => p.y))]
  const boards: LaidBoard[] = []
  /** What is over of boards cut before: which one, and how long. */
  const over: { from: number; mm: number }[] = []
  let [count, row] = [0, 0]
  let before: readonly number[] = []
  for (let y = top - firstRowRip(foot - top, board.widthMm); y < foot - DUST_MM; y += board.widthMm, row++) {
    const from = Math.max(top, y)
    const to = Math.min(foot, y + board.widthMm)
    const joints: number[] = []
    for (const [start, end] of spans(outline, from, to)) {
      let x = start
      let last: number | undefined
      while (x < end - DUST_MM) {
        const rest = end - x
        const clear = (mm: number) => {
          const at = x + mm
          if (at >= end - DUST_MM) return true
          // No joint near one of the row before, and no sliver at the far end.
          return (
            end - at >= Math.min(staggerMm, rest) - DUST_MM &&
            before.every((j) => Math.abs(j - at) >= staggerMm - DUST_MM)
          )
        }
        const piece = pieceFor(rest, x === start, over, board.lengthMm, staggerMm, clear)
        const id = piece.from ?? count++
        if (piece.from !== undefined)
          over.splice(
            over.findIndex((o) => o.from === piece.from && o.mm === piece.ofMm),
            1,
          )
        boards.push({
          row,
          from: id,
          xMm: x,
          yMm: from,
          widthMm: piece.mm,
          heightMm: to - from,
          label: '',
          use: piece.mm < board.lengthMm - DUST_MM || to - from < board.widthMm - DUST_MM ? 'spare' : 'used',
        })
        if (piece.ofMm - piece.mm >= staggerMm) over.push({ from: id, mm: piece.ofMm - piece.mm })
        x += piece.mm
        if (last !== undefined) joints.push(last)
        last = x
      }
    }
    before = joints
  }
  const laid = Math.abs(signedArea(outline))
  const bought = count * board.widthMm * board.lengthMm
  return { boards, count, wastePercent: laid > 0 ? (100 * (bought - laid)) / laid : 0, areaMm2: laid }
}

/** No row is ripped narrower than this (common practice: 50 mm, 2 in). */
export const LEAST_RIP_MM = 50

/** How much is ripped off the first row, so that it and the last are as wide as each other where the last would be too narrow. */
function firstRowRip(acrossMm: number, boardMm: number): number {
  const last = acrossMm - Math.floor(acrossMm / boardMm + 1e-9) * boardMm
  if (last < DUST_MM || last >= Math.min(LEAST_RIP_MM, boardMm / 2) || acrossMm < boardMm) return 0
  return (boardMm - last) / 2
}

/** The next piece of a row: an offcut for its beginning or its end, a whole board between, cut so that joints keep apart. */
function pieceFor(
  rest: number,
  begins: boolean,
  over: readonly { readonly from: number; readonly mm: number }[],
  lengthMm: number,
  staggerMm: number,
  clear: (mm: number) => boolean,
): { readonly mm: number; readonly ofMm: number; readonly from?: number } {
  if (rest <= lengthMm + DUST_MM) {
    // The shortest offcut that closes the row.
    const closes = over.filter((o) => o.mm >= rest - DUST_MM).sort((a, b) => a.mm - b.mm)[0]
    if (closes) return { mm: rest, ofMm: closes.mm, from: closes.from }
    return { mm: rest, ofMm: lengthMm }
  }
  if (begins) {
    const starts = [...over].sort((a, b) => b.mm - a.mm).find((o) => o.mm < rest && clear(o.mm))
    if (starts) return { mm: starts.mm, ofMm: starts.mm, from: starts.from }
  }
  for (let mm = lengthMm; mm >= staggerMm; mm -= 10) if (clear(mm)) return { mm, ofMm: lengthMm }
  return { mm: lengthMm, ofMm: lengthMm }
}

/** The floor with every board as it is laid. */
export function boardDrawing(
  outline: readonly Point[],
  doors: readonly FloorDoor[],
  plan: FloorPlan,
): Drawing {
  const { low } = floorBox(outline)
  return {
    ...drawnFloor(outline, doors),
    parts: plan.boards.map((b) => ({ ...b, xMm: b.xMm - low.x, yMm: b.yMm - low.y })),
  }
}

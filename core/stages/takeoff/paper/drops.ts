import type { Match } from '../../../model/vocabulary/takeoff.js'
import { DUST_MM, type Face } from '../trade.js'

/** A paper as it is sold. */
export interface Paper {
  readonly widthMm: number
  readonly lengthMm: number
  /** 0 when it has no pattern to match. */
  readonly repeatMm: number
  readonly match: Match
}

/** A length of paper to be cut: where it hangs, and where in the pattern it begins. */
export interface Drop {
  readonly nth: number
  readonly name: string
  readonly xMm: number
  readonly widthMm: number
  /** From the top of the face. */
  readonly yMm: number
  readonly heightMm: number
  /** Of the paper, with what is trimmed off both ends. */
  readonly lengthMm: number
  /** How far into a repeat its upper end lies; of a whole drop that comes first 0: where a roll begins is a choice. */
  readonly phaseMm: number
  /** A whole drop, not a short one over a door or under a window. */
  readonly whole: boolean
}

export const mod = (what: number, by: number): number => (by > 0 ? ((what % by) + by) % by : 0)
/**
 * Where the drops fall on a face: the first seam at `seamMm` from its left end (0 begins with a whole drop). Where a hole
 * takes the whole width of a drop only what is above and below it is cut, with the pattern running on behind it.
 *
 * @param trimMm cut off at each end when it hangs
 * @param before drops that hang before it: their numbers, and the turns of a half drop, go on
 */
export function layDrops(face: Face, paper: Paper, trimMm: number, seamMm = 0, before = 0): Drop[] {
  const first = mod(seamMm, paper.widthMm)
  const drops: Drop[] = []
  let nth = before
  for (
    let left = first > DUST_MM ? first - paper.widthMm : 0;
    left < face.widthMm - DUST_MM;
    left += paper.widthMm
  ) {
    const [from, to] = [Math.max(0, left), Math.min(face.widthMm, left + paper.widthMm)]
    const phase = paper.match === 'half drop' && nth % 2 === 1 ? paper.repeatMm / 2 : 0
    for (const [top, foot] of stretches(face, from, to)) {
      const whole = foot - top > face.heightMm - DUST_MM
      drops.push({
        nth: nth + 1,
        name: whole ? String(nth + 1) : `${nth + 1} ${top < DUST_MM ? 'above' : 'below'}`,
        xMm: from,
        widthMm: to - from,
        yMm: top,
        heightMm: foot - top,
        lengthMm: foot - top + 2 * trimMm,
        phaseMm: paper.match === 'free' ? 0 : mod(phase + top, paper.repeatMm),
        whole,
      })
    }
    nth++
  }
  return drops
}

/** What of a drop is to be papered, from the top: all of it, but where a hole is as wide as it. */
function stretches(face: Face, from: number, to: number): [number, number][] {
  const holes = face.holes
    .filter((h) => h.startMm <= from + DUST_MM && h.startMm + h.widthMm >= to - DUST_MM)
    .map((h): [number, number] => [face.heightMm - h.topMm, face.heightMm - h.bottomMm])
    .sort((x, y) => x[0] - y[0])
  const list: [number, number][] = []
  let at = 0
  for (const [top, foot] of holes) {
    if (top > at + DUST_MM) list.push([at, Math.min(top, face.heightMm)])
    at = Math.max(at, foot)
  }
  if (at < face.heightMm - DUST_MM) list.push([at, face.heightMm])
  return list
}

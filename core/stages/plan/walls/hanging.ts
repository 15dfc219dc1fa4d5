// Where pictures hang: all heights above the floor, all places from the left corner as seen from inside.

/** Height of the hook of a picture that hangs by its middle. @param dropMm from its top edge to the taut hook point */
export const hookHeight = (centerMm: number, heightMm: number, dropMm: number): number =>
  centerMm + heightMm / 2 - dropMm

/** Where a picture over a piece of furniture comes to hang. */
export function aboveFurniture(topMm: number, gapMm: number, heightMm: number, dropMm: number) {
  const bottomMm = topMm + gapMm
  return { bottomMm, hookMm: bottomMm + heightMm - dropMm, centerMm: bottomMm + heightMm / 2 }
}

/**
 * How far a wire between two fixings rises to one hook in its middle, and what each half of it carries.
 * @returns rise in the unit of the lengths; the angle from level in degrees; tension in the unit of the weight
 * @throws {RangeError} when the wire is shorter than the way between its fixings
 */
export function wireOnHook(spanMm: number, wireMm: number, weight: number) {
  if (wireMm < spanMm) throw new RangeError('a wire cannot be shorter than the way between its fixings')
  const rise = Math.sqrt((wireMm / 2) ** 2 - (spanMm / 2) ** 2)
  const angle = Math.atan2(rise, spanMm / 2)
  return {
    rise,
    angleDeg: (angle * 180) / Math.PI,
    tensionEach: angle > 0 ? weight / (2 * Math.sin(angle)) : Infinity,
  }
}

/** Hook drop of a picture with a wire: how far its fixings are below the top, less the rise of the wire. */
export const wireDrop = (fixingBelowTopMm: number, spanMm: number, wireMm: number): number =>
  fixingBelowTopMm - wireOnHook(spanMm, wireMm, 0).rise

/** Where the hooks of one picture go: in the middle, or evenly about it. */
export function hookPlaces(centerXMm: number, hooks: number, spanMm: number): number[] {
  if (hooks <= 1) return [centerXMm]
  return Array.from({ length: hooks }, (_, i) => centerXMm - spanMm / 2 + (i * spanMm) / (hooks - 1))
}

/** Middles of pieces spread evenly along a wall: all gaps, those at the ends too, are equal. */
export function spreadEvenly(wallMm: number, widths: readonly number[]) {
  const gap = (wallMm - widths.reduce((sum, w) => sum + w, 0)) / (widths.length + 1)
  return { gap, ...rowFrom(gap, gap, widths) }
}

/** Middles of a group with one gap between its pieces, centered on a stretch of wall. */
export function groupCentered(wallMm: number, widths: readonly number[], gapMm: number, fromMm = 0) {
  const groupWidth = widths.reduce((sum, w) => sum + w, 0) + (widths.length - 1) * gapMm
  const margin = (wallMm - groupWidth) / 2
  return { groupWidth, margin, ...rowFrom(fromMm + margin, gapMm, widths) }
}

function rowFrom(startMm: number, gapMm: number, widths: readonly number[]) {
  const left: number[] = []
  const centers: number[] = []
  let at = startMm
  for (const w of widths) {
    left.push(at)
    centers.push(at + w / 2)
    at += w + gapMm
  }
  return { left, centers }
}

export interface GridAsk {
  readonly rows: number
  readonly columns: number
  readonly widthMm: number
  readonly heightMm: number
  readonly gapMm: number
  readonly centerXMm: number
  readonly centerMm: number
}

/** A block of equal pieces in even rows, top row first; the whole block is centered. */
export function gridOf({ rows, columns, widthMm, heightMm, gapMm, centerXMm, centerMm }: GridAsk) {
  const block = {
    widthMm: columns * widthMm + (columns - 1) * gapMm,
    heightMm: rows * heightMm + (rows - 1) * gapMm,
  }
  const columnCenters = Array.from(
    { length: columns },
    (_, c) => centerXMm - block.widthMm / 2 + widthMm / 2 + c * (widthMm + gapMm),
  )
  const rowCenters = Array.from(
    { length: rows },
    (_, r) => centerMm + block.heightMm / 2 - heightMm / 2 - r * (heightMm + gapMm),
  )
  return {
    block,
    columnCenters,
    rowCenters,
    topMm: centerMm + block.heightMm / 2,
    places: rowCenters.flatMap((y) => columnCenters.map((x) => ({ xMm: x, centerMm: y }))),
  }
}

/** Pieces stacked upward from one whose middle stays on the eye line: the stack is not centered anew. */
export function stackUp(eyeLineMm: number, heights: readonly number[], gapMm: number): number[] {
  let top = 0
  return heights.map((h, i) => {
    const center = i === 0 ? eyeLineMm : top + gapMm + h / 2
    top = center + h / 2
    return center
  })
}

/** Left and right of a middle answer each other: each pair hangs at one height, told from the middle outward. */
export function staggered(centerXMm: number, offsets: readonly number[], heights: readonly number[]) {
  return offsets.flatMap((offset, i) => {
    const centerMm = heights[i] ?? heights[0] ?? 0
    return offset === 0
      ? [{ xMm: centerXMm, centerMm }]
      : [
          { xMm: centerXMm - offset, centerMm },
          { xMm: centerXMm + offset, centerMm },
        ]
  })
}

/** One hung thing, as wide and high as the eye sees it. */
export interface Placed {
  readonly id: string
  readonly name: string
  readonly xMm: number
  readonly centerMm: number
  readonly widthMm: number
  readonly heightMm: number
}

export interface Outline {
  readonly leftMm: number
  readonly rightMm: number
  readonly bottomMm: number
  readonly topMm: number
}

/** The outline a group is read by, with what unites it: a painted block that reaches beyond it on every side. */
export function groupOutline(
  members: readonly Placed[],
  blockBeyondMm = 0,
): Outline & { widthMm: number; heightMm: number } {
  const leftMm = Math.min(...members.map((m) => m.xMm - m.widthMm / 2)) - blockBeyondMm
  const rightMm = Math.max(...members.map((m) => m.xMm + m.widthMm / 2)) + blockBeyondMm
  const bottomMm = Math.min(...members.map((m) => m.centerMm - m.heightMm / 2)) - blockBeyondMm
  const topMm = Math.max(...members.map((m) => m.centerMm + m.heightMm / 2)) + blockBeyondMm
  return { leftMm, rightMm, bottomMm, topMm, widthMm: rightMm - leftMm, heightMm: topMm - bottomMm }
}

/** A difference this small is not seen in a grid (common practice); a finger's width spoils it. */
export const GRID_SLACK_MM = 2

export interface OffGrid {
  readonly id: string
  readonly name: string
  /** Where it would be in line. */
  readonly xMm: number
  readonly centerMm: number
  readonly offMm: number
}

/**
 * Pieces out of line in a straight grid. Rows and columns are found by what most of them share, so that one shifted
 * piece does not move the rest.
 */
export function offGrid(members: readonly Placed[]): OffGrid[] {
  const rows = lines(
    members.map((m) => m.centerMm),
    Math.min(...members.map((m) => m.heightMm)) / 2,
  )
  const columns = lines(
    members.map((m) => m.xMm),
    Math.min(...members.map((m) => m.widthMm)) / 2,
  )
  const even = { rows: evened(rows), columns: evened(columns) }
  return members.flatMap((m): OffGrid[] => {
    const centerMm = nearest(even.rows, m.centerMm)
    const xMm = nearest(even.columns, m.xMm)
    const offMm = Math.round(Math.max(Math.abs(centerMm - m.centerMm), Math.abs(xMm - m.xMm)))
    return offMm > GRID_SLACK_MM
      ? [{ id: m.id, name: m.name, xMm: Math.round(xMm), centerMm: Math.round(centerMm), offMm }]
      : []
  })
}

/** Values that lie close together as one line each, at their median. */
function lines(values: readonly number[], apart: number): number[] {
  const sorted = [...values].sort((a, b) => a - b)
  const groups: number[][] = []
  for (const v of sorted) {
    const last = groups[groups.length - 1]
    const end = last?.[last.length - 1]
    if (last && end !== undefined && v - end < apart) last.push(v)
    else groups.push([v])
  }
  return groups.map((g) => g[Math.floor((g.length - 1) / 2)] ?? 0)
}

/** Lines at equal steps: the median step, laid so that most lines keep their place. */
function evened(at: readonly number[]): number[] {
  if (at.length < 3) return [...at]
  const steps = at.slice(1).map((v, i) => v - (at[i] ?? 0))
  const step = [...steps].sort((a, b) => a - b)[Math.floor((steps.length - 1) / 2)] ?? 0
  const starts = at.map((v, i) => v - i * step).sort((a, b) => a - b)
  const start = starts[Math.floor((starts.length - 1) / 2)] ?? 0
  return at.map((_, i) => start + i * step)
}

const nearest = (at: readonly number[], v: number): number =>
  at.reduce((best, a) => (Math.abs(a - v) < Math.abs(best - v) ? a : best), at[0] ?? v)

export interface Mismatch {
  readonly one: Placed
  readonly two: Placed
  readonly byMm: number
}

/** A mirrored pair may differ by this much before it is seen (common practice). */
export const PAIR_SLACK_MM = 5

/**
 * Mirrored pairs about the middle of a staggered row whose heights differ. Heights along the row may differ as they
 * like: that is the school.
 */
export function mismatchedPairs(members: readonly Placed[]): Mismatch[] {
  const { leftMm, rightMm } = groupOutline(members)
  const middle = (leftMm + rightMm) / 2
  const left = members.filter((m) => m.xMm < middle - 1).sort((a, b) => b.xMm - a.xMm)
  const right = members.filter((m) => m.xMm > middle + 1).sort((a, b) => a.xMm - b.xMm)
  return left.flatMap((one, i): Mismatch[] => {
    const two = right[i]
    const byMm = two ? Math.round(Math.abs(one.centerMm - two.centerMm)) : 0
    return two && byMm > PAIR_SLACK_MM ? [{ one, two, byMm }] : []
  })
}

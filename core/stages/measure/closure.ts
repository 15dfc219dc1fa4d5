import { cross, distance, minus, plus, selfCrossing, type Point } from '../../kernel/geometry/polygon.js'
import { layRun, type RunWall, type WallRun } from './wallRun.js'

/** A step of a traverse, as its two components. */
export interface Step {
  readonly x: number
  readonly y: number
}

/**
 * The compass (Bowditch) rule: the closing error is spread over the legs in proportion to their lengths.
 *
 * @returns the corrected steps; they add up to zero
 */
export function compassRule(steps: readonly Step[]): Step[] {
  const length = (s: Step) => Math.hypot(s.x, s.y)
  const all = steps.reduce((sum, s) => sum + length(s), 0)
  if (all === 0) return [...steps]
  const error = steps.reduce((sum, s) => plus(sum, s), { x: 0, y: 0 })
  return steps.map((s) => plus(s, error, -length(s) / all))
}

/**
 * The largest closing error that is spread without a question: 15 mm, or one part in 400 of the run when that is
 * more (common practice: tape readings good to a few millimeters and corners that are not quite square).
 */
export const closingToleranceMm = (runMm: number): number => Math.max(15, Math.round(runMm / 400))

/** A diagonal is out when it misses by more than this many millimeters, or one part in 300 (common practice). */
export const diagonalToleranceMm = (mm: number): number => Math.max(10, Math.round(mm / 300))

export interface Diagonal {
  readonly id: string
  readonly fromWallId: string
  readonly toWallId: string
  readonly lengthMm: number
}

export interface DiagonalCheck {
  readonly diagonal: Diagonal
  /** As the outline has it. */
  readonly computedMm: number
  /** Measured less computed. */
  readonly offMm: number
  readonly agrees: boolean
  /**
   * When the diagonal spans two neighboring walls, the three lengths fix the turn between them (law of cosines);
   * the wall before that corner and the turn it should have.
   */
  readonly corner?: { readonly wallId: string; readonly turnDeg: number }
}

/** What the compass rule did to one wall. */
export interface Correction {
  readonly wallId: string
  readonly lengthMm: number
  readonly correctedMm: number
  /** Change of direction, degrees; right is positive. */
  readonly turnedDeg: number
}

/** empty: no walls · open: turns not complete · closed: within tolerance · gap: turns complete, but it misses · crossed: it cuts through itself */
export type RunState = 'empty' | 'open' | 'closed' | 'gap' | 'crossed'

export interface Closure {
  readonly state: RunState
  readonly run: WallRun
  readonly toleranceMm: number
  /** Corner points after the compass rule, in the order of the walls; the first is where wall 1 begins. */
  readonly corners: readonly Point[]
  readonly corrections: readonly Correction[]
  readonly diagonals: readonly DiagonalCheck[]
  /** Where the outline crosses itself: the two walls by index. */
  readonly crossed: readonly [number, number] | undefined
}

/** Closes a run of walls: lays it, spreads its error by the compass rule and compares the diagonals. */
export function closeRun(walls: readonly RunWall[], diagonals: readonly Diagonal[] = []): Closure {
  const run = layRun(walls)
  const toleranceMm = closingToleranceMm(run.lengthMm)
  const open = walls.length < 3 || run.stillToTurnDeg > 0
  const steps = run.legs.map((l) => minus(l.to, l.from))
  const adjusted = open ? steps : compassRule(steps)
  const corners: Point[] = []
  let at: Point = { x: 0, y: 0 }
  for (const step of adjusted) {
    corners.push(at)
    at = plus(at, step)
  }
  if (open) corners.push(at)
  const crossed = open ? undefined : selfCrossing(corners)?.sides
  const state: RunState =
    walls.length === 0
      ? 'empty'
      : open
        ? 'open'
        : run.gapMm > toleranceMm
          ? 'gap'
          : crossed
            ? 'crossed'
            : 'closed'
  return {
    state,
    run,
    toleranceMm,
    corners,
    crossed,
    corrections: run.legs.map((leg, i): Correction => {
      const [was, is] = [steps[i] ?? { x: 0, y: 0 }, adjusted[i] ?? { x: 0, y: 0 }]
      return {
        wallId: leg.wall.id,
        lengthMm: leg.wall.lengthMm,
        correctedMm: Math.hypot(is.x, is.y),
        turnedDeg: (Math.atan2(cross(was, is), was.x * is.x + was.y * is.y) * 180) / Math.PI,
      }
    }),
    diagonals: checkDiagonals(walls, corners, run.sense, diagonals),
  }
}

/** Diagonals against an outline; those that name a wall which is gone are left out. */
export function checkDiagonals(
  walls: readonly RunWall[],
  corners: readonly Point[],
  sense: 'right' | 'left',
  diagonals: readonly Diagonal[],
): DiagonalCheck[] {
  const n = walls.length
  const at = (wallId: string) => walls.findIndex((w) => w.id === wallId)
  return diagonals.flatMap((diagonal): DiagonalCheck[] => {
    const [i, j] = [at(diagonal.fromWallId), at(diagonal.toWallId)]
    const [a, b] = [corners[i], corners[j]]
    if (!a || !b || i === j) return []
    const computedMm = distance(a, b)
    const offMm = diagonal.lengthMm - computedMm
    const check = {
      diagonal,
      computedMm,
      offMm,
      agrees: Math.abs(offMm) <= diagonalToleranceMm(diagonal.lengthMm),
    }
    const first = (j - i + n) % n === 2 ? i : (i - j + n) % n === 2 ? j : undefined
    const [one, two] = first === undefined ? [] : [walls[first], walls[(first + 1) % n]]
    const angle = one && two && cornerAngleDeg(one.lengthMm, two.lengthMm, diagonal.lengthMm)
    if (!one || angle === undefined) return [check]
    const turn = Math.round((180 - angle) * 10) / 10
    const left = one.turnDeg < 0 || (one.turnDeg === 0 && sense === 'left')
    return [{ ...check, corner: { wallId: one.id, turnDeg: left ? -turn : turn } }]
  })
}

/**
 * Angle between two walls from their lengths and the diagonal across the corner, by the law of cosines.
 * @returns degrees, or undefined when the three cannot form a triangle
 */
export function cornerAngleDeg(oneMm: number, twoMm: number, diagonalMm: number): number | undefined {
  const cosine = (oneMm ** 2 + twoMm ** 2 - diagonalMm ** 2) / (2 * oneMm * twoMm)
  return Math.abs(cosine) > 1 ? undefined : (Math.acos(cosine) * 180) / Math.PI
}

import { roundMm, sumMm } from '../../kernel/units/mm.js'
import { distance, plus, unit, type Point } from '../../kernel/geometry/polygon.js'
import type { Wall } from '../../model/rows/walls.js'

/** What laying a run needs of a wall. */
export type RunWall = Pick<Wall, 'id' | 'name' | 'lengthMm' | 'turnDeg'>

/** One wall laid on the plan. */
export interface Leg {
  readonly wall: RunWall
  /** Place in the run, from 0. */
  readonly index: number
  /** Heading, 0° along the first wall, right turns add. */
  readonly headingDeg: number
  readonly from: Point
  readonly to: Point
}

export interface WallRun {
  readonly legs: readonly Leg[]
  /** All turns added up; a closed room gives 360 walked to the right, −360 walked to the left. */
  readonly turnDeg: number
  /** Which way the walls were walked. With the room on the right hand, walls are read left to right. */
  readonly sense: 'right' | 'left'
  /** Degrees still to turn before the run can close, in its own sense; 0 when the turns are complete. */
  readonly stillToTurnDeg: number
  /** Length of the whole run. */
  readonly lengthMm: number
  /** From where the run ends back to where it began; both 0 in a run that closes. */
  readonly gap: Point
  readonly gapMm: number
}

/**
 * Degrees the turns may miss before the run counts as unfinished: a corner is read to about half a degree, and n
 * readings wander by √n (common practice).
 */
export const turnToleranceDeg = (walls: number): number => 0.5 * Math.sqrt(Math.max(1, walls))

/**
 * Lays the walls one after another, the first from (0, 0) to the right. Small angular errors, within
 * {@link turnToleranceDeg}, are spread over the corners alike before anything is measured, as surveyors balance
 * angles before lengths.
 */
export function layRun(walls: readonly RunWall[]): WallRun {
  const turnDeg = walls.reduce((sum, w) => sum + w.turnDeg, 0)
  const sense = turnDeg < 0 ? 'left' : 'right'
  const whole = sense === 'right' ? 360 : -360
  const missing = whole - turnDeg
  const turned = Math.abs(missing) <= turnToleranceDeg(walls.length)
  const each = turned && walls.length > 0 ? missing / walls.length : 0
  const legs: Leg[] = []
  let [from, headingDeg]: [Point, number] = [{ x: 0, y: 0 }, 0]
  walls.forEach((wall, index) => {
    const to = plus(from, unit(headingDeg), wall.lengthMm)
    legs.push({ wall, index, headingDeg, from, to })
    headingDeg += wall.turnDeg + each
    from = to
  })
  const gap = { x: -from.x, y: -from.y }
  return {
    legs,
    turnDeg,
    sense,
    stillToTurnDeg: turned ? 0 : Math.round(Math.abs(missing) * 10) / 10,
    lengthMm: sumMm(walls.map((w) => w.lengthMm)),
    gap,
    // To the decimals that are kept: a run of sixty-fourths that closes misses by nothing.
    gapMm: roundMm(distance(from, { x: 0, y: 0 })),
  }
}

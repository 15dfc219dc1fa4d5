import { dot, plus, unit, type Point } from '../../kernel/geometry/polygon.js'
import { checkDiagonals, closeRun, closingToleranceMm, type Diagonal } from './closure.js'
import { layRun, type RunWall, type WallRun } from './wallRun.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import { saySlip, slipOf, type LengthSlip } from './tapeSlips.js'

/** How a reading can have gone wrong, from the most to the least telling. */
export type Slip = LengthSlip | 'corner turned the other way' | 'missed wall'

/** A change of the run that would close it. */
export interface Suspect {
  readonly slip: Slip
  /** The wall to look at; for a missed wall the one before it. */
  readonly wallId: string
  readonly wallName: string
  /** What the wall's length would be, or the length of the wall that is missing. */
  readonly lengthMm: number
  /** The turn at the end of the wall, where that is what changes. */
  readonly turnDeg?: number
  /** For a missed wall: the turn at its own end. */
  readonly thenTurnDeg?: number
  /** How far the run would still miss. */
  readonly leftMm: number
  /** Diagonals that would still disagree. */
  readonly diagonalsOff: number
  readonly because: string
}

// Common practice: which slips are met most often on site. A lower figure is told first among those that close alike.
const RANK: Readonly<Record<Slip, number>> = {
  'corner turned the other way': 0,
  'missed wall': 1,
  'swapped digits': 2,
  'inch read as centimeter': 3,
  'decimal point': 3,
  'tape begun past its end': 4,
  'one digit': 5,
  length: 6,
}

const LIMIT_MM = 50_000

const nameAt = (walls: readonly RunWall[], i: number) => walls[i]?.name || `Wall ${i + 1}`

/**
 * What would explain a run that does not close, the likeliest first. Nothing is changed: each suspect says which
 * wall to measure again and what it would then read.
 *
 * A single wrong length moves the end along its own wall, so only walls that run the way of the gap can explain it;
 * walls that lie alike explain it alike, and a diagonal tells them apart. A missed wall and a corner turned the
 * wrong way are tried at every corner.
 *
 * @returns at most `most`; empty when the run closes or nothing single explains it
 */
export function explainGap(
  walls: readonly RunWall[],
  diagonals: readonly Diagonal[],
  says: Formatter,
  most = 5,
): Suspect[] {
  const { run, state } = closeRun(walls)
  if (walls.length < 3 || state === 'closed' || state === 'crossed') return []
  const suspects =
    run.stillToTurnDeg === 0
      ? [...wrongLengths(walls, run, says), ...missedWalls(walls, run, says)]
      : [...wrongCorners(walls), ...missedWalls(walls, run, says)]
  // With every turn written down a whole wall was hardly walked past; a misread figure is likelier.
  const rank = (slip: Slip) =>
    slip === 'missed wall' && run.stillToTurnDeg === 0 ? RANK['one digit'] + 0.5 : RANK[slip]
  return suspects
    .map((s) => ({ ...s, diagonalsOff: diagonalsOff(walls, s, diagonals) }))
    .sort(
      (x, y) =>
        x.diagonalsOff - y.diagonalsOff ||
        rank(x.slip) - rank(y.slip) ||
        x.leftMm - y.leftMm ||
        y.lengthMm - x.lengthMm,
    )
    .slice(0, most)
}

function wrongLengths(walls: readonly RunWall[], run: WallRun, says: Formatter): Suspect[] {
  return run.legs.flatMap((leg): Suspect[] => {
    const along = unit(leg.headingDeg)
    const readMm = leg.wall.lengthMm
    const wanted = readMm + dot(run.gap, along)
    const tolerance = (mm: number) => closingToleranceMm(run.lengthMm - readMm + mm)
    const missed = (mm: number) => {
      const left = plus(run.gap, along, readMm - mm)
      return Math.hypot(left.x, left.y)
    }
    const closes = (mm: number) => missed(mm) <= tolerance(mm)
    const exact = Math.round(wanted)
    if (exact < 10 || exact > LIMIT_MM || !closes(exact)) return []
    // A slip is named when it lands nearer than half the tolerance: small errors of the other walls ride along.
    const named = slipOf(readMm, wanted, Math.max(5, tolerance(exact) / 2), says)
    const { slip, mm } = closes(named.mm) ? named : { slip: 'length' as const, mm: exact }
    return [
      {
        slip,
        wallId: leg.wall.id,
        wallName: nameAt(walls, leg.index),
        lengthMm: mm,
        leftMm: Math.round(missed(mm)),
        diagonalsOff: 0,
        because: saySlip(slip, readMm, mm, says),
      },
    ]
  })
}

function wrongCorners(walls: readonly RunWall[]): Suspect[] {
  return walls.flatMap((wall, i): Suspect[] => {
    if (wall.turnDeg === 0) return []
    const turned = walls.map((w, k) => (k === i ? { ...w, turnDeg: -w.turnDeg } : w))
    const run = layRun(turned)
    if (run.stillToTurnDeg > 0 || run.gapMm > closingToleranceMm(run.lengthMm)) return []
    return [
      {
        slip: 'corner turned the other way',
        wallId: wall.id,
        wallName: nameAt(walls, i),
        lengthMm: wall.lengthMm,
        turnDeg: -wall.turnDeg,
        leftMm: Math.round(run.gapMm),
        diagonalsOff: 0,
        because: `turned ${wall.turnDeg > 0 ? 'left' : 'right'} instead of ${wall.turnDeg > 0 ? 'right' : 'left'} at its end, the run closes`,
      },
    ]
  })
}

/** Tries one more wall at every corner, square to the wall before it. */
function missedWalls(walls: readonly RunWall[], run: WallRun, says: Formatter): Suspect[] {
  const rest = (run.sense === 'right' ? 360 : -360) - run.turnDeg
  return walls.flatMap((wall, i) =>
    [90, -90].flatMap((turnDeg): Suspect[] => {
      const thenTurnDeg = wall.turnDeg + rest - turnDeg
      if (Math.abs(thenTurnDeg) >= 180 || thenTurnDeg === 0) return []
      const added = { id: 'missed', name: '', lengthMm: 0, turnDeg: thenTurnDeg }
      const turned = { ...wall, turnDeg }
      const tried = [...walls.slice(0, i), turned, added, ...walls.slice(i + 1)]
      const without = layRun(tried)
      const along = unit(without.legs[i + 1]?.headingDeg ?? 0)
      const lengthMm = Math.round(dot(without.gap, along))
      const left = plus(without.gap, along, -lengthMm)
      const leftMm = Math.hypot(left.x, left.y)
      // A wall shorter than a hand's breadth is a wrong reading and not a wall that was walked past.
      if (without.stillToTurnDeg > 0 || lengthMm < 60 || leftMm > closingToleranceMm(run.lengthMm)) return []
      if (closeRun(tried.map((w) => (w === added ? { ...w, lengthMm } : w))).state === 'crossed') return []
      return [
        {
          slip: 'missed wall',
          wallId: wall.id,
          wallName: nameAt(walls, i),
          lengthMm,
          turnDeg,
          thenTurnDeg,
          leftMm: Math.round(leftMm),
          diagonalsOff: 0,
          because: `a wall of ${says.length(lengthMm)} after it, turning ${turnDeg > 0 ? 'right' : 'left'} into it, was not written down`,
        },
      ]
    }),
  )
}

/** The run with a suspect put right. */
export function withSuspect<W extends RunWall>(walls: readonly W[], suspect: Suspect, added: W): W[] {
  return walls.flatMap((w): W[] => {
    if (w.id !== suspect.wallId) return [w]
    if (suspect.slip === 'missed wall')
      return [
        { ...w, turnDeg: suspect.turnDeg ?? w.turnDeg },
        { ...added, lengthMm: suspect.lengthMm, turnDeg: suspect.thenTurnDeg ?? 0 },
      ]
    return [{ ...w, lengthMm: suspect.lengthMm, turnDeg: suspect.turnDeg ?? w.turnDeg }]
  })
}

function diagonalsOff(walls: readonly RunWall[], suspect: Suspect, diagonals: readonly Diagonal[]): number {
  if (diagonals.length === 0) return 0
  const right = withSuspect(walls, suspect, { id: 'missed', name: '', lengthMm: 0, turnDeg: 0 })
  const { corners, run } = closeRun(right)
  return checkDiagonals(right, corners, run.sense, diagonals).filter((d) => !d.agrees).length
}

/**
 * Says where the gap lies as seen by someone standing at the end of the run: along which way of the plan.
 * @param length a length in the units of the studio
 */
export function gapWords(gap: Point, length: (mm: number) => string): string {
  const parts = [
    Math.abs(gap.x) >= 0.5 && `${length(Math.abs(gap.x))} to the ${gap.x > 0 ? 'right' : 'left'}`,
    Math.abs(gap.y) >= 0.5 && `${length(Math.abs(gap.y))} ${gap.y > 0 ? 'down' : 'up'}`,
  ].filter(Boolean)
  return parts.join(', ') || 'none'
}

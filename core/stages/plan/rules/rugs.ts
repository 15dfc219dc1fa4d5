import type { PlanFacts } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { type RugAdvice, rugAdvice, chosenRug } from '../rug.js'
import { boxGap, boxHolds, boxOf, distance } from '../../../kernel/geometry/box.js'
import { freeRectangles, largestRound } from '../freeFloor.js'
import { anchorSeat } from '../seatGroup.js'
import { RUG_SIZES, RUNNER_SIZES } from '../rugSizes.js'
import type { Fix } from '../../../findings/finding.js'
import { lower } from './about.js'
import { CUP_TABLES, TABLE_OF_SEAT_MM } from './space.js'
import { put } from '../../../model/changes.js'

/** A rug of this size is for seats wherever it lies (common practice: 4 by 5 ft and more). */
const LARGE_MM2 = 1.8e6
const LARGE_SIDE_MM = 1_000

/** Rugs of the seats: large ones, and small ones that lie among them, under their table or in their middle. Not runners and mats. */
export const seatRugs = (facts: PlanFacts): Standing[] =>
  facts.rugs.filter(
    (r) =>
      (r.widthMm * r.depthMm >= LARGE_MM2 && Math.min(r.widthMm, r.depthMm) >= LARGE_SIDE_MM) ||
      liesAmong(facts, r),
  )

function liesAmong({ seats, standings }: PlanFacts, rug: Standing): boolean {
  const holdsTable = standings.some(
    (s) =>
      CUP_TABLES.has(s.kind) &&
      boxHolds(rug.box, s.box) &&
      seats.some((seat) => boxGap(seat.box, s.box) < TABLE_OF_SEAT_MM),
  )
  if (holdsTable || seats.length < 2) return holdsTable
  const middle = {
    x: seats.reduce((sum, s) => sum + s.box.x, 0) / seats.length,
    y: seats.reduce((sum, s) => sum + s.box.y, 0) / seats.length,
  }
  return distance(rug.box, middle) < Math.min(...seats.map((s) => distance(s.box, middle)))
}

/** What the rug adviser would lay for the seats of the room, in its school. */
export function adviseRug(facts: PlanFacts): {
  readonly all: readonly RugAdvice[]
  readonly chosen: RugAdvice | undefined
} {
  const table = facts.standings.find((s) => s.kind === 'low table')
  const all = rugAdvice({
    seats: facts.seats,
    room: facts.room,
    sizes: RUG_SIZES[facts.says.system],
    joinable: RUNNER_SIZES[facts.says.system],
    borderMm: facts.needs.rugBorder,
    around: table?.box,
  })
  return { all, chosen: chosenRug(all, facts.schools.rug, facts.needs.rugBorder) }
}

/** What else than a stock size lies on the floor: cut to measure, or round; most in a room with a projection. */
export function otherRugs(facts: PlanFacts): {
  readonly made: readonly { readonly widthMm: number; readonly depthMm: number }[]
  readonly roundMm: number | undefined
  /** The floor is no rectangle: an irregular one is freer than either. */
  readonly awkward: boolean
} {
  const axis = anchorSeat(facts.seats)?.box ?? boxOf(0, 0, 1, 1, 0)
  const border = facts.needs.rugBorder
  const free = freeRectangles(facts.room, axis)
  return {
    made: free
      .map((b) => ({ widthMm: 2 * (b.halfW - border), depthMm: 2 * (b.halfD - border) }))
      .filter((m) => Math.min(m.widthMm, m.depthMm) > 3 * border)
      .slice(0, 2),
    roundMm: largestRound(facts.room)?.diameterMm,
    awkward: free.length > 1,
  }
}

/** Lays the advised size where it is advised, in the place of a rug. */
export function layInstead(facts: PlanFacts, rug: Standing): Fix[] {
  if (!facts.withFixes || rug.piece.stays) return []
  const { chosen } = adviseRug(facts)
  if (!chosen || chosen.joined) return []
  const turn = Math.round(((Math.atan2(chosen.box.uy, chosen.box.ux) * 180) / Math.PI + 360) % 360)
  return [
    {
      label: `Lay one of ${chosen.size.name} instead: ${chosen.verdict}, ${facts.says.length(chosen.leastBorderMm)} of floor left`,
      changes: [
        put('pieces', rug.pieceId, {
          widthMm: Math.round(2 * chosen.box.halfW),
          depthMm: Math.round(2 * chosen.box.halfD),
        }),
        put('floorPlacements', rug.id, {
          xMm: Math.round(chosen.box.x),
          yMm: Math.round(chosen.box.y),
          turnDeg: turn,
          optionId: null,
        }),
      ],
    },
  ]
}

/** The same rug, shifted or turned so that the front legs stand on it. */
export function shiftOnto(facts: PlanFacts, rug: Standing): Fix[] {
  if (!facts.withFixes || rug.piece.stays || facts.seats.length === 0) return []
  const found = rugAdvice({
    seats: facts.seats,
    room: facts.room,
    borderMm: facts.needs.rugBorder,
    sizes: [
      {
        name: 'this',
        shortMm: Math.min(rug.widthMm, rug.depthMm),
        longMm: Math.max(rug.widthMm, rug.depthMm),
      },
    ],
  }).find((a) => a.verdict === 'front legs' || a.verdict === 'all legs')
  if (!found) return []
  const same = Math.abs(2 * found.box.halfW - rug.widthMm) < 1
  const turn = Math.round(
    ((Math.atan2(found.box.uy, found.box.ux) * 180) / Math.PI + (same ? 0 : 90) + 360) % 360,
  )
  return [
    {
      label: `Shift ${lower(rug.name)} under the front legs`,
      changes: [
        put('floorPlacements', rug.id, {
          xMm: Math.round(found.box.x),
          yMm: Math.round(found.box.y),
          turnDeg: turn,
        }),
      ],
    },
  ]
}

/** How often the floor of one zone breaks: rugs beyond the first, finishes beyond the first. */
export const floorBreaks = (rugs: number, floorFinishes: number): number =>
  Math.max(0, rugs - 1) + Math.max(0, floorFinishes - 1)

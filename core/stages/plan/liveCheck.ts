import type { Point } from '../../kernel/geometry/polygon.js'
import { freeBefore } from './free.js'
import { isFlat, type Side } from './needs.js'
import { inFixture, inSwing, SLACK_MM, standIn, SWING_MM2 } from './nudge.js'
import type { PlanFacts } from './planFacts.js'
import { insideRoom } from './insideRoom.js'
import { kneesOf, sidesOf, tightSides } from './rules/space.js'
import { sideOf, type Standing } from './standing.js'

/** A distance shown on the plan as a dimension. */
export interface LiveGap {
  readonly from: Point
  readonly to: Point
  readonly mm: number
  /** Too little for what stands there. */
  readonly tight: boolean
}

/** Free floor a piece wants on one side, as an outline. */
export interface LiveZone {
  readonly points: readonly Point[]
  readonly tight: boolean
}

export interface LiveCheck {
  readonly zones: readonly LiveZone[]
  /** What forbids the place, in words; empty when nothing does. */
  readonly stops: readonly string[]
  readonly gaps: readonly LiveGap[]
}

const SIDES: readonly Side[] = ['front', 'right', 'back', 'left']
// Farther than this a distance is no measure anybody takes.
const SHOWN_MM = 4_000

/** The checks of one moved piece against everything else: what is told while it is being moved. */
export function liveCheck(facts: PlanFacts, moved: Standing): LiveCheck {
  const others = facts.standings.filter((s) => s.id !== moved.id)
  const stops: string[] = []
  if (!isFlat(moved.kind)) {
    const slack = { ...moved.box, halfW: moved.box.halfW - SLACK_MM, halfD: moved.box.halfD - SLACK_MM }
    if (!insideRoom(slack, facts.room)) stops.push('in the wall')
    const fixture = inFixture(moved, facts.room)
    if (fixture) stops.push(`in ${fixture.name || fixture.kind}`)
    for (const o of facts.room.openings)
      if (inSwing(moved, o.swept) > SWING_MM2) stops.push(`in the swing of ${o.name || 'the door'}`)
    for (const o of others) if (standIn(moved, o) > 0) stops.push(`in ${o.name}`)
  } else if (!insideRoom(moved.box, facts.room)) stops.push('does not lie flat')
  const now = { ...facts, solid: facts.solid.map((s) => (s.id === moved.id ? moved : s)) }
  const tight = isFlat(moved.kind) ? [] : tightSides(now, moved)
  const solid = others.filter((s) => !isFlat(s.kind))
  const own = facts.seats.some((s) => s.id === moved.id) ? kneesOf(facts, moved) : undefined
  const nearKnees = own !== undefined && own.mm < facts.needs.kneesLeast
  const gaps = SIDES.flatMap((side): LiveGap[] => {
    const free = freeBefore(moved, side, facts.room, isFlat(moved.kind) ? [] : solid)
    if (!Number.isFinite(free.mm) || free.mm < 1 || free.mm > SHOWN_MM) return []
    return [
      {
        from: free.from,
        to: free.to,
        mm: Math.round(free.mm),
        tight: tight.some((t) => t.need.side === side) || (side === 'front' && nearKnees),
      },
    ]
  })
  const knees =
    moved.kind === 'low table'
      ? facts.seats.flatMap((s) => kneesOf({ ...facts, standings: [moved] }, s) ?? [])
      : []
  return {
    stops,
    zones: zonesDrawn(now, moved),
    gaps: [
      ...gaps,
      ...knees
        .filter((k) => k.mm >= 1 && k.mm < facts.needs.kneesLeast)
        .map((k) => ({ from: k.from, to: k.to, mm: Math.round(k.mm), tight: true })),
    ],
  }
}

/** The floor a piece wants before, behind or beside it, drawn for the eye. */
function zonesDrawn(facts: PlanFacts, s: Standing): LiveZone[] {
  return sidesOf(facts, s).map(({ need, wantMm, free }) => {
    const { origin, along, normal, half } = sideOf(s.box, need.side)
    const at = (a: number, n: number): Point => ({
      x: origin.x + along.x * a + normal.x * n,
      y: origin.y + along.y * a + normal.y * n,
    })
    return {
      points: [at(-half, 0), at(half, 0), at(half, wantMm), at(-half, wantMm)],
      tight: free.mm < wantMm - 0.5,
    }
  })
}

import { carryIn, type CarryIn } from './carryIn.js'
import { standsClear } from './nudge.js'
import { mustComeIn, type PlanFacts } from './planFacts.js'
import { tightSides } from './rules/space.js'
import { sideOf, standing, type Standing } from './standing.js'

/** The largest size that a place leaves to a piece, and what sets it. */
export interface RoomFor {
  readonly widthMm: number
  readonly depthMm: number
  readonly widthBy: string
  readonly depthBy: string
}

const STEP_MM = 10
/** No single piece is looked for beyond this. */
const MOST_MM = 6_000

/**
 * How large a piece may be where one stands now: first as wide as the place takes about its middle, then as deep as it
 * takes from its back; clear of everything, no side tighter than its kind needs, and still through the way in.
 *
 * @returns sizes in whole 10 mm, never below what stands there; undefined when what stands there is itself not clear
 */
export function roomFor(facts: PlanFacts, s: Standing): RoomFor | undefined {
  if (trouble(facts, s) !== undefined) return undefined
  let at = s
  let widthBy = ''
  let depthBy = ''
  while (at.widthMm + STEP_MM <= MOST_MM) {
    const wider = sized(s, at.widthMm + STEP_MM, at.depthMm)
    widthBy = trouble(facts, wider) ?? ''
    if (widthBy) break
    at = wider
  }
  while (at.depthMm + STEP_MM <= MOST_MM) {
    const deeper = sized(s, at.widthMm, at.depthMm + STEP_MM)
    depthBy = trouble(facts, deeper) ?? ''
    if (depthBy) break
    at = deeper
  }
  return { widthMm: at.widthMm, depthMm: at.depthMm, widthBy, depthBy }
}

/** What stands against a size, in words; undefined when nothing does. */
function trouble(facts: PlanFacts, s: Standing): string | undefined {
  if (!standsClear(facts, s)) return 'what stands beside it, or a door’s swing'
  const now = { ...facts, solid: facts.solid.map((x) => (x.id === s.id ? s : x)) }
  const was = facts.standings.find((x) => x.id === s.id)
  const tightBefore = new Set(was ? tightSides(facts, was).map((t) => t.need.side) : [])
  const tight = tightSides(now, s).find((t) => !tightBefore.has(t.need.side))
  if (tight) return `the free floor it needs at its ${tight.need.side}`
  const way = facts.way.length > 0 && mustComeIn(s.piece) ? wayFor(facts, s) : undefined
  return way?.verdict === 'not at all'
    ? `the way in: ${way.tightest?.part.name || way.tightest?.part.kind || 'its tightest place'}`
    : undefined
}

const wayFor = (facts: PlanFacts, s: Standing): CarryIn =>
  carryIn({ widthMm: s.widthMm, depthMm: s.depthMm, heightMm: s.heightMm, legsMm: s.piece.legsMm }, facts.way)

/** The same piece in another size, its back where it is. */
function sized(s: Standing, widthMm: number, depthMm: number): Standing {
  const { normal } = sideOf(s.box, 'back')
  const by = (depthMm - s.depthMm) / 2
  const size = { id: s.id, name: s.name, widthMm, depthMm, heightMm: s.heightMm }
  const at = { xMm: s.box.x - normal.x * by, yMm: s.box.y - normal.y * by }
  return standing({ id: s.id, number: 1, ...at, turnDeg: s.turnDeg, raisedMm: s.raisedMm }, s.piece, size)
}

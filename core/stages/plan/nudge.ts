import { put } from '../../model/changes.js'
import { boxDepth, boxCorners, clipConvex, inBox } from '../../kernel/geometry/box.js'
import { signedArea } from '../../kernel/geometry/polygon.js'
import type { Fix } from '../../findings/finding.js'
import { heightsMeet, type Solid, type Standing } from './standing.js'
import { insideRoom } from './insideRoom.js'
import { isFlat, OFF_FLOOR, PULLED_UP, TABLES } from './needs.js'
import type { PlanFacts } from './planFacts.js'
import type { PlanFixture, PlanRoom } from './planRoom.js'
import { roundMm } from '../../kernel/units/mm.js'

/** Touching by less than this is standing close, not standing in each other. */
export const SLACK_MM = 5

/** True when two pieces cannot stand as they do. A chair goes under a table; one walks and sits on a rug. */
export function standIn(a: Solid, b: Solid): number {
  const dx = a.box.x - b.box.x
  const dy = a.box.y - b.box.y
  const reach = a.box.halfW + a.box.halfD + b.box.halfW + b.box.halfD
  if (dx * dx + dy * dy > reach * reach || !heightsMeet(a, b)) return 0
  if (isFlat(a.kind) || isFlat(b.kind) || OFF_FLOOR.has(a.kind) || OFF_FLOOR.has(b.kind)) return 0
  if ((PULLED_UP.has(a.kind) && TABLES.has(b.kind)) || (PULLED_UP.has(b.kind) && TABLES.has(a.kind))) return 0
  if (isSetOn(a, b) || isSetOn(b, a)) return 0
  const depth = boxDepth(a.box, b.box)
  return depth > SLACK_MM ? depth : 0
}

/** Whether a thing is set down on or in a piece, or stands raised within open shelves: it has its place there. */
function isSetOn(thing: Solid, host: Solid): boolean {
  if (host.piece && thing.piece?.hosts.includes(host.piece.id)) return true
  if (host.kind !== 'shelves' || thing.raisedMm <= 0) return false
  return (
    thing.raisedMm + thing.heightMm <= host.raisedMm + host.heightMm &&
    boxCorners(thing.box).every((corner) => {
      const { x, y } = inBox(host.box, corner)
      return Math.abs(x) <= host.box.halfW + SLACK_MM && Math.abs(y) <= host.box.halfD + SLACK_MM
    })
  )
}

/** Fixtures that take floor or wall a piece cannot stand in. */
export const standsOut = (f: PlanFixture): boolean =>
  f.kind !== 'ceiling point' &&
  f.kind !== 'socket' &&
  f.kind !== 'switch' &&
  f.kind !== 'vent' &&
  f.depthMm > 40

/** A fixture a piece stands in; undefined when it is clear of all. */
export function inFixture(s: Solid, room: PlanRoom): PlanFixture | undefined {
  if (isFlat(s.kind) || OFF_FLOOR.has(s.kind)) return undefined
  return room.fixtures.find(
    (f) =>
      standsOut(f) &&
      s.raisedMm < f.bottomMm + f.heightMm &&
      s.raisedMm + s.heightMm > f.bottomMm &&
      boxDepth(s.box, f.box) > SLACK_MM,
  )
}

/** Floor of a door's swing that a piece takes, mm². */
export function inSwing(s: Solid, swept: readonly { readonly x: number; readonly y: number }[]): number {
  if (swept.length === 0 || isFlat(s.kind) || OFF_FLOOR.has(s.kind) || s.raisedMm > 2_100) return 0
  const shared = clipConvex(boxCorners(s.box), swept)
  return shared.length > 2 ? Math.abs(signedArea(shared)) : 0
}

/** Less than this of a swing is touched by no leaf (a sheet of paper). */
export const SWING_MM2 = 2_000

/** True when nothing forbids a piece to stand where it does. */
export function standsClear(facts: PlanFacts, s: Solid): boolean {
  const { room } = facts
  if (!insideRoom({ ...s.box, halfW: s.box.halfW - SLACK_MM, halfD: s.box.halfD - SLACK_MM }, room))
    return false
  if (inFixture(s, room)) return false
  if (room.openings.some((o) => inSwing(s, o.swept) > SWING_MM2)) return false
  return facts.standings.every((o) => o.id === s.id || standIn(s, o) === 0)
}

/** How finely a way out is looked for, mm: in steps a person would move a thing by. */
const STEP_MM = { metric: 20, imperial: 25.4 } as const
const FARTHEST_MM = 1_600
const WORDS = [
  { dx: 1, dy: 0, word: 'right' },
  { dx: -1, dy: 0, word: 'left' },
  { dx: 0, dy: 1, word: 'down the sheet' },
  { dx: 0, dy: -1, word: 'up the sheet' },
] as const

/** Names of directions by the wall that lies that way, when one does. */
function directionWord(room: PlanRoom, dx: number, dy: number, word: string): string {
  const wall = room.walls.find((w) => Math.abs(w.into.x + dx) < 0.2 && Math.abs(w.into.y + dy) < 0.2)
  return wall ? `towards ${wall.name.charAt(0).toLowerCase()}${wall.name.slice(1)}` : word
}

/** How much farther than the nearest place another is still looked for. */
const FARTHER_MM = 600

/**
 * The shortest moves along the sheet that make a finding go away and bring no new stop, one in each direction, the nearest
 * first. Which of them holds is tried on a copy of the job: the nearest may be in the way of something else.
 * @param ok true for a place where the finding would not stand
 * @returns at most one a direction; none while a piece is dragged
 */
export function nudge(facts: PlanFacts, s: Standing, ok: (moved: Standing) => boolean): Fix[] {
  if (!facts.withFixes || s.piece.stays) return []
  const step = STEP_MM[facts.says.system]
  const found: Fix[] = []
  const open = new Set(WORDS)
  let farthest = FARTHEST_MM
  for (let by: number = step; by <= farthest && open.size > 0; by += by < 400 ? step : 2 * step)
    for (const way of open) {
      const { dx, dy, word } = way
      const moved: Standing = {
        ...s,
        box: { ...s.box, x: roundMm(s.box.x + dx * by), y: roundMm(s.box.y + dy * by) },
      }
      if (!ok(moved) || !standsClear(facts, moved)) continue
      open.delete(way)
      farthest = Math.min(farthest, by + FARTHER_MM)
      found.push({
        label: `Move ${s.name} ${facts.says.length(by)} ${directionWord(facts.room, dx, dy, word)}`,
        changes: [put('floorPlacements', s.id, { xMm: moved.box.x, yMm: moved.box.y })],
      })
    }
  return found
}

/** Several lists of ways out as one: the first of each, then the second of each. */
export const inTurn = (lists: readonly (readonly Fix[])[]): Fix[] =>
  Array.from({ length: Math.max(0, ...lists.map((l) => l.length)) }).flatMap((_, i) =>
    lists.flatMap((l) => l[i] ?? []),
  )

/** The facts with one piece elsewhere, for trying a move. */
export function withMoved(facts: PlanFacts, moved: Standing): PlanFacts {
  const swap = (list: readonly Standing[]) => list.map((s) => (s.id === moved.id ? moved : s))
  return {
    ...facts,
    standings: swap(facts.standings),
    solid: swap(facts.solid),
    rugs: swap(facts.rugs),
    seats: swap(facts.seats),
  }
}

import { boxCorners, freeAhead } from '../../kernel/geometry/box.js'
import { plus, signedArea, type Point } from '../../kernel/geometry/polygon.js'
import { entranceOf, fromWall, onWall, type PlanRoom, type PlanWall } from './planRoom.js'
import type { Standing } from './standing.js'

/** What hangs on a wall, as far as the eye from the door cares. */
export interface Hanging {
  readonly name: string
  readonly wallId: string
  readonly xMm: number
  readonly widthMm: number
  /** Meant to be the one thing the eye goes to. */
  readonly focal?: boolean
}

/** The view from the door: where it begins, what it ends on, and what stands low before that. */
export interface SightLine {
  readonly from: Point
  readonly to: Point
  readonly endsOn: string
  /** What the eye rests on is worth it: a picture, a mirror, a window, a piece meant as the focus. */
  readonly rests: boolean
  readonly before: string | undefined
  /** From the wall of the door into the room. */
  readonly into: Point
}

// Lower things are looked over by somebody standing in the door.
const TALL_MM = 1_200
// The eye takes in a little to both sides of the line.
const GLANCE_MM = 300

/** Where on the walls the thing hangs that is meant as the focus; behind one's back it draws no eye. */
function focusHung(room: PlanRoom, hangings: readonly Hanging[], door: PlanWall): Point | undefined {
  const hung = hangings.find((h) => h.focal && h.wallId !== door.id)
  const behind = room.walls.find((w) => w.id === hung?.wallId)
  return hung && behind && onWall(behind, hung.xMm)
}

/**
 * The line along which one looks on entering, from the middle of the door straight into the room, and what closes it.
 * A piece meant as the focus draws the eye: the line then goes to it.
 */
export function sightLine(
  room: PlanRoom,
  standings: readonly Standing[],
  hangings: readonly Hanging[],
  outdoors = false,
): SightLine | undefined {
  const door = entranceOf(room)
  const wall = room.walls.find((w) => w.id === door?.wallId)
  if (!door || !wall) return undefined
  const from = onWall(wall, door.startMm + door.widthMm / 2)
  const focus = standings.find((s) => s.piece.focal)
  const aim = focus?.box ?? focusHung(room, hangings, wall) ?? plus(from, wall.into, 1_000)
  const length = Math.hypot(aim.x - from.x, aim.y - from.y) || 1
  const dir = { x: (aim.x - from.x) / length, y: (aim.y - from.y) / length }
  const along = { x: -dir.y, y: dir.x }
  const ahead = (points: readonly Point[], half: number) =>
    freeAhead(points, plus(from, dir, 1), along, dir, -half, half)
  let end = { mm: Infinity, wall: undefined as PlanWall | undefined }
  for (const w of room.walls) {
    if (w.id === wall.id) continue
    const mm = ahead([w.from, w.to], 1)
    if (mm < end.mm) end = { mm, wall: w }
  }
  const hits = standings
    .filter((s) => s.kind !== 'rug' && s.raisedMm < TALL_MM)
    .map((s) => ({ s, mm: ahead(boxCorners(s.box), 1) }))
    .filter((h) => h.mm < end.mm)
    .sort((a, b) => a.mm - b.mm)
  // Under the sky a planting is the view, however low.
  const planted = outdoors ? hits.find((h) => h.s.kind === 'plant') : undefined
  const tall = planted ?? hits.find((h) => h.s.raisedMm + h.s.heightMm >= TALL_MM || h.s === focus)
  if (tall) {
    const to = plus(from, dir, tall.mm + 1)
    const low = hits.filter((h) => h.mm < tall.mm).at(-1)
    return {
      from,
      into: wall.into,
      to,
      endsOn: tall.s.name,
      rests: tall === planted || tall.s.piece.focal || tall.s.piece.lit,
      before: low?.s.name,
    }
  }
  if (!end.wall) return undefined
  const to = plus(from, dir, end.mm + 1)
  const { alongMm } = fromWall(end.wall, to)
  const near = (startMm: number, widthMm: number) =>
    alongMm > startMm - GLANCE_MM && alongMm < startMm + widthMm + GLANCE_MM
  const low = hits.at(-1)?.s.name
  const picture = hangings.find((h) => h.wallId === end.wall?.id && near(h.xMm - h.widthMm / 2, h.widthMm))
  if (picture)
    return {
      from,
      into: wall.into,
      to,
      endsOn: low ? `${picture.name} over ${low}` : picture.name,
      rests: true,
      before: low,
    }
  const window = room.openings.find((o) => o.wallId === end.wall?.id && near(o.startMm, o.widthMm))
  if (window)
    return {
      from,
      into: wall.into,
      to,
      endsOn: window.name || `the ${window.kind}`,
      rests: true,
      before: low,
    }
  return {
    from,
    into: wall.into,
    to,
    endsOn: low ? `bare ${end.wall.name} over ${low}` : `bare ${end.wall.name}`,
    rests: false,
    before: low,
  }
}

/** How much of the floor lies on both sides of the line of sight, mm². */
export function floorBeside(line: SightLine, corners: readonly Point[]): { left: number; right: number } {
  const dir = { x: line.to.x - line.from.x, y: line.to.y - line.from.y }
  const length = Math.hypot(dir.x, dir.y) || 1
  const off = (p: Point) => (dir.x * (p.y - line.from.y) - dir.y * (p.x - line.from.x)) / length
  const side = (sign: 1 | -1) => {
    const kept = corners.flatMap((p, i): Point[] => {
      const q = corners[(i + 1) % corners.length] ?? p
      const [a, b] = [sign * off(p), sign * off(q)]
      const cut =
        a * b < 0 ? [{ x: p.x + ((q.x - p.x) * a) / (a - b), y: p.y + ((q.y - p.y) * a) / (a - b) }] : []
      return [...(a >= 0 ? [p] : []), ...cut]
    })
    return kept.length < 3 ? 0 : Math.abs(signedArea(kept))
  }
  return { left: side(-1), right: side(1) }
}

/** What stands at the wall of the door is not before the eyes of somebody coming in. */
const BESIDE_DOOR_MM = 600
const besideDoor = ({ from, into }: SightLine, { box }: Standing): boolean =>
  (box.x - from.x) * into.x + (box.y - from.y) * into.y < BESIDE_DOOR_MM

/** Visual weight on both sides of the line of sight: the fronts of all pieces before the eyes, tall ones more. */
export function balance(line: SightLine, standings: readonly Standing[]): { left: number; right: number } {
  const dir = { x: line.to.x - line.from.x, y: line.to.y - line.from.y }
  const length = Math.hypot(dir.x, dir.y) || 1
  let [left, right] = [0, 0]
  for (const s of standings) {
    if (s.kind === 'rug' || besideDoor(line, s)) continue
    const off = (dir.x * (s.box.y - line.from.y) - dir.y * (s.box.x - line.from.x)) / length
    const weight = s.widthMm * Math.min(2_400, s.heightMm)
    // What stands across the line belongs to both sides.
    const part = Math.max(-1, Math.min(1, off / Math.max(1, Math.max(s.box.halfW, s.box.halfD))))
    right += (weight * (1 + part)) / 2
    left += (weight * (1 - part)) / 2
  }
  return { left, right }
}

import { boxOf, clipConvex, fromBox, type Box } from '../../kernel/geometry/box.js'
import { distance, minus, plus, signedArea, type Point } from '../../kernel/geometry/polygon.js'
import { planeHeight, type CeilingCell } from '../../kernel/geometry/ceilingCell.js'
import type { CARRIES } from '../../model/vocabulary/room.js'

/** One wall as the plan has it; `into` points into the room. */
export interface PlanWall {
  readonly id: string
  readonly name: string
  readonly from: Point
  readonly to: Point
  readonly dir: Point
  readonly into: Point
  readonly lengthMm: number
  readonly face: string
  /** Compass bearing it faces outward; undefined until north is known. */
  readonly facesDeg: number | undefined
  /** Its left corner as seen from inside, and the unit vector to the right from there. */
  readonly left: Point
  readonly right: Point
}

export interface PlanOpening {
  readonly id: string
  readonly wallId: string
  readonly kind: 'door' | 'window' | 'opening'
  readonly name: string
  readonly startMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly sillMm: number
  readonly hinge: 'left' | 'right' | 'none'
  readonly swing: 'in' | 'out' | 'slides' | 'none'
  /** What hangs over it already, and what that may carry besides; null while nobody looked. */
  readonly carries: (typeof CARRIES)[number] | null
  readonly carriesG: number | null
  /** Its ends on the inner face of the wall, left first as seen from inside. */
  readonly ends: readonly [Point, Point]
  /** Floor swept by the leaf when it opens into the room, as a convex outline; empty for any other. */
  readonly swept: readonly Point[]
}

export interface PlanFixture {
  readonly id: string
  readonly wallId: string
  readonly kind: string
  readonly name: string
  readonly startMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly bottomMm: number
  readonly depthMm: number
  /** Of a front that bulges out; null for a flat one. */
  readonly radiusMm: number | null
  /** Its footprint; of a ceiling point the place below it. */
  readonly box: Box
}

/** The room as pieces are set out in it. */
export interface PlanRoom {
  readonly corners: readonly Point[]
  readonly walls: readonly PlanWall[]
  readonly openings: readonly PlanOpening[]
  readonly fixtures: readonly PlanFixture[]
  readonly heightMm: number | null
  /** Floor under each plane of the ceiling; empty under a level one. */
  readonly ceiling: readonly CeilingCell[]
  readonly kind: string | null
  readonly low: Point
  readonly high: Point
}

export interface RoomRows {
  readonly corners: readonly Point[]
  /** 1 when the room lies to the right of its walls as they were walked, −1 when to the left. */
  readonly inward: 1 | -1
  readonly walls: readonly {
    readonly id: string
    readonly name: string
    readonly face: string
    readonly facesDeg?: number | undefined
  }[]
  readonly openings: readonly Omit<PlanOpening, 'ends' | 'swept'>[]
  readonly fixtures: readonly Omit<PlanFixture, 'box'>[]
  readonly heightMm: number | null
  /** Absent under a level ceiling. */
  readonly ceiling?: readonly CeilingCell[]
  readonly kind: string | null
}

/** What of an opening tells whether one comes in by it. */
type Entrance = Pick<PlanOpening, 'kind' | 'wallId' | 'widthMm' | 'heightMm' | 'swing'>

/**
 * The door one comes in by: of several the widest, then the highest, then the one that opens into the room; where they are
 * equal, the one at the shorter wall, from which one looks along the room.
 */
export function entranceOf<O extends Entrance>(room: {
  readonly openings: readonly O[]
  readonly walls: readonly { readonly id: string; readonly lengthMm: number }[]
}): O | undefined {
  const lengthOf = (o: O) => room.walls.find((w) => w.id === o.wallId)?.lengthMm ?? Infinity
  const among = (kind: PlanOpening['kind']) =>
    room.openings
      .filter((o) => o.kind === kind)
      .sort(
        (a, b) =>
          b.widthMm - a.widthMm ||
          b.heightMm - a.heightMm ||
          Number(b.swing === 'in') - Number(a.swing === 'in') ||
          lengthOf(a) - lengthOf(b),
      )[0]
  return among('door') ?? among('opening')
}

/** A point of a wall told from its left end as seen from inside, and how far into the room. */
export const onWall = (wall: PlanWall, fromLeftMm: number, intoMm = 0): Point =>
  plus(plus(wall.left, wall.right, fromLeftMm), wall.into, intoMm)

/** How far along a wall from its left end a point lies, and how far before it. */
export function fromWall(wall: PlanWall, p: Point): { alongMm: number; beforeMm: number } {
  const d = minus(p, wall.left)
  return {
    alongMm: d.x * wall.right.x + d.y * wall.right.y,
    beforeMm: d.x * wall.into.x + d.y * wall.into.y,
  }
}

/** How far a piece is turned when its back stands to a wall. */
export const turnAgainst = (wall: PlanWall): number => {
  // Its front looks along `into`; at no turn the front looks down the sheet.
  const deg = (Math.atan2(-wall.into.x, wall.into.y) * 180) / Math.PI
  return Math.round((((deg % 360) + 360) % 360) * 1000) / 1000
}

/** Lays the measured room out for planning. */
export function planRoom(rows: RoomRows): PlanRoom {
  const { corners, inward } = rows
  const walls = rows.walls.flatMap((w, i): PlanWall[] => {
    const [from, to] = [corners[i], corners[(i + 1) % corners.length]]
    if (!from || !to) return []
    const lengthMm = distance(from, to)
    if (lengthMm === 0) return []
    const dir = { x: (to.x - from.x) / lengthMm, y: (to.y - from.y) / lengthMm }
    const into = { x: -dir.y * inward || 0, y: dir.x * inward || 0 }
    return [
      {
        id: w.id,
        name: w.name,
        face: w.face,
        facesDeg: w.facesDeg,
        from,
        to,
        dir,
        into,
        lengthMm,
        left: inward === 1 ? from : to,
        right: inward === 1 ? dir : { x: -dir.x || 0, y: -dir.y || 0 },
      },
    ]
  })
  const wallOf = (id: string) => walls.find((w) => w.id === id)
  return {
    corners,
    walls,
    openings: rows.openings.flatMap((o) => {
      const wall = wallOf(o.wallId)
      if (!wall) return []
      const ends = [onWall(wall, o.startMm), onWall(wall, o.startMm + o.widthMm)] as const
      return [{ ...o, ends, swept: sweptBy(o, wall, ends) }]
    }),
    fixtures: rows.fixtures.flatMap((f) => {
      const wall = wallOf(f.wallId)
      if (!wall) return []
      const turn = turnAgainst(wall)
      const width = Math.max(1, f.widthMm)
      if (f.kind === 'ceiling point') {
        const at = onWall(wall, f.startMm, f.depthMm)
        return [{ ...f, box: boxOf(at.x, at.y, 1, 1, turn) }]
      }
      const depth = Math.max(1, f.depthMm)
      const at = onWall(wall, f.startMm + width / 2, depth / 2)
      return [{ ...f, box: boxOf(at.x, at.y, width, depth, turn) }]
    }),
    heightMm: rows.heightMm,
    ceiling: rows.ceiling ?? [],
    kind: rows.kind,
    low: { x: Math.min(...corners.map((p) => p.x)), y: Math.min(...corners.map((p) => p.y)) },
    high: { x: Math.max(...corners.map((p) => p.x)), y: Math.max(...corners.map((p) => p.y)) },
  }
}

const SWEEP_STEPS = 8

function sweptBy(
  o: Pick<PlanOpening, 'kind' | 'hinge' | 'swing' | 'widthMm'>,
  wall: PlanWall,
  [left, right]: readonly [Point, Point],
): Point[] {
  if (o.kind !== 'door' || o.swing !== 'in' || o.hinge === 'none') return []
  const foot = o.hinge === 'left' ? left : right
  const along = o.hinge === 'left' ? wall.right : { x: -wall.right.x, y: -wall.right.y }
  const arc = Array.from({ length: SWEEP_STEPS + 1 }, (_, i) => {
    const t = (i / SWEEP_STEPS) * (Math.PI / 2)
    return plus(plus(foot, along, o.widthMm * Math.cos(t)), wall.into, o.widthMm * Math.sin(t))
  })
  const outline = [foot, ...arc]
  // Clockwise on the sheet, as clipping asks for.
  const area = outline.reduce((sum, p, i) => {
    const q = outline[(i + 1) % outline.length] ?? p
    return sum + p.x * q.y - q.x * p.y
  }, 0)
  return area >= 0 ? outline : outline.reverse()
}

/** A point before the middle of a door or opening, where one stands when one has come in. */
export function stepIn(opening: PlanOpening, walls: readonly PlanWall[], intoMm: number): Point | undefined {
  const wall = walls.find((w) => w.id === opening.wallId)
  return wall && onWall(wall, opening.startMm + opening.widthMm / 2, intoMm)
}

/** The floor before a stretch of wall: its middle told from the left corner, how wide, and how far into the room. */
export function boxBefore(wall: PlanWall, xMm: number, widthMm: number, depthMm: number): Box {
  const at = onWall(wall, xMm, depthMm / 2)
  return boxOf(at.x, at.y, widthMm, depthMm, turnAgainst(wall))
}

/** The strip of floor before a window as a box. */
export function stripBefore(
  opening: PlanOpening,
  walls: readonly PlanWall[],
  depthMm: number,
): Box | undefined {
  const wall = walls.find((w) => w.id === opening.wallId)
  return wall && boxBefore(wall, opening.startMm + opening.widthMm / 2, opening.widthMm, depthMm)
}

/** The lowest the ceiling comes down over a convex area, slopes counted; null where no height is known. */
export function ceilingOver(room: PlanRoom, area: readonly Point[]): number | null {
  if (room.heightMm === null) return null
  const heights = room.ceiling.flatMap(({ corners, plane }) =>
    clipConvex(area, signedArea(corners) < 0 ? [...corners].reverse() : corners).map((p) =>
      planeHeight(plane, p),
    ),
  )
  return Math.min(room.heightMm, ...heights)
}

export { fromBox }

import {
  cross,
  dot,
  minus,
  plus,
  splitConvex,
  triangulate,
  type HalfPlane,
  type Point,
} from '../../kernel/geometry/polygon.js'
import { planeHeight, type CeilingCell, type Plane } from '../../kernel/geometry/ceilingCell.js'
import type { Ceiling } from '../../model/rows/ceilings.js'

/** A part of the ceiling that lies lower than the rest, over the floor its edges keep. */
interface Zone {
  readonly edges: readonly HalfPlane[]
  readonly plane: Plane
}

export interface CeilingWall {
  readonly id: string
  readonly from: Point
  readonly to: Point
}

/** The ceiling of a room: flat at the room's height, and lower where a part of it slopes or drops. */
export interface CeilingShape {
  readonly heightMm: number
  readonly zones: readonly Zone[]
  readonly inward: 1 | -1
}

/**
 * Lays the parts of a ceiling over the plan.
 * @param inward 1 when the room lies to the right of its walls as they were walked, −1 when to the left
 */
export function ceilingShape(
  heightMm: number,
  ceilings: readonly Ceiling[],
  walls: readonly CeilingWall[],
  inward: 1 | -1,
): CeilingShape {
  const zones = ceilings.flatMap((c): Zone[] => {
    const wall = walls.find((w) => w.id === c.wallId)
    const along = wall && minus(wall.to, wall.from)
    const length = along ? Math.hypot(along.x, along.y) : 0
    if (!wall || !along || length === 0 || c.depthMm <= 0) return []
    const dir = { x: along.x / length, y: along.y / length }
    const into = { x: -dir.y * inward, y: dir.x * inward }
    const away = dot(into, wall.from)
    const rise = (c.endHeightMm - c.startHeightMm) / c.depthMm
    const edges: HalfPlane[] = [
      { normal: into, offset: away - 1e-6 },
      { normal: { x: -into.x, y: -into.y }, offset: -(away + c.depthMm) },
    ]
    if (!c.whole)
      edges.push(
        { normal: dir, offset: dot(dir, wall.from) },
        { normal: { x: -dir.x, y: -dir.y }, offset: -dot(dir, wall.to) },
      )
    return [
      {
        edges,
        plane: { slope: { x: into.x * rise, y: into.y * rise }, at: c.startHeightMm - rise * away },
      },
    ]
  })
  return { heightMm, zones, inward }
}

/** Floor cut into convex cells, each under one plane: the lowest of all that cover it. */
export function ceilingCells(floor: readonly Point[], shape: CeilingShape): CeilingCell[] {
  let list: CeilingCell[] = triangulate(floor).map((corners) => ({
    corners,
    plane: { slope: { x: 0, y: 0 }, at: shape.heightMm },
  }))
  for (const zone of shape.zones)
    list = list.flatMap((cell): CeilingCell[] => {
      const out: CeilingCell[] = []
      let inside: readonly Point[] = cell.corners
      for (const edge of zone.edges) {
        const { on, off } = splitConvex(inside, edge)
        if (off.length > 0) out.push({ corners: off, plane: cell.plane })
        inside = on
        if (inside.length === 0) return out
      }
      // Where the zone lies above what is there already, it changes nothing.
      const lower = {
        normal: minus(cell.plane.slope, zone.plane.slope),
        offset: zone.plane.at - cell.plane.at,
      }
      const { on, off } = splitConvex(inside, lower)
      if (on.length > 0) out.push({ corners: on, plane: zone.plane })
      if (off.length > 0) out.push({ corners: off, plane: cell.plane })
      return out
    })
  return list
}

/** Area of the ceiling itself (slopes are longer than the floor below them) and the air under it; mm² and mm³. */
export function ceilingMeasures(cells: readonly CeilingCell[]): {
  readonly areaMm2: number
  readonly volumeMm3: number
} {
  let [areaMm2, volumeMm3] = [0, 0]
  for (const { corners, plane } of cells) {
    const first = corners[0]
    if (!first) continue
    const slant = Math.hypot(1, plane.slope.x, plane.slope.y)
    for (let i = 1; i + 1 < corners.length; i++) {
      const [b, c] = [corners[i], corners[i + 1]]
      if (!b || !c) continue
      const area = Math.abs(cross(minus(b, first), minus(c, first))) / 2
      areaMm2 += area * slant
      volumeMm3 += (area * (planeHeight(plane, first) + planeHeight(plane, b) + planeHeight(plane, c))) / 3
    }
  }
  return { areaMm2, volumeMm3 }
}

/** A stretch of wall over which the ceiling line is straight. */
export interface ProfilePart {
  readonly fromMm: number
  readonly toMm: number
  readonly startHeightMm: number
  readonly endHeightMm: number
}

/** The ceiling line along a wall, left to right as walked: one part where it is level, more where it is not. */
export function wallProfile(wall: CeilingWall, shape: CeilingShape): ProfilePart[] {
  const along = minus(wall.to, wall.from)
  const length = Math.hypot(along.x, along.y)
  if (length === 0) return []
  const dir = { x: along.x / length, y: along.y / length }
  // Half a millimeter into the room, so that a wall along the edge of a zone is clearly inside or outside it.
  const into = { x: -dir.y * shape.inward, y: dir.x * shape.inward }
  const from = plus(wall.from, into, 0.5)
  // Heights are taken on the wall itself.
  const at = (s: number) => plus(wall.from, dir, s)
  const parts = shape.zones.flatMap((zone) => {
    let [lo, hi] = [0, length]
    for (const { normal, offset } of zone.edges) {
      const [slope, start] = [dot(normal, dir), dot(normal, from) - offset]
      if (Math.abs(slope) < 1e-9) {
        if (start < 0) return []
      } else if (slope > 0) lo = Math.max(lo, -start / slope)
      else hi = Math.min(hi, -start / slope)
    }
    return hi - lo > 1e-6 ? [{ lo, hi, plane: zone.plane }] : []
  })
  const height = (s: number) =>
    parts.reduce(
      (low, p) => (s > p.lo - 1e-9 && s < p.hi + 1e-9 ? Math.min(low, planeHeight(p.plane, at(s))) : low),
      shape.heightMm,
    )
  const cuts = new Set([0, length, ...parts.flatMap((p) => [p.lo, p.hi])])
  const lines = [
    { slope: 0, at: shape.heightMm },
    ...parts.map((p) => ({ slope: dot(p.plane.slope, dir), at: planeHeight(p.plane, wall.from) })),
  ]
  lines.forEach((a, i) =>
    lines.slice(i + 1).forEach((b) => {
      const s = (b.at - a.at) / (a.slope - b.slope)
      if (s > 0 && s < length) cuts.add(s)
    }),
  )
  const sorted = [...cuts].sort((a, b) => a - b)
  const found: ProfilePart[] = []
  for (let i = 0; i + 1 < sorted.length; i++) {
    const [a, b] = [sorted[i] ?? 0, sorted[i + 1] ?? 0]
    if (b - a < 1e-6) continue
    const [nearA, nearB] = [a + (b - a) * 1e-4, b - (b - a) * 1e-4]
    const [ha, hb] = [height(nearA), height(nearB)]
    const rise = (hb - ha) / (nearB - nearA)
    const part = {
      fromMm: a,
      toMm: b,
      startHeightMm: ha - rise * (nearA - a),
      endHeightMm: hb + rise * (b - nearB),
    }
    const last = found[found.length - 1]
    const same =
      last &&
      Math.abs(last.endHeightMm - part.startHeightMm) < 0.01 &&
      Math.abs((last.endHeightMm - last.startHeightMm) / (last.toMm - last.fromMm) - rise) < 1e-6
    if (same) found[found.length - 1] = { ...last, toMm: b, endHeightMm: part.endHeightMm }
    else found.push(part)
  }
  return found
}

/** Height of the ceiling line at a distance along the wall; the lower of two where it steps. */
export function profileHeight(profile: readonly ProfilePart[], atMm: number): number {
  const here = profile.filter((p) => atMm >= p.fromMm - 0.5 && atMm <= p.toMm + 0.5)
  return Math.min(
    ...here.map((p) => {
      const t = Math.max(0, Math.min(1, (atMm - p.fromMm) / (p.toMm - p.fromMm)))
      return p.startHeightMm + t * (p.endHeightMm - p.startHeightMm)
    }),
    ...(here.length === 0 ? [profile[profile.length - 1]?.endHeightMm ?? 0] : []),
  )
}

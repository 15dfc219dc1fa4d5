import earcut from 'earcut'

/** A point of a plan in millimeters: x to the right, y down the sheet. */
export interface Point {
  readonly x: number
  readonly y: number
}

export const minus = (a: Point, b: Point): Point => ({ x: a.x - b.x, y: a.y - b.y })
export const plus = (a: Point, b: Point, times = 1): Point => ({ x: a.x + times * b.x, y: a.y + times * b.y })
export const dot = (a: Point, b: Point): number => a.x * b.x + a.y * b.y
export const cross = (a: Point, b: Point): number => a.x * b.y - a.y * b.x
export const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

/** Unit vector of a heading: 0° to the right, 90° down the sheet, so that a right turn adds. */
export const unit = (deg: number): Point => {
  // Quarter turns are exact: a rectangular room must close to the millimeter and not to 1e-13 of one.
  const quarter = (((deg % 360) + 360) % 360) / 90
  if (Number.isInteger(quarter)) return { x: [1, 0, -1, 0][quarter] ?? 1, y: [0, 1, 0, -1][quarter] ?? 0 }
  return { x: Math.cos((deg * Math.PI) / 180), y: Math.sin((deg * Math.PI) / 180) }
}

/**
 * Area by the shoelace formula; positive when the corners run clockwise on the sheet (y down).
 * @returns mm²
 */
export function signedArea(corners: readonly Point[]): number {
  return corners.reduce((sum, p, i) => sum + cross(p, corners[(i + 1) % corners.length] ?? p), 0) / 2
}

/** Length of the outline. */
export function perimeter(corners: readonly Point[]): number {
  return corners.reduce((sum, p, i) => sum + distance(p, corners[(i + 1) % corners.length] ?? p), 0)
}

/** Triangles of a simple outline, by ear clipping; their areas add up to the area of the outline. */
export function triangulate(corners: readonly Point[]): (readonly [Point, Point, Point])[] {
  const indexes = earcut(corners.flatMap((p) => [p.x, p.y]))
  const triangles: (readonly [Point, Point, Point])[] = []
  for (let i = 0; i + 2 < indexes.length; i += 3) {
    const [a, b, c] = [corners[indexes[i] ?? 0], corners[indexes[i + 1] ?? 0], corners[indexes[i + 2] ?? 0]]
    if (a && b && c) triangles.push([a, b, c])
  }
  return triangles
}

/** Where two segments cross, ends that merely touch included; undefined when they miss or lie along each other. */
export function crossing(a: Point, b: Point, c: Point, d: Point): Point | undefined {
  const [ab, cd] = [minus(b, a), minus(d, c)]
  const turn = cross(ab, cd)
  if (Math.abs(turn) < 1e-9) return undefined
  const t = cross(minus(c, a), cd) / turn
  const u = cross(minus(c, a), ab) / turn
  return t >= 0 && t <= 1 && u >= 0 && u <= 1 ? plus(a, ab, t) : undefined
}

/** The first place where an outline crosses itself, with the two sides by index; undefined for a simple outline. */
export function selfCrossing(
  corners: readonly Point[],
): { readonly sides: readonly [number, number]; readonly at: Point } | undefined {
  const n = corners.length
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue
      const [a, b, c, d] = [corners[i], corners[i + 1], corners[j], corners[(j + 1) % n]]
      const at = a && b && c && d && crossing(a, b, c, d)
      if (at) return { sides: [i, j], at }
    }
  return undefined
}

/** Where a point lies: a point within a tenth of a millimeter of the outline is on it. */
export function whereIs(point: Point, corners: readonly Point[]): 'inside' | 'outside' | 'boundary' {
  let inside = false
  for (let i = 0; i < corners.length; i++) {
    const [a, b] = [corners[i], corners[(i + 1) % corners.length]]
    if (!a || !b) continue
    if (distanceToSegment(point, a, b) < 0.1) return 'boundary'
    if (a.y > point.y !== b.y > point.y && point.x < a.x + ((b.x - a.x) * (point.y - a.y)) / (b.y - a.y))
      inside = !inside
  }
  return inside ? 'inside' : 'outside'
}

/** Shortest way from a point to a segment. */
export function distanceToSegment(point: Point, a: Point, b: Point): number {
  const along = minus(b, a)
  const square = dot(along, along)
  const t = square === 0 ? 0 : Math.max(0, Math.min(1, dot(minus(point, a), along) / square))
  return distance(point, plus(a, along, t))
}

/** A straight edge: the side where `normal · p ≥ offset` is kept. */
export interface HalfPlane {
  readonly normal: Point
  readonly offset: number
}

/** Cuts a convex polygon by a straight edge into what lies on its side and what does not; either may be empty. */
export function splitConvex(
  corners: readonly Point[],
  { normal, offset }: HalfPlane,
): { readonly on: Point[]; readonly off: Point[] } {
  const [on, off]: [Point[], Point[]] = [[], []]
  corners.forEach((p, i) => {
    const q = corners[(i + 1) % corners.length] ?? p
    const [sp, sq] = [dot(normal, p) - offset, dot(normal, q) - offset]
    if (sp >= 0) on.push(p)
    if (sp <= 0) off.push(p)
    if ((sp > 0 && sq < 0) || (sp < 0 && sq > 0)) {
      const cut = plus(p, minus(q, p), sp / (sp - sq))
      on.push(cut)
      off.push(cut)
    }
  })
  // An edge without a direction, or one the polygon only touches, parts nothing.
  if (corners.every((p) => dot(normal, p) - offset >= 0)) return { on: [...corners], off: [] }
  return { on: on.length > 2 ? on : [], off: off.length > 2 ? off : [] }
}

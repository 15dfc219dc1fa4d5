// What passes where: rectangles through rectangles, round corners, up under ceilings.

/**
 * Longest thin rod that is carried level round a right-angled corner.
 * @param a @param b clear widths of the two corridors
 * @see the ladder problem: (a^(2/3) + b^(2/3))^(3/2)
 */
export const longestRod = (a: number, b: number): number => (a ** (2 / 3) + b ** (2 / 3)) ** 1.5

/**
 * Longest rectangle of a width that turns round a right-angled corner: the least over the angle t of
 * (a cos t + b sin t − w) / (sin t cos t), where a straight piece touches the inner corner and both outer walls.
 * @returns 0 when the piece is wider than one of the corridors
 */
export function longestRound(a: number, b: number, width: number): number {
  if (width > a || width > b) return 0
  if (width === 0) return longestRod(a, b)
  const reach = (t: number) => (a * Math.cos(t) + b * Math.sin(t) - width) / (Math.sin(t) * Math.cos(t))
  // The function has one valley between its two poles: a golden section finds its floor.
  const shrink = (Math.sqrt(5) - 1) / 2
  let [low, high] = [1e-6, Math.PI / 2 - 1e-6]
  for (let i = 0; i < 80; i++) {
    const [m, n] = [high - shrink * (high - low), low + shrink * (high - low)]
    if (reach(m) < reach(n)) high = n
    else low = m
  }
  return reach((low + high) / 2)
}

/**
 * Room left when a piece l × w is carried round a right-angled corner: how much longer it could be. A piece no longer
 * than the second corridor is wide can also be slid round without turning.
 * @returns millimeters to spare; negative when it does not pass
 */
export function spareRound(a: number, b: number, l: number, w: number): number {
  const [long, short] = [Math.max(l, w), Math.min(l, w)]
  const turned = short > Math.min(a, b) ? short - Math.min(a, b) : 0
  const slid = Math.max(Math.min(a - short, b - long), Math.min(a - long, b - short))
  const round = turned > 0 ? -turned : longestRound(a, b, short) - long
  return Math.max(round, slid)
}

/**
 * Whether a rectangle p × q passes a rectangular hole a × b, tilted if need be.
 * @see W. E. Carver, American Mathematical Monthly 64 (1957): with p ≥ q and a ≥ b it fits if p ≤ a and q ≤ b, or if
 *   p > a, q ≤ b and b ≥ (2pqa + (p² − q²) √(p² + q² − a²)) / (p² + q²)
 */
export function passesHole(p0: number, q0: number, a0: number, b0: number): boolean {
  return spareHole(p0, q0, a0, b0) >= 0
}

/**
 * Room left when a rectangle p × q passes a hole a × b: straight, the lesser of the two clearances; tilted, how much
 * narrower the hole could be.
 * @returns negative when it does not pass
 */
export function spareHole(p0: number, q0: number, a0: number, b0: number): number {
  const [p, q] = [Math.max(p0, q0), Math.min(p0, q0)]
  const [a, b] = [Math.max(a0, b0), Math.min(a0, b0)]
  const straight = Math.min(a - p, b - q)
  if (straight >= 0 || q > b) return straight
  const inside = p * p + q * q - a * a
  const need = inside < 0 ? q : (2 * p * q * a + (p * p - q * q) * Math.sqrt(inside)) / (p * p + q * q)
  return b - need
}

/** The angle a tilted rectangle p × q stands at in a hole a wide, in degrees from lying straight; 0 when it lies straight. */
export function tiltDeg(p0: number, q0: number, a0: number, b0: number): number {
  const [p, q] = [Math.max(p0, q0), Math.min(p0, q0)]
  const [a, b] = [Math.max(a0, b0), Math.min(a0, b0)]
  if (p <= a && q <= b) return 0
  // p cos t + q sin t = a, the lesser root: the least tilt that brings the long side inside.
  const r = Math.hypot(p, q)
  return r < a ? 0 : ((Math.acos(Math.min(1, a / r)) + Math.atan2(q, p)) * 180) / Math.PI
}

/** Height a piece h × d needs while it is raised from lying to standing: its diagonal. */
export const raisingHeight = (h: number, d: number): number => Math.hypot(h, d)

/** Longest thin piece in a box. */
export const spaceDiagonal = (l: number, w: number, h: number): number => Math.hypot(l, w, h)

/** Floor swept by a door leaf, in the square of its unit. */
export const sweptArea = (leaf: number, angleDeg: number): number => (Math.PI * leaf * leaf * angleDeg) / 360

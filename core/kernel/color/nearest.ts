import { deltaE00, type LabD65 } from './lab.js'

/** A color of a deck found near the one that was asked for. */
export interface Near {
  /** Place in the deck, counted from 0. */
  readonly index: number
  /** ΔE00, as {@link deltaE00} gives it. */
  readonly deltaE: number
}

const RAD = Math.PI / 180
const POW25_7 = 25 ** 7
const ratio7 = (c: number) => {
  const c2 = c * c
  const c7 = c2 * c2 * c2 * c
  return Math.sqrt(c7 / (c7 + POW25_7))
}

/**
 * Square of CIEDE2000 from bare numbers, kL = kC = kH = 1: the same formula as {@link deltaE00} without an object
 * for each color. Agrees with it to 1e-9, which a test holds it to.
 */
export function deltaE00Squared(
  l1: number,
  a1: number,
  b1: number,
  c1: number,
  l2: number,
  a2: number,
  b2: number,
  c2: number,
): number {
  const g = 1 + 0.5 * (1 - ratio7((c1 + c2) / 2))
  const ap1 = a1 * g
  const ap2 = a2 * g
  const cp1 = Math.sqrt(ap1 * ap1 + b1 * b1)
  const cp2 = Math.sqrt(ap2 * ap2 + b2 * b2)
  const h1 = ap1 === 0 && b1 === 0 ? 0 : Math.atan2(b1, ap1)
  const h2 = ap2 === 0 && b2 === 0 ? 0 : Math.atan2(b2, ap2)
  const p1 = h1 < 0 ? h1 + 2 * Math.PI : h1
  const p2 = h2 < 0 ? h2 + 2 * Math.PI : h2
  let turn = p2 - p1
  let mean = p1 + p2
  if (cp1 * cp2 === 0) turn = 0
  else {
    if (Math.abs(turn) > Math.PI) {
      turn += turn > 0 ? -2 * Math.PI : 2 * Math.PI
      mean += mean < 2 * Math.PI ? 2 * Math.PI : -2 * Math.PI
    }
    mean /= 2
  }
  const lBar = (l1 + l2) / 2 - 50
  const cBar = (cp1 + cp2) / 2
  const cos = Math.cos(mean)
  const sin = Math.sin(mean)
  const cos2 = cos * cos - sin * sin
  const sin2 = 2 * cos * sin
  const cos3 = cos2 * cos - sin2 * sin
  const sin3 = sin2 * cos + cos2 * sin
  const cos4 = cos2 * cos2 - sin2 * sin2
  const sin4 = 2 * sin2 * cos2
  const t =
    1 -
    0.17 * (cos * COS30 + sin * SIN30) +
    0.24 * cos2 +
    0.32 * (cos3 * COS6 - sin3 * SIN6) -
    0.2 * (cos4 * COS63 + sin4 * SIN63)
  const sl = 1 + (0.015 * lBar * lBar) / Math.sqrt(20 + lBar * lBar)
  const x = (cp2 - cp1) / (1 + 0.045 * cBar)
  const y = (2 * Math.sqrt(cp1 * cp2) * Math.sin(turn / 2)) / (1 + 0.015 * cBar * t)
  const z = (l2 - l1) / sl
  const blue = (mean / RAD - 275) / 25
  const rt = Math.abs(blue) > 6 ? 0 : -2 * ratio7(cBar) * Math.sin(60 * RAD * Math.exp(-blue * blue))
  return z * z + x * x + y * y + rt * x * y
}
const [COS30, SIN30] = [Math.cos(30 * RAD), Math.sin(30 * RAD)]
const [COS6, SIN6] = [Math.cos(6 * RAD), Math.sin(6 * RAD)]
const [COS63, SIN63] = [Math.cos(63 * RAD), Math.sin(63 * RAD)]

/** The largest value of CIEDE2000's T over all hues, rounded up (1.5725 by a scan of the circle). */
const T_MOST = 1.58
const LEAF = 6
// Fields of a node in the flat array: box in L, range of C, box in a and b, hue of the middle and half its arc.
const FIELDS = 10

/**
 * Finds the nearest colors of a deck by ΔE00, exactly. The deck is cut into boxes; a box is passed over when a
 * lower bound of ΔE00 to anything in it already exceeds what was found.
 *
 * The bound: ΔE00² = z² + x² + y² + R_T·x·y with x = ΔC′/S_C, y = ΔH′/S_H. Stretching a by 1 + G only moves colors
 * apart, so ΔC′² + ΔH′² is at least the squared distance in the a-b plane; S_C, S_H and S_L are taken at the
 * largest chroma and worst lightness the box allows, and x² + y² + R_T·x·y ≥ (1 − |R_T|/2)(x² + y²).
 */
export class NearestColors {
  private readonly order: Int32Array
  private readonly l: Float64Array
  private readonly a: Float64Array
  private readonly b: Float64Array
  private readonly c: Float64Array
  private readonly nodes: number[] = []
  /** For each node: first and last place in `order`, and its two children or -1. */
  private readonly links: number[] = []

  constructor(private readonly deck: readonly LabD65[]) {
    const n = deck.length
    this.order = Int32Array.from({ length: n }, (_, i) => i)
    this.l = Float64Array.from(deck, (d) => d.l)
    this.a = Float64Array.from(deck, (d) => d.a)
    this.b = Float64Array.from(deck, (d) => d.b)
    this.c = Float64Array.from(deck, (d) => Math.hypot(d.a, d.b))
    if (n > 0) this.build(0, n)
    // The colors in the order of the leaves, so that a leaf is read in one go.
    const sorted = (of: Float64Array) => Float64Array.from(this.order, (i) => of[i] ?? 0)
    this.l = sorted(this.l)
    this.a = sorted(this.a)
    this.b = sorted(this.b)
    this.c = sorted(this.c)
  }

  private build(from: number, to: number): number {
    const node = this.links.length / 4
    this.links.push(from, to, -1, -1)
    const range = (of: Float64Array): [number, number] => {
      let [least, most] = [Infinity, -Infinity]
      for (let i = from; i < to; i++) {
        const v = of[this.order[i] ?? 0] ?? 0
        if (v < least) least = v
        if (v > most) most = v
      }
      return [least, most]
    }
    const [l, c, a, b] = [range(this.l), range(this.c), range(this.a), range(this.b)]
    const [hue, arc] = this.hues(from, to)
    this.nodes.push(...l, ...c, ...a, ...b, hue, arc)
    if (to - from <= LEAF) return node
    const strength = 1 + 0.03 * ((c[0] + c[1]) / 2)
    const spreads = [(l[1] - l[0]) * 0.8, (a[1] - a[0]) / strength, (b[1] - b[0]) / strength]
    const by = [this.l, this.a, this.b][spreads.indexOf(Math.max(...spreads))] ?? this.l
    const part = this.order.subarray(from, to)
    part.sort((x, y) => (by[x] ?? 0) - (by[y] ?? 0) || x - y)
    const middle = (from + to) >> 1
    const left = this.build(from, middle)
    const right = this.build(middle, to)
    this.links[4 * node + 2] = left
    this.links[4 * node + 3] = right
    return node
  }

  private hues(from: number, to: number): [number, number] {
    let [x, y] = [0, 0]
    for (let i = from; i < to; i++) {
      const at = this.order[i] ?? 0
      x += this.a[at] ?? 0
      y += this.b[at] ?? 0
    }
    const middle = Math.atan2(y, x)
    let arc = 0
    for (let i = from; i < to; i++) {
      const at = this.order[i] ?? 0
      const off = Math.abs(turnOf(Math.atan2(this.b[at] ?? 0, this.a[at] ?? 0) - middle))
      if (off > arc) arc = off
    }
    return [middle, arc]
  }

  /** Square of a number that ΔE00 from the query to any color of the node cannot be below. */
  private bound(node: number, l: number, a: number, b: number, c: number, hue: number): number {
    const at = FIELDS * node
    const f = this.nodes
    const l0 = f[at]!,
      l1 = f[at + 1]!,
      c0 = f[at + 2]!,
      c1 = f[at + 3]!
    const a0 = f[at + 4]!,
      a1 = f[at + 5]!,
      b0 = f[at + 6]!,
      b1 = f[at + 7]!
    const dl = l < l0 ? l0 - l : l > l1 ? l - l1 : 0
    const da = a < a0 ? a0 - a : a > a1 ? a - a1 : 0
    const db = b < b0 ? b0 - b : b > b1 ? b - b1 : 0
    const worst = Math.max(Math.abs((l + l0) / 2 - 50), Math.abs((l + l1) / 2 - 50))
    const z = dl / (1 + (0.015 * worst * worst) / Math.sqrt(20 + worst * worst))
    const far = da * da + db * db
    if (far === 0) return z * z
    const most = (c + c1) / 2
    const stretched = most * (1 + 0.5 * (1 - ratio7(most)))
    const sc = 1 + 0.045 * stretched
    const sh = 1 + 0.015 * stretched * T_MOST
    // As much of the distance as chroma can take counts by S_C, the rest must be hue and counts by S_H.
    const g = 1 + 0.5 * (1 - ratio7((c + c0) / 2))
    const alongC = Math.max(g * c1 - c, g * c - c0, 0)
    const chromaPart = Math.min(far, alongC * alongC)
    let xy = chromaPart / (sc * sc) + (far - chromaPart) / (sh * sh)
    const rc = 2 * ratio7(stretched)
    if (rc > 0.01) {
      const turn = turnOf(f[at + 8]! - hue)
      const arc = f[at + 9]!
      let off = 0
      if (Math.abs(turn) + arc < 170 * RAD) {
        const mean = Math.abs(turnOf(hue + turn / 2 - 275 * RAD))
        off = Math.max(0, mean - arc / 2 - 12 * RAD) / (25 * RAD)
      }
      if (off < 4) xy *= 1 - (rc / 2) * Math.sin(60 * RAD * Math.exp(-off * off))
    }
    return z * z + xy
  }

  /**
   * The nearest colors, nearest first; equals in the order of the deck.
   *
   * @param count how many
   * @param accept says which places of the deck count; left out, all
   */
  find(query: LabD65, count = 1, accept?: (index: number) => boolean): Near[] {
    if (this.deck.length === 0 || count < 1) return []
    const { l, a, b } = query
    const c = Math.hypot(a, b)
    const hue = Math.atan2(b, a)
    const found: { index: number; d2: number }[] = []
    let limit = Infinity
    const visit = (node: number): void => {
      const left = this.links[4 * node + 2]!
      if (left < 0) {
        const to = this.links[4 * node + 1]!
        for (let i = this.links[4 * node]!; i < to; i++) {
          const index = this.order[i]!
          if (accept && !accept(index)) continue
          const d2 = deltaE00Squared(l, a, b, c, this.l[i]!, this.a[i]!, this.b[i]!, this.c[i]!)
          // A hair of slack keeps what the library's rounding might put first; sorted out at the end.
          if (d2 > limit) continue
          found.push({ index, d2 })
          if (found.length >= count) {
            found.sort((p, q) => p.d2 - q.d2 || p.index - q.index)
            limit = found[count - 1]!.d2 * (1 + 1e-9) + 1e-12
            while (found.length > count && found[found.length - 1]!.d2 > limit) found.pop()
          }
        }
        return
      }
      const right = this.links[4 * node + 3]!
      const toLeft = this.bound(left, l, a, b, c, hue)
      const toRight = this.bound(right, l, a, b, c, hue)
      if (toLeft <= toRight) {
        if (toLeft <= limit) visit(left)
        if (toRight <= limit) visit(right)
      } else {
        if (toRight <= limit) visit(right)
        if (toLeft <= limit) visit(left)
      }
    }
    visit(0)
    return found
      .map(({ index }): Near => ({ index, deltaE: deltaE00(query, this.deck[index]!) }))
      .sort((x, y) => x.deltaE - y.deltaE || x.index - y.index)
      .slice(0, count)
  }
}

/** An angle brought between −π and π. */
function turnOf(angle: number): number {
  if (angle > Math.PI) return angle - 2 * Math.PI
  return angle < -Math.PI ? angle + 2 * Math.PI : angle
}

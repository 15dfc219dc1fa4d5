import type { LabPlanes } from './labPlanes.js'

// A step of lightness counts this much beside a step of tint: light falls off within a thing, its tint does not.
const LIGHTNESS_WEIGHT = 0.5
// How readily regions join; the larger, the fewer regions (k of the paper, in ΔE times pixels).
const SCALE = 60
const BUCKETS = 1024
const BUCKETS_PER_UNIT = 16
// A step of up to 0.6 is not seen.
const UNSEEN = 0.6 * BUCKETS_PER_UNIT
// A region smaller than this joins its nearest neighbor.
const SMALLEST = 12

/**
 * Cuts a picture into regions without inner edges.
 *
 * @returns for each pixel the number of its region, counted from 0
 * @see Felzenszwalb & Huttenlocher, Efficient Graph-Based Image Segmentation, International Journal of Computer
 *   Vision 59(2), 2004; the edges are put in order by counting
 */
export function segment(planes: LabPlanes): { readonly labels: Int32Array; readonly count: number } {
  const { width, height, l, u, v } = planes
  const n = width * height
  const weights = new Uint16Array(2 * n)
  const starts = new Int32Array(BUCKETS + 1)
  const parent = new Int32Array(n)
  for (let i = 0; i < n; i++) parent[i] = i
  const size = new Int32Array(n).fill(1)
  const root = (i: number): number => {
    while (parent[i] !== i) {
      parent[i] = parent[parent[i]!]!
      i = parent[i]!
    }
    return i
  }
  const union = (a: number, b: number): number => {
    if (size[a]! < size[b]!) [a, b] = [b, a]
    parent[b] = a
    size[a]! += size[b]!
    return a
  }
  const between = (i: number, j: number): number => {
    const dl = LIGHTNESS_WEIGHT * (l[i]! - l[j]!)
    const m = (l[i]! + l[j]! + 32) / 200
    const du = (u[i]! - u[j]!) * m
    const dv = (v[i]! - v[j]!) * m
    const w = Math.sqrt(dl * dl + du * du + dv * dv) * BUCKETS_PER_UNIT
    return w >= BUCKETS - 1 ? BUCKETS - 1 : w | 0
  }
  // Steps that no eye sees join at once, in the order of the picture; only the others are put in order.
  const edge = (i: number, j: number, slot: number): void => {
    const w = between(i, j)
    if (w <= UNSEEN) {
      const a = root(i)
      const b = root(j)
      if (a !== b) union(a, b)
    } else {
      weights[slot] = w
      starts[w + 1]!++
    }
  }
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const i = y * width + x
      if (x + 1 < width) edge(i, i + 1, 2 * i)
      if (y + 1 < height) edge(i, i + width, 2 * i + 1)
    }
  for (let k = 0; k < BUCKETS; k++) starts[k + 1]! += starts[k]!
  const edges = new Int32Array(starts[BUCKETS]!)
  const next = starts.slice()
  for (let slot = 0; slot < 2 * n; slot++) if (weights[slot]! > 0) edges[next[weights[slot]!]!++] = slot

  const limit = new Float32Array(n)
  for (let i = 0; i < n; i++)
    if (parent[i] === i) limit[i] = (size[i] === 1 ? 0 : UNSEEN) + (SCALE * BUCKETS_PER_UNIT) / size[i]!
  const other = (slot: number) => (slot >> 1) + (slot & 1 ? width : 1)
  for (let k = 0; k < edges.length; k++) {
    const slot = edges[k]!
    const a = root(slot >> 1)
    const b = root(other(slot))
    if (a === b) continue
    const w = weights[slot]!
    if (w <= limit[a]! && w <= limit[b]!) {
      const r = union(a, b)
      limit[r] = w + (SCALE * BUCKETS_PER_UNIT) / size[r]!
    }
  }
  for (let k = 0; k < edges.length; k++) {
    const a = root(edges[k]! >> 1)
    const b = root(other(edges[k]!))
    if (a !== b && (size[a]! < SMALLEST || size[b]! < SMALLEST)) union(a, b)
  }
  const labels = new Int32Array(n)
  const names = new Int32Array(n).fill(-1)
  let count = 0
  for (let i = 0; i < n; i++) {
    const r = root(i)
    if (names[r] === -1) names[r] = count++
    labels[i] = names[r]!
  }
  return { labels, count }
}

import type { LabD65 } from '../../../kernel/color/lab.js'
import type { LabPlanes } from './labPlanes.js'

// Side of the square over which weave and grain are averaged before light and shade are told apart, pixels.
const BLOCK = 6

// Blocks this far from the darkest count as best lit: 1 in 12 is brighter, and may be glare.
const BEST_LIT = 0.92

export interface Region {
  readonly label: number
  readonly area: number
  l: number
  u: number
  v: number
  at: number
  readonly edge: number
}

export const labOf = ({ l, u, v }: Pick<Region, 'l' | 'u' | 'v'>): LabD65 => ({
  l,
  a: (u * (l + 16)) / 100,
  b: (v * (l + 16)) / 100,
})

/** Area and best-lit color of each region, from means over small blocks. */
export function measureRegions(planes: LabPlanes, labels: Int32Array, count: number): Region[] {
  const { width, height, l, u, v } = planes
  const areas = new Int32Array(count)
  const edges = new Int32Array(count)
  for (let i = 0; i < labels.length; i++) areas[labels[i]!]!++
  const inner = interior(labels, width, height)
  for (let i = 0; i < labels.length; i++) if (!inner[i]) edges[labels[i]!]!++
  // Blocks: for each region the means of its inner pixels in each square.
  const blocks: number[][] = Array.from({ length: count }, () => [])
  const sum = new Float64Array(count * 4)
  const touched: number[] = []
  for (let y0 = 0; y0 < height; y0 += BLOCK)
    for (let x0 = 0; x0 < width; x0 += BLOCK) {
      for (let y = y0; y < Math.min(height, y0 + BLOCK); y++)
        for (let x = x0; x < Math.min(width, x0 + BLOCK); x++) {
          const i = y * width + x
          if (!inner[i]) continue
          const at = 4 * labels[i]!
          if (sum[at] === 0) touched.push(labels[i]!)
          sum[at]!++
          sum[at + 1]! += l[i]!
          sum[at + 2]! += u[i]!
          sum[at + 3]! += v[i]!
        }
      for (const label of touched) {
        const at = 4 * label
        const n = sum[at]!
        if (n >= 9 || areas[label]! < 150)
          blocks[label]!.push(
            n,
            sum[at + 1]! / n,
            sum[at + 2]! / n,
            sum[at + 3]! / n,
            (y0 + (BLOCK >> 1)) * width + x0 + (BLOCK >> 1),
          )
        sum.fill(0, at, at + 4)
      }
      touched.length = 0
    }
  return blocks.map((list, label): Region => {
    const lit = bestLit(list)
    return { label, area: areas[label]!, edge: edges[label]!, ...lit }
  })
}

/** Mean of the best-lit blocks: round the 92nd percentile of lightness, so that neither shade nor glare counts. */
function bestLit(list: readonly number[]): { l: number; u: number; v: number; at: number } {
  const n = list.length / 5
  if (n === 0) return { l: 0, u: 0, v: 0, at: -1 }
  const order = Array.from({ length: n }, (_, i) => i).sort((p, q) => list[5 * p + 1]! - list[5 * q + 1]!)
  const spread =
    list[5 * order[Math.floor(0.9 * (n - 1))]! + 1]! - list[5 * order[Math.floor(0.1 * (n - 1))]! + 1]!
  // Evenly lit: the mean of all is steadier than any part.
  const [from, to] =
    spread < 2.5 ? [0, n] : [Math.floor(0.86 * n), Math.max(Math.ceil(0.99 * n), Math.floor(0.86 * n) + 1)]
  let [w, l, u, v] = [0, 0, 0, 0]
  for (let k = from; k < Math.min(to, n); k++) {
    const at = 5 * order[k]!
    const weight = list[at]!
    w += weight
    l += weight * list[at + 1]!
    u += weight * list[at + 2]!
    v += weight * list[at + 3]!
  }
  return {
    l: l / w,
    u: u / w,
    v: v / w,
    at: list[5 * order[Math.min(n - 1, Math.floor(BEST_LIT * n))]! + 4]!,
  }
}

/** True for pixels whose four neighbors are of the same region: the others may be mixtures at an edge. */
function interior(labels: Int32Array, width: number, height: number): Uint8Array {
  const inner = new Uint8Array(labels.length)
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const i = y * width + x
      const is = labels[i]
      if (
        labels[i - 1] === is &&
        labels[i + 1] === is &&
        labels[i - width] === is &&
        labels[i + width] === is
      )
        inner[i] = 1
    }
  return inner
}

/** Length of the border between regions that touch, in pixels: key is the lower label times count plus the higher. */
export function borders(
  { width, height }: { width: number; height: number },
  labels: Int32Array,
  count: number,
): Map<number, number> {
  const found = new Map<number, number>()
  // Two pixels apart, so that a sliver of mixed pixels between two regions does not part them.
  for (let y = 0; y < height - 3; y++)
    for (let x = 0; x < width - 3; x++) {
      const i = y * width + x
      const a = labels[i]!
      for (const b of [labels[i + 3]!, labels[i + 3 * width]!])
        if (a !== b) {
          const key = a < b ? a * count + b : b * count + a
          found.set(key, (found.get(key) ?? 0) + 1)
        }
    }
  return found
}

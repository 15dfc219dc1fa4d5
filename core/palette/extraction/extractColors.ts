import { deltaE00Squared } from '../../color/nearest.js'
import type { LabD65 } from '../../color/lab.js'
import { labPlanes, type Pixels, type WhiteGains } from './labPlanes.js'
import { segment } from './segment.js'

/** Pixels across a photo is reduced to first: enough for an accent of a five-hundredth, quick enough to wait for. */
export const REDUCED_PX = 264

/** A color found in a photo. */
export interface ExtractedColor {
  readonly lab: LabD65
  /** Its part of the picture, 0 to 1, in light and in shade. */
  readonly share: number
  /** Where it is seen at its best, as parts of width and height. */
  readonly at: { readonly x: number; readonly y: number }
}

export interface ExtractOptions {
  /** At most so many colors; 16 when left out. */
  readonly most?: number
  /** Correction of a cast, see {@link whiteGains}. */
  readonly gains?: WhiteGains | undefined
  /** Told after each step, 0 to 1. */
  readonly progress?: (done: number) => void
}

// Side of the square over which weave and grain are averaged before light and shade are told apart, pixels.
const BLOCK = 6
// Blocks this far from the darkest count as best lit: 1 in 12 is brighter, and may be glare.
const BEST_LIT = 0.92
// Regions whose best-lit colors are this close are one material seen in two places.
const SAME_DELTA_E = 4.5
// Chroma plane, at equal lightness: closer than this a darker neighbor may be the same thing in shade.
const SHADE_TINT = 2.6
// Luminance left in a cast shadow: less is night, more is no shadow with an edge.
const SHADE_LEAST = 0.2
const SHADE_MOST = 0.85

interface Region {
  readonly label: number
  readonly area: number
  l: number
  u: number
  v: number
  at: number
  readonly edge: number
}

/**
 * The colors of a photo as a decorator would name them: each material once, in the light, however it is shaded.
 *
 * The picture is cut into regions without inner edges, with steps of lightness counting less than steps of tint;
 * within a region weave and grain are averaged and the best-lit part gives the color; a darker neighbor of equal
 * tint is joined to it where the whole picture shows a cast shadow of that depth; and regions of one color are
 * one. No randomness: the same pixels give the same answer.
 *
 * @param pixels the photo, best reduced to {@link REDUCED_PX} across, sRGB
 * @returns colors, largest share first
 */
export function extractColors(pixels: Pixels, options: ExtractOptions = {}): ExtractedColor[] {
  const { most = 16, gains, progress } = options
  const planes = labPlanes(pixels, gains)
  progress?.(0.3)
  const { labels, count } = segment(planes)
  progress?.(0.7)
  const regions = measure(planes, labels, count)
  const total = pixels.width * pixels.height
  const joined = join(regions, borders(planes, labels, count), total)
  progress?.(1)
  return joined
    .sort((x, y) => y.area - x.area)
    .slice(0, most)
    .map(({ region, area }) => ({
      lab: labOf(region),
      share: area / total,
      at: {
        x: ((region.at % pixels.width) + 0.5) / pixels.width,
        y: (Math.floor(region.at / pixels.width) + 0.5) / pixels.height,
      },
    }))
}

const labOf = ({ l, u, v }: Pick<Region, 'l' | 'u' | 'v'>): LabD65 => ({
  l,
  a: (u * (l + 16)) / 100,
  b: (v * (l + 16)) / 100,
})

/** Area and best-lit color of each region, from means over small blocks. */
function measure(planes: ReturnType<typeof labPlanes>, labels: Int32Array, count: number): Region[] {
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
  const spread = list[5 * order[Math.floor(0.9 * (n - 1))]! + 1]! - list[5 * order[Math.floor(0.1 * (n - 1))]! + 1]!
  // Evenly lit: the mean of all is steadier than any part.
  const [from, to] = spread < 2.5 ? [0, n] : [Math.floor(0.86 * n), Math.max(Math.ceil(0.99 * n), Math.floor(0.86 * n) + 1)]
  let [w, l, u, v] = [0, 0, 0, 0]
  for (let k = from; k < Math.min(to, n); k++) {
    const at = 5 * order[k]!
    const weight = list[at]!
    w += weight
    l += weight * list[at + 1]!
    u += weight * list[at + 2]!
    v += weight * list[at + 3]!
  }
  return { l: l / w, u: u / w, v: v / w, at: list[5 * order[Math.min(n - 1, Math.floor(BEST_LIT * n))]! + 4]! }
} // prettier-ignore

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
function borders(
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

interface Joined {
  readonly region: Region
  readonly area: number
}

function join(all: readonly Region[], border: ReadonlyMap<number, number>, total: number): Joined[] {
  const count = all.length
  const parent = Int32Array.from(all, (_, i) => i)
  const root = (i: number): number => {
    let r = i
    while (parent[r] !== r) r = parent[r]!
    parent[i] = r
    return r
  }
  // A region that is nearly all edge is a mixture of its neighbors; its pixels go to the longest one.
  const solid = all.map((r) => r.at >= 0 && r.area >= Math.max(20, total * 0.0004) && r.edge < 0.55 * r.area)
  const longest = all.map(() => ({ to: -1, length: 0 }))
  for (const [key, length] of border) {
    const [a, b] = [Math.floor(key / count), key % count]
    for (const [from, to] of [[a, b], [b, a]] as const)
      if (!solid[from] && solid[to] && length > longest[from]!.length) longest[from] = { to, length }
  }
  longest.forEach(({ to }, i) => {
    if (to >= 0) parent[i] = to
  })

  const shade = castShadow(all, border, solid)
  const pairs = [...border].map(([key, length]) => ({ a: Math.floor(key / count), b: key % count, length }))
  if (shade !== undefined)
    for (const { a, b, length } of pairs) {
      if (!solid[a] || !solid[b] || length < 8) continue
      const left = shadowRatio(all[a]!, all[b]!)
      if (left !== undefined && Math.abs(Math.log(left / shade)) < 0.22) parent[root(a)] = root(b)
    }

  const groups = new Map<number, { region: Region; area: number }>()
  for (let i = 0; i < count; i++) {
    const r = root(i)
    const group = groups.get(r)
    if (!group) groups.set(r, { region: all[i]!, area: all[i]!.area })
    else {
      group.area += all[i]!.area
      if (solid[i] && (!solid[group.region.label] || brighter(all[i]!, group.region))) group.region = all[i]!
    }
  }
  const list = [...groups.values()].filter((g) => solid[g.region.label]).sort((x, y) => y.area - x.area)
  return sameColor(list)
} // prettier-ignore

/** The lit one of two joined regions speaks for both, unless it is a scrap. */
const brighter = (one: Region, than: Region): boolean =>
  one.l > than.l ? one.area >= 0.04 * than.area : one.area > 25 * than.area

/** Part of the luminance left in the darker of two regions of one tint; undefined when they are not of one tint. */
function shadowRatio(one: Region, two: Region): number | undefined {
  const [light, dark] = one.l >= two.l ? [one, two] : [two, one]
  const m = (light.l + dark.l + 32) / 200
  if (Math.hypot(light.u - dark.u, light.v - dark.v) * m > SHADE_TINT) return undefined
  const left = ((dark.l + 16) / (light.l + 16)) ** 3
  return left > SHADE_LEAST && left < SHADE_MOST ? left : undefined
}

/**
 * Depth of a cast shadow, when the picture shows one: several materials of different tint get darker by one and
 * the same factor across a border.
 */
function castShadow(
  all: readonly Region[],
  border: ReadonlyMap<number, number>,
  solid: readonly boolean[],
): number | undefined {
  const count = all.length
  const seen: { left: number; weight: number; u: number; v: number }[] = []
  for (const [key, length] of border) {
    const [a, b] = [Math.floor(key / count), key % count]
    if (!solid[a] || !solid[b] || length < 10) continue
    const left = shadowRatio(all[a]!, all[b]!)
    if (left !== undefined) seen.push({ left, weight: Math.sqrt(length), u: all[a]!.u, v: all[a]!.v })
  }
  let best: { left: number; weight: number } | undefined
  for (const one of seen) {
    const with_ = seen.filter((s) => Math.abs(Math.log(s.left / one.left)) < 0.13)
    const tints = with_.filter((s, i) => with_.slice(0, i).every((t) => Math.hypot(s.u - t.u, s.v - t.v) > 4))
    const weight = with_.reduce((sum, s) => sum + s.weight, 0)
    if (tints.length >= 2 && (!best || weight > best.weight)) best = { left: one.left, weight }
  }
  return best?.left
}

/** Groups whose colors read as one become one, the larger first. */
function sameColor(list: readonly Joined[]): Joined[] {
  const kept: { region: Region; area: number }[] = []
  for (const group of list) {
    const lab = labOf(group.region)
    const same = kept.find((k) => {
      const of = labOf(k.region)
      return (
        deltaE00Squared(
          lab.l,
          lab.a,
          lab.b,
          Math.hypot(lab.a, lab.b),
          of.l,
          of.a,
          of.b,
          Math.hypot(of.a, of.b),
        ) <
        SAME_DELTA_E * SAME_DELTA_E
      )
    })
    if (same) same.area += group.area
    else kept.push({ ...group })
  }
  return kept
}

import { deltaE00Squared } from '../../../kernel/color/nearest.js'
import { labOf, type Region } from './regions.js'

// Regions whose best-lit colors are this close are one material seen in two places.
const SAME_DELTA_E = 4.5

// Chroma plane, at equal lightness: closer than this a darker neighbor may be the same thing in shade.
const SHADE_TINT = 2.6

// Luminance left in a cast shadow: less is night, more is no shadow with an edge.
const SHADE_LEAST = 0.2

const SHADE_MOST = 0.85

interface Joined {
  readonly region: Region
  readonly area: number
}

export function joinRegions(
  all: readonly Region[],
  border: ReadonlyMap<number, number>,
  total: number,
): Joined[] {
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
    for (const [from, to] of [
      [a, b],
      [b, a],
    ] as const)
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
}

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

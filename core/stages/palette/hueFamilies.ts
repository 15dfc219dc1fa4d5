import { chroma, hueDeg, type LabD65 } from '../../kernel/color/lab.js'

// Under this chroma a finish counts as neutral and adds no hue to the room (common practice).
export const HUE_CHROMA = 10
// Hues within this arc read as tints of one family (common practice).
export const FAMILY_ARC_DEG = 30

export interface HueMember {
  readonly id: string
  readonly lab: LabD65
  readonly areaMm2: number
}

export interface HueFamily<M extends HueMember = HueMember> {
  readonly members: readonly M[]
  readonly areaMm2: number
  /** Hue at the middle of the arc the family spans. */
  readonly hueDeg: number
}

/**
 * Families of hue among finishes: all tints of a family are one. Neutral finishes are left out.
 * The circle is opened at its widest empty arc and then cut wherever a family would span more than
 * {@link FAMILY_ARC_DEG}, so the result depends on neither order nor the zero of the hue angle.
 *
 * @returns families, largest visible area first
 */
export function hueFamilies<M extends HueMember>(finishes: readonly M[]): HueFamily<M>[] {
  const sorted = finishes
    .filter((f) => chroma(f.lab) >= HUE_CHROMA)
    .map((f) => ({ finish: f, deg: hueDeg(f.lab) }))
    .sort((x, y) => x.deg - y.deg || (x.finish.id < y.finish.id ? -1 : 1))
  if (sorted.length === 0) return []
  let start = 0
  let widest = -1
  sorted.forEach(({ deg }, i) => {
    const before = sorted[(i + sorted.length - 1) % sorted.length]?.deg ?? deg
    const gap = (((deg - before) % 360) + 360) % 360 || (sorted.length === 1 ? 360 : 0)
    if (gap > widest) {
      widest = gap
      start = i
    }
  })
  const first = sorted[start]?.deg ?? 0
  const unrolled = [...sorted.slice(start), ...sorted.slice(0, start)].map((s) => ({
    ...s,
    deg: first + ((((s.deg - first) % 360) + 360) % 360),
  }))
  return cut(unrolled)
    .map((run) => ({
      members: run.map((s) => s.finish),
      areaMm2: run.reduce((sum, s) => sum + s.finish.areaMm2, 0),
      hueDeg: (((run[0]?.deg ?? 0) + (run[run.length - 1]?.deg ?? 0)) / 2) % 360,
    }))
    .sort((x, y) => y.areaMm2 - x.areaMm2 || x.hueDeg - y.hueDeg)
}

function cut<S extends { deg: number }>(run: readonly S[]): S[][] {
  const span = (run[run.length - 1]?.deg ?? 0) - (run[0]?.deg ?? 0)
  if (span <= FAMILY_ARC_DEG || run.length < 2) return [[...run]]
  let at = 1
  for (let i = 1; i < run.length; i++) if (gapBefore(run, i) > gapBefore(run, at)) at = i
  return [...cut(run.slice(0, at)), ...cut(run.slice(at))]
}

function gapBefore(run: readonly { deg: number }[], i: number): number {
  return (run[i]?.deg ?? 0) - (run[i - 1]?.deg ?? 0)
}

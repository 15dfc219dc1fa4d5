import { longestRound, raisingHeight, spareHole, spareRound, tiltDeg } from '../../kernel/geometry/carry.js'

/** One part of the way from the street, as Measure records it. */
export interface WayPart {
  readonly id: string
  readonly kind: string
  readonly name: string
  readonly widthMm: number
  readonly heightMm: number
  readonly lengthMm: number | null
}

export interface Goods {
  readonly widthMm: number
  readonly depthMm: number
  readonly heightMm: number
  /** Height that comes off with the legs. */
  readonly legsMm?: number | null
}

/** How a piece is held: as it stands, tilted through an opening, on its end, with its legs off. */
export type Carried = 'as it stands' | 'on its back' | 'tilted' | 'on end'

/** One part of the way and how the piece passes it. */
export interface Step {
  readonly part: WayPart
  readonly carried: Carried | undefined
  readonly spareMm: number
  /** Degrees of tilt in the opening; 0 when it is held straight. */
  readonly tiltDeg: number
  /** What is not known and would be needed. */
  readonly missing: string | undefined
}

export interface CarryIn {
  readonly verdict: 'passes' | 'legs off' | 'not at all' | 'not known'
  /** The least handy way it is carried anywhere on the way. */
  readonly carried: Carried | undefined
  readonly steps: readonly Step[]
  readonly tightest: Step | undefined
  readonly spareMm: number
}

const HARDEST: readonly Carried[] = ['as it stands', 'on its back', 'tilted', 'on end']

interface Pose {
  readonly carried: Carried
  /** Along the way, across it, and up. */
  readonly long: number
  readonly across: number
  readonly up: number
}

/** The six ways a box is held with its faces upright: which side leads, which lies across, which is up. */
function poses({ widthMm: w, depthMm: d, heightMm: h }: Goods): Pose[] {
  return [
    { carried: 'as it stands', long: w, across: d, up: h },
    { carried: 'as it stands', long: d, across: w, up: h },
    { carried: 'on its back', long: w, across: h, up: d },
    { carried: 'on its back', long: h, across: w, up: d },
    { carried: 'on end', long: d, across: h, up: w },
    { carried: 'on end', long: h, across: d, up: w },
  ]
}

/**
 * A piece against every part of the way in: doors by its cross-section, straight or tilted; corridors and stairs by
 * cross-section; turns and landings by the closed form for a rectangle round a right-angled corner; lift cars by the
 * car. A box is taken for the piece, which is exact for box-like goods and on the safe side for any other.
 *
 * Standing a piece on end wants room for its diagonal while it is raised; a ceiling is asked for it once.
 */
export function carryIn(goods: Goods, way: readonly WayPart[]): CarryIn {
  const whole = through(goods, way)
  if (whole.verdict !== 'not at all' || !goods.legsMm || goods.legsMm >= goods.heightMm) return whole
  const without = through({ ...goods, heightMm: goods.heightMm - goods.legsMm }, way)
  return without.verdict === 'passes' ? { ...without, verdict: 'legs off' } : whole
}

function through(goods: Goods, way: readonly WayPart[]): CarryIn {
  const all = poses(goods)
  const steps = way.map((part, i) => step(part, way[i - 1], all))
  const failed = steps.filter((s) => s.missing === undefined && s.spareMm < 0)
  const known = steps.filter((s) => s.missing === undefined)
  const tightest = known.reduce<Step | undefined>((t, s) => (!t || s.spareMm < t.spareMm ? s : t), undefined)
  const carried = known.reduce<Carried | undefined>(
    (worst, s) =>
      s.carried && (!worst || HARDEST.indexOf(s.carried) > HARDEST.indexOf(worst)) ? s.carried : worst,
    undefined,
  )
  return {
    verdict:
      failed.length > 0
        ? 'not at all'
        : steps.length === 0 || known.length < steps.length
          ? 'not known'
          : 'passes',
    carried,
    steps,
    tightest,
    spareMm: tightest ? Math.floor(tightest.spareMm) : 0,
  }
}

function step(part: WayPart, before: WayPart | undefined, all: readonly Pose[]): Step {
  const { widthMm: w, heightMm: h, lengthMm: l } = part
  const judge = (pose: Pose): { spare: number; tilt: number } | undefined => {
    const section = Math.min(w - pose.across, h - pose.up)
    // On end it is raised where the ceiling takes its diagonal.
    const raise =
      pose.carried === 'on end' ? h - raisingHeight(pose.up, Math.min(pose.long, pose.across)) : Infinity
    switch (part.kind) {
      case 'turn':
      case 'landing': {
        if (l == null) return undefined
        const a = part.kind === 'turn' ? w : Math.min(before?.widthMm ?? w, w)
        const b = l
        const round = spareRound(a, b, pose.long, pose.across)
        return { spare: Math.min(round, h - pose.up, part.kind === 'turn' ? raise : Infinity), tilt: 0 }
      }
      case 'lift car': {
        if (l == null) return undefined
        const straight = Math.min(w - pose.across, l - pose.long, h - pose.up)
        // Leaning in the car: the longest side between floor and ceiling along the depth.
        const lean = Math.min(w - pose.across, spareHole(pose.long, pose.up, l, h))
        return {
          spare: Math.max(straight, lean),
          tilt: lean > straight ? tiltDeg(pose.long, pose.up, l, h) : 0,
        }
      }
      case 'corridor':
      case 'stair':
        return { spare: Math.min(section, raise), tilt: 0 }
      default:
        // A door is thin: what counts is the section that goes through it, and that may be tilted.
        return { spare: section, tilt: 0 }
    }
  }
  const tried = all.map((pose) => ({ pose, found: judge(pose) }))
  if (tried.some((t) => t.found === undefined))
    return {
      part,
      carried: undefined,
      spareMm: 0,
      tiltDeg: 0,
      missing: part.kind === 'turn' ? 'width after the turn' : 'depth',
    }
  const straight = tried
    .map((t) => ({ carried: t.pose.carried, spare: t.found?.spare ?? -Infinity, tilt: t.found?.tilt ?? 0 }))
    // The handiest way that passes; of those that do not, the one that fails by least.
    .sort(
      (x, y) =>
        Number(y.spare >= 0) - Number(x.spare >= 0) ||
        (x.spare >= 0 ? HARDEST.indexOf(x.carried) - HARDEST.indexOf(y.carried) : 0) ||
        y.spare - x.spare,
    )[0]
  const isDoor = /door|gate/.test(part.kind)
  if (isDoor && straight && straight.spare < 0) {
    const sections = [
      ['widthMm', 'depthMm'],
      ['depthMm', 'heightMm'],
      ['widthMm', 'heightMm'],
    ] as const
    const sizes = sizeOf(all)
    const best = sections
      .map(([p, q]) => ({
        spare: spareHole(sizes[p], sizes[q], w, h),
        tilt: tiltDeg(sizes[p], sizes[q], w, h),
      }))
      .sort((x, y) => y.spare - x.spare)[0]
    if (best && best.spare > straight.spare)
      return {
        part,
        carried: 'tilted',
        spareMm: best.spare,
        tiltDeg: Math.round(best.tilt),
        missing: undefined,
      }
  }
  return {
    part,
    carried: straight?.carried,
    spareMm: straight?.spare ?? 0,
    tiltDeg: Math.round(straight?.tilt ?? 0),
    missing: undefined,
  }
}

function sizeOf(all: readonly Pose[]): { widthMm: number; depthMm: number; heightMm: number } {
  const first = all[0]
  return { widthMm: first?.long ?? 0, depthMm: first?.across ?? 0, heightMm: first?.up ?? 0 }
}

/** Longest piece of a width that passes a turn of the way, for the envelope of what to look for. */
export const longestAt = (part: WayPart, widthMm: number): number | undefined =>
  part.lengthMm == null ? undefined : Math.floor(longestRound(part.widthMm, part.lengthMm, widthMm))

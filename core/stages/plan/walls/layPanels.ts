import type { PanelLayout } from '../../../model/rows/panelLayouts.js'
import type { PanelLayoutKind } from '../../../model/vocabulary/settingOut.js'

/** Something on a wall that a stile or a batten must not meet: a socket, a switch. */
export interface Avoided {
  readonly name: string
  readonly leftMm: number
  readonly rightMm: number
  readonly bottomMm: number
  readonly topMm: number
}

/** One stretch of a set-out: a panel field, a stile, a batten. */
export interface Stretch {
  readonly leftMm: number
  readonly rightMm: number
}

export interface PanelsLaid {
  readonly fields: readonly Stretch[]
  readonly stiles: readonly Stretch[]
  /** Width of every field. */
  readonly fieldMm: number
  /** What a stile or batten meets. */
  readonly clashes: readonly { readonly name: string; readonly stile: number; readonly overMm: number }[]
}

/** Width of n equal panels between n + 1 stiles. */
export const panelWidth = (lengthMm: number, n: number, stileMm: number): number =>
  (lengthMm - (n + 1) * stileMm) / n

/** Number of panels whose width comes nearest to the one wanted. */
export const panelCount = (lengthMm: number, stileMm: number, targetMm: number): number =>
  Math.max(1, Math.round((lengthMm - stileMm) / (targetMm + stileMm)))

/** Fewest balusters (or battens) whose gaps are at most so wide, and the gap they then have. */
export function fewestBetween(
  lengthMm: number,
  widthMm: number,
  mostMm: number,
): { count: number; gapMm: number } {
  const count = Math.max(0, Math.ceil((lengthMm - mostMm) / (widthMm + mostMm) - 1e-9))
  return { count, gapMm: (lengthMm - count * widthMm) / (count + 1) }
}

// Picture-frame panels have no stile at the ends but a gap, like those between them; board and batten begins and ends
// with a batten against the side walls, as wainscot with a stile.
const hasFields: ReadonlySet<PanelLayoutKind> = new Set([
  'wainscot panels',
  'picture-frame panels',
  'board and batten',
])

/** Lays a set-out evenly between its ends: equal fields, and what meets a stile. */
export function layPanels(
  s: Pick<PanelLayout, 'kind' | 'startMm' | 'endMm' | 'bottomMm' | 'heightMm' | 'count' | 'stileMm'>,
  avoided: readonly Avoided[] = [],
): PanelsLaid {
  if (!hasFields.has(s.kind))
    return {
      fields: [{ leftMm: s.startMm, rightMm: s.endMm }],
      stiles: [],
      fieldMm: s.endMm - s.startMm,
      clashes: [],
    }
  const fieldMm = panelWidth(s.endMm - s.startMm, s.count, s.stileMm)
  const step = fieldMm + s.stileMm
  const fields = Array.from({ length: s.count }, (_, i) => {
    const leftMm = s.startMm + s.stileMm + i * step
    return { leftMm, rightMm: leftMm + fieldMm }
  })
  const stiles = Array.from({ length: s.count + 1 }, (_, i) => {
    const leftMm = s.startMm + i * step
    return { leftMm, rightMm: leftMm + s.stileMm }
  })
  // A gap of picture-frame panels is bare wall: what must not meet the molding is the edge of a field.
  const solid =
    s.kind === 'picture-frame panels'
      ? fields.flatMap((f) => [f.leftMm, f.rightMm].map((at) => ({ leftMm: at - 15, rightMm: at + 15 })))
      : stiles
  const clashes = avoided
    .filter((a) => a.topMm > s.bottomMm && a.bottomMm < s.bottomMm + s.heightMm)
    .flatMap((a) =>
      solid.flatMap((t, i) => {
        const overMm = Math.min(a.rightMm, t.rightMm) - Math.max(a.leftMm, t.leftMm)
        return overMm > 0 ? [{ name: a.name, stile: i + 1, overMm: Math.round(overMm) }] : []
      }),
    )
  return { fields, stiles, fieldMm, clashes }
}

/**
 * Another number of equal fields near the one wanted that meets nothing; undefined when none within four does.
 */
export function avoidingCount(
  s: Parameters<typeof layPanels>[0],
  avoided: readonly Avoided[],
): number | undefined {
  for (const by of [0, 1, -1, 2, -2, 3, -3, 4, -4]) {
    const count = s.count + by
    if (count < 1) continue
    const laid = layPanels({ ...s, count }, avoided)
    if (laid.fieldMm > 50 && laid.clashes.length === 0) return count
  }
  return undefined
}

/** Where a rail or a white lower part ends in a wall: at a third of its height (common practice). */
export const thirdOf = (wallMm: number): number => Math.round(wallMm / 3)

// Closed curtains hang in folds: of their flat width so much is left when drawn back (common practice).
const STACK_BACK = 0.2

export interface CurtainRail {
  readonly startMm: number
  readonly endMm: number
  /** How much glass the drawn curtains still cover on each side; 0 when the rail reaches far enough. */
  readonly overGlassMm: number
  readonly stackMm: number
}

/** A rail that reaches beyond its window on both sides, and where the drawn curtains then hang. */
export function curtainRail(
  windowStartMm: number,
  windowWidthMm: number,
  beyondMm: number,
  fullness: number,
): CurtainRail {
  const [startMm, endMm] = [windowStartMm - beyondMm, windowStartMm + windowWidthMm + beyondMm]
  const stackMm = Math.round(((endMm - startMm) / 2) * fullness * STACK_BACK)
  return { startMm, endMm, stackMm, overGlassMm: Math.max(0, stackMm - beyondMm) }
}

/** Curtain lengths below the rail: clear of the floor, on it, broken on it (common practice). */
export const CURTAIN_ENDS = { hover: -10, kiss: 0, break: 50, puddle: 250 } as const

import { formatterOf, type Formatter } from '../../kernel/units/formatter.js'
import { oneThing } from '../../model/oneThing.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { hungOf, type Hung } from '../../stages/plan/planFacts.js'
import type { Drawing, MarkedPoint } from '../../stages/takeoff/trade.js'
import type { DerivedJob } from '../derive.js'
import { planPiecesOf } from '../planFactsOf.js'

/** A wall with every point that is drilled, driven or stuck, told from its left corner and from the floor. */
export interface MarkedWall {
  readonly wallId: string
  readonly drawing: Drawing
  readonly points: readonly WallPoint[]
}

/** One point of a wall. */
export interface WallPoint extends MarkedPoint {
  readonly text: string
}

/**
 * The walls on which something hangs, to be marked out from the floor: points are numbered from the left, higher ones first.
 * A wall on which nothing hangs has no sheet.
 */
export function markingOf(stored: JobSnapshot, { areas }: Pick<DerivedJob, 'areas'>): MarkedWall[] {
  const job = oneThing(stored)
  const says = formatterOf(job.studio)
  const pieces = new Map(planPiecesOf(job).map((p) => [p.id, p]))
  return (areas?.walls ?? []).flatMap((wall): MarkedWall[] => {
    const hung = job.wallPlacements.flatMap((row): Hung[] => {
      const piece = row.wallId === wall.wallId ? pieces.get(row.pieceId) : undefined
      const frame = job.frames.find((f) => f.pieceId === row.pieceId)
      return piece ? [hungOf(row, piece, frame)] : []
    })
    if (hung.length === 0) return []
    const heightMm = Math.max(...wall.profile.map((p) => Math.max(p.startHeightMm, p.endHeightMm)))
    const points = hung
      .flatMap((h) => h.nails.map((nail, i) => ({ ...nail, name: h.name, of: h.nails.length, nth: i, h })))
      .sort((a, b) => a.xMm - b.xMm || b.heightMm - a.heightMm)
      .map((p, i): WallPoint => ({
        xMm: p.xMm,
        yMm: heightMm - p.heightMm,
        label: String(i + 1),
        text: pointText(p, says),
      }))
    const holes = job.openings
      .filter((o) => o.wallId === wall.wallId)
      .map((o) => ({
        ...{ xMm: o.startMm, yMm: heightMm - o.sillMm - o.heightMm, widthMm: o.widthMm },
        ...{ heightMm: o.heightMm, label: o.name || o.kind, use: 'opening' as const },
      }))
    const drawing: Drawing = {
      name: wall.name,
      widthMm: wall.laidMm,
      heightMm,
      times: 1,
      points,
      parts: [
        ...holes,
        ...hung.map((h) => ({
          ...{ xMm: h.xMm - h.widthMm / 2, yMm: heightMm - h.topMm, widthMm: h.widthMm },
          ...{ heightMm: h.heightMm, label: '', use: 'used' as const },
        })),
      ],
    }
    return [{ wallId: wall.wallId, drawing, points }]
  })
}

function pointText(
  point: { xMm: number; heightMm: number; name: string; of: number; nth: number; h: Hung },
  says: Formatter,
): string {
  const which = point.of > 1 ? `${point.name}, ${point.nth + 1} of ${point.of}` : point.name
  return `${says.drawn(Math.round(point.xMm))} from the left, ${says.drawn(Math.round(point.heightMm))} above the floor: ${which}, ${point.h.row.fixing}`
}

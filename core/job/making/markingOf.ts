import { STUCK_ON } from '../../model/vocabulary/fixing.js'
import { formatterOf, type Formatter } from '../../kernel/units/formatter.js'
import { oneThing } from '../../model/oneThing.js'
import { sized } from '../../model/openingSize.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { hungOf, type Hung } from '../../stages/plan/planFacts.js'
import type { Drawing, Hole, MarkedPoint } from '../../stages/takeoff/trade.js'
import { inRoom } from '../../model/inRoom.js'
import { spreadOn, type Spread } from '../../stages/takeoff/making/spread.js'
import type { DerivedJob } from '../derive.js'
import { planPiecesOf } from '../planFactsOf.js'

/** A wall with every point that is drilled, driven or stuck, told from its left corner and from the floor. */
export interface MarkedWall {
  readonly wallId: string
  readonly drawing: Drawing
  readonly points: readonly WallPoint[]
  /** What is spread over the wall in rows: told as a grid, not point by point. */
  readonly grids: readonly string[]
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
    const stuck = stuckOn(
      job,
      wall.wallId,
      { widthMm: wall.laidMm, heightMm: lowestOf(wall.profile) },
      hung,
      says,
    )
    if (hung.length === 0 && stuck.grids.length === 0) return []
    const holes = job.openings
      .filter((o) => o.wallId === wall.wallId)
      .map((o) => sized(o))
      .map((o) => ({
        ...{ xMm: o.startMm, yMm: heightMm - o.sillMm - o.heightMm, widthMm: o.widthMm },
        ...{ heightMm: o.heightMm, label: o.name || o.kind, use: 'opening' as const },
      }))
    const drawing: Drawing = {
      name: wall.name,
      widthMm: wall.laidMm,
      heightMm,
      times: 1,
      points: [
        ...points,
        ...stuck.places.map((p) => ({ xMm: p.xMm, yMm: heightMm - p.heightMm, label: '' })),
      ],
      parts: [
        ...holes,
        ...hung.map((h) => ({
          ...{ xMm: h.xMm - h.widthMm / 2, yMm: heightMm - h.topMm, widthMm: h.widthMm },
          ...{ heightMm: h.heightMm, label: '', use: 'used' as const },
        })),
      ],
    }
    return [{ wallId: wall.wallId, drawing, points, grids: stuck.grids }]
  })
}

const lowestOf = (
  profile: readonly { readonly startHeightMm: number; readonly endHeightMm: number }[],
): number => Math.min(...profile.flatMap((p) => [p.startHeightMm, p.endHeightMm]))

/**
 * Many of one thing that are stuck on a wall and hang nowhere yet, spread evenly over it: off its openings, what is fixed to it,
 * what hangs there, and one another.
 */
function stuckOn(
  job: JobSnapshot,
  wallId: string,
  size: { readonly widthMm: number; readonly heightMm: number },
  hung: readonly Hung[],
  says: Formatter,
): { readonly places: Spread['places']; readonly grids: readonly string[] } {
  const box = (name: string, middleMm: number, bottomMm: number, of: typeof size): Hole => ({
    ...{ name, startMm: middleMm - of.widthMm / 2, widthMm: of.widthMm },
    ...{ bottomMm, topMm: bottomMm + of.heightMm },
  })
  const holes = [
    ...job.openings
      .filter((o) => o.wallId === wallId)
      .map((o) => sized(o))
      .map((o) => box(o.name, o.startMm + o.widthMm / 2, o.sillMm, o)),
    ...job.fixtures
      .filter((f) => f.wallId === wallId && f.kind !== 'ceiling point' && f.kind !== 'blemish')
      .map((f) => box(f.name, f.startMm + f.widthMm / 2, f.bottomMm, f)),
    ...hung.map((h) => box(h.name, h.xMm, h.bottomMm, h)),
  ]
  const places: Spread['places'][number][] = []
  const grids: string[] = []
  for (const p of job.pieces) {
    const many = p.wallId === wallId && p.count > 1 && !p.there && inRoom(p)
    if (!many || !STUCK_ON.has(p.fixing) || p.kind === 'rug') continue
    const placed = [...job.wallPlacements, ...job.floorPlacements].some((w) => w.pieceId === p.id)
    if (placed) continue
    const got = spreadOn({ ...size, holes }, p.count, p)
    const name = `${p.name}, ${p.count}`
    grids.push(got ? gridText(name, got, says) : `${name}: they do not fit on this wall.`)
    places.push(...(got?.places ?? []))
    holes.push(...(got?.places ?? []).map((at) => box(p.name, at.xMm, at.heightMm - p.heightMm / 2, p)))
  }
  return { places, grids }
}

const gridText = (
  name: string,
  { columns, rows, acrossMm, upMm, places }: Spread,
  says: Formatter,
): string => {
  const empty = columns * rows - places.length
  const whole = (mm: number) => says.drawn(Math.round(mm))
  return `${name}: ${says.count(columns, 'column')} ${whole(acrossMm)} apart, the first ${whole(acrossMm / 2)} from the left; ${says.count(rows, 'row')} ${whole(upMm)} apart, the lowest ${whole(upMm / 2)} above the floor${empty > 0 ? `; ${says.count(empty, 'place')} of the grid stay empty, as drawn` : ''}`
}

function pointText(
  point: { xMm: number; heightMm: number; name: string; of: number; nth: number; h: Hung },
  says: Formatter,
): string {
  const which = point.of > 1 ? `${point.name}, ${point.nth + 1} of ${point.of}` : point.name
  return `${says.drawn(Math.round(point.xMm))} from the left, ${says.drawn(Math.round(point.heightMm))} above the floor: ${which}, ${point.h.row.fixing}`
}

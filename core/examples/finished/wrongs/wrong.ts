import type { JobSnapshot } from '../../../model/snapshot.js'
import { pieceWith } from '../../emptyJob.js'
import { hexToLab } from '../../../kernel/color/lab.js'

/** One thing done wrong in a room that was right. */
export interface Wrong {
  readonly what: string
  /** The room with it; null where the room has nothing of the kind. */
  readonly broken: (job: JobSnapshot) => JobSnapshot | null
  /** One of these rules must say so. */
  readonly says: readonly string[]
  /** Rooms where a practitioner would not mind it, each with the reason. */
  readonly quiet?: Readonly<Record<string, string>>
}

export type Piece = JobSnapshot['pieces'][number]

export const every = (job: JobSnapshot, is: (p: Piece) => boolean, set: (p: Piece) => Partial<Piece>) =>
  job.pieces.some(is) ? { ...job, pieces: job.pieces.map((p) => (is(p) ? { ...p, ...set(p) } : p)) } : null
export const standing = (job: JobSnapshot) => new Set(job.floorPlacements.map((s) => s.pieceId))
export const without = (p: Piece, ...traits: readonly string[]) => p.traits.filter((t) => !traits.includes(t))
export const of =
  (...kinds: readonly string[]) =>
  (p: Piece) =>
    kinds.includes(p.kind)
export const move = (
  job: JobSnapshot,
  is: (p: Piece) => boolean,
  to: (s: JobSnapshot['floorPlacements'][number]) => Partial<JobSnapshot['floorPlacements'][number]>,
) => {
  const moved = job.floorPlacements.find((s) =>
    job.pieces.some((p) => p.id === s.pieceId && is(p) && !p.stays),
  )
  return moved
    ? { ...job, floorPlacements: job.floorPlacements.map((s) => (s === moved ? { ...s, ...to(s) } : s)) }
    : null
}
export const hung = (
  job: JobSnapshot,
  is: (p: Piece) => boolean,
  to: (h: JobSnapshot['wallPlacements'][number]) => Partial<JobSnapshot['wallPlacements'][number]>,
) => {
  const one = job.wallPlacements.find((h) => job.pieces.some((p) => p.id === h.pieceId && is(p)))
  return one
    ? { ...job, wallPlacements: job.wallPlacements.map((h) => (h === one ? { ...h, ...to(h) } : h)) }
    : null
}
export const recolored = (
  job: JobSnapshot,
  is: (f: JobSnapshot['finishes'][number]) => boolean,
  hex: string,
) => {
  const { l, a, b } = hexToLab(hex)
  return job.finishes.some(is)
    ? {
        ...job,
        finishes: job.finishes.map((f) => (is(f) ? { ...f, labL: l, labA: a, labB: b, colors: [] } : f)),
      }
    : null
}
export const added = (job: JobSnapshot, piece: Parameters<typeof pieceWith>[0]) => ({
  ...job,
  pieces: [...job.pieces, pieceWith(piece)],
})
export const size = (job: JobSnapshot) => ({
  w: Math.max(...job.walls.filter((_, i) => i % 2 === 0).map((w) => w.lengthMm)),
  d: Math.max(...job.walls.filter((_, i) => i % 2 === 1).map((w) => w.lengthMm)),
})
export const SEATS = ['sofa', 'armchair', 'sofa bed'] as const
export const outdoors = (job: JobSnapshot) => job.room.kind === 'outdoors'
export const big = (p: Piece) => p.widthMm * p.depthMm > 400_000 && !['rug'].includes(p.kind)

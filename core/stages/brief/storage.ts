import { inRoom } from '../../model/inRoom.js'
import type { JobSnapshot, Stored } from '../../model/snapshot.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { Shelf } from '../../model/rows/shelves.js'

const MM3_A_LITER = 1e6

/** What one piece, all of its number, keeps out of sight. */
export interface Store {
  readonly pieceId: string
  readonly name: string
  /** Behind doors, in drawers and bins. */
  readonly closedL: number
  /** Of that, what was found in use; undefined while nobody looked. */
  readonly inUseL: number | undefined
}

/** Storage of a room before and after, in liters of clear volume. */
export interface Storage {
  readonly stays: readonly Store[]
  readonly goes: readonly Store[]
  readonly comes: readonly Store[]
  /** What is useful but not to be on view takes up at least: its own outer volume. */
  readonly neededL: number
  readonly needed: readonly { readonly id: string; readonly name: string }[]
}

type StorageRows = Pick<JobSnapshot, 'pieces' | 'shelves'>

/** Clear volume of a row of shelves, all its compartments, liters; width and depth default to those of the piece. */
export const litersOf = (host: Pick<Piece, 'widthMm' | 'depthMm'>, s: Shelf): number =>
  (s.levels *
    s.clearHeightMm *
    (s.clearWidthMm === null ? host.widthMm : s.across * s.clearWidthMm) *
    (s.clearDepthMm ?? host.depthMm)) /
  MM3_A_LITER

function storeOf(p: Stored<Piece>, shelves: readonly Shelf[]): Store | undefined {
  const closed = shelves.filter((s) => s.pieceId === p.id && s.closed)
  if (closed.length === 0) return undefined
  const liters = closed.map((s) => p.count * litersOf(p, s))
  const known = closed.every((s) => s.fullPercent !== null)
  return {
    pieceId: p.id,
    name: p.name,
    closedL: liters.reduce((sum, l) => sum + l, 0),
    inUseL: known
      ? closed.reduce((sum, s, i) => sum + ((liters[i] ?? 0) * (s.fullPercent ?? 0)) / 100, 0)
      : undefined,
  }
}

/** What a room keeps out of sight, before and after. */
export function storageOf(job: StorageRows): Storage {
  const leaves = (p: Piece) => !inRoom(p)
  const stores = (pieces: readonly Stored<Piece>[]) => pieces.flatMap((p) => storeOf(p, job.shelves) ?? [])
  const hidden = job.pieces.filter((p) => !leaves(p) && p.traits.includes('not to be on view'))
  return {
    stays: stores(job.pieces.filter((p) => p.there && !leaves(p))),
    goes: stores(job.pieces.filter((p) => p.there && leaves(p))),
    comes: stores(job.pieces.filter((p) => !p.there && !leaves(p))),
    neededL: hidden.reduce((sum, p) => sum + (p.count * p.widthMm * p.depthMm * p.heightMm) / MM3_A_LITER, 0),
    needed: hidden.map(({ id, name }) => ({ id, name })),
  }
}

export const sumL = (stores: readonly Store[], of: (s: Store) => number = (s) => s.closedL): number =>
  stores.reduce((sum, s) => sum + of(s), 0)

/** What goes with what is taken out and was in use; all of it where nobody looked. */
export const lostL = (storage: Storage): number => sumL(storage.goes, (s) => s.inUseL ?? s.closedL)

/** What is free for it afterwards: what comes, and what is empty in what stays; nothing where nobody looked. */
export const wonL = (storage: Storage): number =>
  sumL(storage.comes) + sumL(storage.stays, (s) => (s.inUseL === undefined ? 0 : s.closedL - s.inUseL))

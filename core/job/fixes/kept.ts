import type { RowChange } from '../../model/changes.js'
import type { Stored, JobSnapshot } from '../../model/snapshot.js'
import type { Piece } from '../../model/rows/pieces.js'

/** Why a piece may not be taken away, moved or made anew. */
export type KeptBy = 'stays' | 'loved' | 'serves alone'

/** What is done to a piece. */
type Done = 'removed' | 'moved' | 'changed'

/** A piece a change would touch, and what forbids it. */
export interface Forbidden {
  readonly pieceId: string
  readonly by: KeptBy
  readonly how: Done
}

/** Built in: taken off it leaves a trade's work behind. */
const builtIn = (p: Piece): boolean => p.fixing === 'plumbed in' || p.fixing === 'wired in'

const constrained = (job: JobSnapshot, id: string, ...kinds: readonly string[]): boolean =>
  job.constraints.some((c) => c.pieceId === id && kinds.includes(c.kind))

/** It stays in the room: its own mark, a constraint of the brief, or built in. */
export const staysInRoom = (job: JobSnapshot, p: Stored<Piece>): boolean =>
  p.stays || builtIn(p) || constrained(job, p.id, 'must stay', 'may not be touched')

/** It stays where it is: `must stay` alone only keeps it in the room. */
export const staysInPlace = (job: JobSnapshot, p: Stored<Piece>): boolean =>
  p.stays || builtIn(p) || constrained(job, p.id, 'may not be touched')

/** It is to leave the room, for good or for another. */
const leaves = (p: Pick<Piece, 'verdict'>): boolean => p.verdict === 'let go' || p.verdict === 'move'

/** Whether a use would be left with nothing that serves it. */
function servesAlone(job: JobSnapshot, id: string): boolean {
  const serves = [...job.pieces, ...job.items].find((x) => x.id === id)?.serves ?? []
  const others = [...job.pieces.filter((p) => !leaves(p)), ...job.items].filter((x) => x.id !== id)
  return serves.some(
    (use) => job.uses.some((u) => u.id === use) && !others.some((o) => o.serves.includes(use)),
  )
}

/**
 * What changes would do to pieces that are to be kept: what stays, is loved, or alone serves a use is neither taken away
 * nor made anew; what stays in its place is not moved. It follows from the reason of a fix, whatever rule offers it.
 */
export function forbidden(job: JobSnapshot, changes: readonly RowChange[]): Forbidden[] {
  const found: Forbidden[] = []
  const piece = (id: string) => job.pieces.find((p) => p.id === id)
  const taken = (id: string, how: Done) => {
    const p = piece(id)
    if (p && staysInRoom(job, p)) found.push({ pieceId: id, by: 'stays', how })
    if (p?.sentimental) found.push({ pieceId: id, by: 'loved', how })
    if (servesAlone(job, id)) found.push({ pieceId: id, by: 'serves alone', how })
  }
  const moved = (id: string) => {
    const p = piece(id)
    if (p && staysInPlace(job, p)) found.push({ pieceId: id, by: 'stays', how: 'moved' })
  }
  const refinished = (id: string) => {
    const p = piece(id)
    if (p && staysInRoom(job, p)) found.push({ pieceId: id, by: 'stays', how: 'changed' })
    if (p?.sentimental) found.push({ pieceId: id, by: 'loved', how: 'changed' })
  }
  /** A piece as a scheme has it: left out, or in another finish. */
  const dressed = (id: string, { absent, finishId }: { absent?: boolean; finishId?: string | null }) => {
    if (absent) taken(id, 'removed')
    else if (finishId) refinished(id)
  }
  for (const change of changes) {
    if ('remove' in change) {
      if (change.collection === 'pieces' || change.collection === 'items') taken(change.id, 'removed')
      if (change.collection === 'floorPlacements' || change.collection === 'wallPlacements') {
        const place = job[change.collection].find((p) => p.id === change.id)
        if (place && isLastPlace(job, place)) taken(place.pieceId, 'removed')
      }
    } else if ('add' in change) {
      if (change.collection === 'schemeOverrides') dressed(change.add.pieceId, change.add)
    } else if (change.collection === 'schemeOverrides') {
      const pieceId = job.schemeOverrides.find((o) => o.id === change.id)?.pieceId
      if (pieceId) dressed(pieceId, change.set)
    } else if (change.collection === 'pieces') {
      const { set } = change
      // A piece that is brought from elsewhere, or carried on to elsewhere, is not in the room.
      if (set.verdict !== undefined && leaves({ verdict: set.verdict })) taken(change.id, 'removed')
      if (set.kind !== undefined && set.kind !== piece(change.id)?.kind) taken(change.id, 'changed')
      if ('finishId' in set) refinished(change.id)
    } else if (change.collection === 'floorPlacements') {
      const stood = job.floorPlacements.find((s) => s.id === change.id)
      if (stood && touches(change.set, ['xMm', 'yMm', 'turnDeg', 'raisedMm'])) moved(stood.pieceId)
      if (stood && change.set.parked === true && isLastPlace(job, stood)) taken(stood.pieceId, 'removed')
    } else if (change.collection === 'wallPlacements') {
      const hung = job.wallPlacements.find((h) => h.id === change.id)
      if (hung && touches(change.set, ['wallId', 'xMm', 'centerMm'])) moved(hung.pieceId)
    }
  }
  return found
}

const touches = (set: object, fields: readonly string[]): boolean => fields.some((f) => f in set)

/** A piece that neither stands nor hangs anywhere else in the room. */
const isLastPlace = (job: JobSnapshot, place: { readonly id: string; readonly pieceId: string }): boolean =>
  ![...job.floorPlacements.filter((s) => !s.parked), ...job.wallPlacements].some(
    (p) => p.pieceId === place.pieceId && p.id !== place.id,
  )

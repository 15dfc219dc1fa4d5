import { finishes as FINISH, type Finish } from '../../model/rows/finishes.js'
import type { Piece } from '../../model/rows/pieces.js'
import { shelfPlacements as PLACE, type ShelfPlacement } from '../../model/rows/shelfPlacements.js'
import { shelves as SHELF, type Shelf } from '../../model/rows/shelves.js'
import type { JobSnapshot, Stored } from '../../model/snapshot.js'
import { emptyJob, pieceWith } from '../emptyJob.js'
import { stylingFacts, type StylingFacts } from '../../stages/handover/stylingFacts.js'

/** A thing of an example and where it stands: on which shelf of which piece, in which order. */
export interface Shown extends Omit<Partial<Piece>, 'place'> {
  readonly id: string
  /** Width, depth and height, mm. */
  readonly size: readonly [number, number, number]
  readonly on: string
  readonly level: number
  readonly place?: Partial<ShelfPlacement>
}

/** A piece with shelves of an example. */
export interface Host extends Partial<Piece> {
  readonly id: string
  readonly size: readonly [number, number, number]
  /** Rows of shelves, lowest first. */
  readonly shelves?: readonly Partial<Shelf>[]
}

const sized = ([widthMm, depthMm, heightMm]: readonly [number, number, number]) => ({
  widthMm,
  depthMm,
  heightMm,
})

/** Rows of a job in which things stand on and in pieces. */
export function shelfJob(
  hosts: readonly Host[],
  things: readonly Shown[],
  more: Partial<JobSnapshot> = {},
): JobSnapshot {
  return emptyJob({
    pieces: [
      ...hosts.map(({ size, shelves: _s, ...p }) => pieceWith({ kind: 'shelves', ...sized(size), ...p })),
      ...things.map(({ size, on: _o, level: _l, place: _at, ...p }) =>
        pieceWith({ kind: 'object', ...sized(size), ...p }),
      ),
    ],
    shelves: hosts.flatMap((h) =>
      (h.shelves ?? []).map((s, position) => ({
        ...SHELF.make({ clearHeightMm: 320, ...s, id: `${h.id} ${position}`, pieceId: h.id, position }),
        version: 1,
      })),
    ),
    shelfPlacements: things.map((t, position) => ({
      ...PLACE.make({
        position,
        count: t.count ?? 1,
        ...t.place,
        id: `${t.id} there`,
        pieceId: t.id,
        hostId: t.on,
        level: t.level,
      }),
      version: 1,
    })),
    ...more,
  })
}

/** A finish of an example. */
export const finishWith = (more: Partial<Finish> & Pick<Finish, 'id'>): Stored<Finish> => ({
  ...FINISH.make({ name: more.id, labL: 50, labA: 0, labB: 0, ...more }),
  version: 1,
})

export const shelfFacts = (job: JobSnapshot, floorMm2?: number): StylingFacts => stylingFacts(job, floorMm2)

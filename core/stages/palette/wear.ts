import { put } from '../../model/changes.js'
import type { RowChange } from '../../findings/finding.js'
import type { SchemeOverride } from '../../model/rows/schemeOverrides.js'
import type { Finish } from '../../model/rows/finishes.js'
import type { FinishAssignment } from '../../model/rows/finishAssignments.js'
import type { Scheme } from '../../model/rows/schemes.js'
import type { Surface } from '../../model/vocabulary/surface.js'
import { sharedByAll, type WornPiece } from './schemeView.js'

interface Rows {
  readonly finishAssignments: readonly FinishAssignment[]
  readonly schemeOverrides: readonly SchemeOverride[]
}

/**
 * The changes that give a piece a finish: in the scheme that is followed, or for all schemes when there is none or
 * the piece looks alike in all.
 */
export function dressChanges(
  rows: Rows,
  scheme: Scheme | undefined,
  piece: WornPiece,
  finishId: string | null,
): RowChange[] {
  if (!scheme || sharedByAll(piece)) return [put('pieces', piece.id, { finishId })]
  const own = rows.schemeOverrides.find((d) => d.schemeId === scheme.id && d.pieceId === piece.id)
  if (own) return [put('schemeOverrides', own.id, { finishId, absent: false })]
  return [
    {
      collection: 'schemeOverrides',
      add: { schemeId: scheme.id, pieceId: piece.id, finishId, absent: false, costMinor: null },
    },
  ]
}

/** What a new placement begins with, by its surface. */
const substrateOf = (surface: string) => (surface === 'floor' ? 'not painted' : 'sound paint')

/**
 * The changes that lay a finish on a surface, or take it off. What stays is laid for all schemes; anything else for
 * the one that is followed, leaving the others as they are.
 */
export function layChanges(
  rows: Rows,
  scheme: Scheme | undefined,
  surface: Surface,
  finish: Pick<Finish, 'id' | 'role'> | null,
): RowChange[] {
  const on = rows.finishAssignments.filter((p) => p.surface === surface && !p.candidate)
  const shared = on.find((p) => p.schemeId === null)
  const own = scheme && on.find((p) => p.schemeId === scheme.id)
  const target = own ?? (!scheme || finish?.role === 'stays' ? shared : undefined)
  if (!finish) {
    const gone = own ?? shared
    return gone ? [{ collection: 'finishAssignments', id: gone.id, remove: true }] : []
  }
  if (target) return [put('finishAssignments', target.id, { finishId: finish.id })]
  const like = shared ?? on[0]
  return [
    {
      collection: 'finishAssignments',
      add: {
        surface,
        finishId: finish.id,
        substrate: like?.substrate ?? substrateOf(surface),
        overL: like?.overL ?? null,
        overA: like?.overA ?? null,
        overB: like?.overB ?? null,
        hold: like?.hold ?? 'applied',
        schemeId: finish.role === 'stays' ? null : (scheme?.id ?? null),
        candidate: false,
      },
    },
  ]
}

/**
 * The changes that copy a scheme under a new name, with all it wears.
 *
 * @param newId id of the copy, and a maker of ids for its rows
 */
export function copyChanges(
  rows: Rows,
  scheme: Scheme,
  name: string,
  position: number,
  newId: string,
): RowChange[] {
  return [
    { collection: 'schemes', add: { ...bare(scheme), id: newId, name, position, retired: false } },
    ...rows.finishAssignments
      .filter((p) => p.schemeId === scheme.id)
      .map((p): RowChange => ({
        collection: 'finishAssignments',
        add: { ...withoutId(bare(p)), schemeId: newId },
      })),
    ...rows.schemeOverrides
      .filter((d) => d.schemeId === scheme.id)
      .map((d): RowChange => ({
        collection: 'schemeOverrides',
        add: { ...withoutId(bare(d)), schemeId: newId },
      })),
  ]
}

/**
 * The changes that turn a room without schemes into one with a first: what can change moves into it, what stays
 * remains shared.
 */
export function firstSchemeChanges(
  rows: Rows & { readonly pieces: readonly WornPiece[]; readonly finishes: readonly Finish[] },
  name: string,
  newId: string,
): RowChange[] {
  const stays = (id: string | null) => rows.finishes.find((f) => f.id === id)?.role === 'stays'
  return [
    {
      collection: 'schemes',
      add: { id: newId, position: 0, name, note: '', overId: null, retired: false, storedAt: '' },
    },
    ...rows.finishAssignments
      .filter((p) => p.schemeId === null && !p.candidate && !stays(p.finishId))
      .map((p): RowChange => put('finishAssignments', p.id, { schemeId: newId })),
    ...rows.pieces
      .filter((p) => p.finishId && !sharedByAll(p) && !stays(p.finishId))
      .map((p): RowChange => ({
        collection: 'schemeOverrides',
        add: { schemeId: newId, pieceId: p.id, finishId: p.finishId, absent: false, costMinor: null },
      })),
  ]
}

/** The changes that take a scheme away with all that only it wears. */
export function removeSchemeChanges(rows: Rows, scheme: Scheme): RowChange[] {
  return [
    ...rows.schemeOverrides
      .filter((d) => d.schemeId === scheme.id)
      .map((d): RowChange => ({ collection: 'schemeOverrides', id: d.id, remove: true })),
    ...rows.finishAssignments
      .filter((p) => p.schemeId === scheme.id)
      .map((p): RowChange => ({ collection: 'finishAssignments', id: p.id, remove: true })),
    { collection: 'schemes', id: scheme.id, remove: true },
  ]
}

function bare<T extends object>(row: T): T {
  const { version: _v, ...rest } = row as T & { version?: number }
  return rest as T
}
function withoutId<T extends { readonly id: string }>(row: T): Omit<T, 'id'> {
  const { id: _id, ...rest } = row
  return rest
}

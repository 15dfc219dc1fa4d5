import type { Surface } from '../../../model/vocabulary/surface.js'
import { ROWS } from '../../../model/registry.js'
import type { Fix, Ref, RowChange } from '../../../findings/finding.js'

import { inRoom } from '../../../model/inRoom.js'
import { surfaceName } from '../surfaceAreas.js'
import { seen, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { sharedByAll, type WornPiece } from '../schemeView.js'
import { dressChanges, layChanges } from '../wear.js'
import { wearInstead } from './wearInstead.js'

export const finishRef = (f: FinishFacts): Ref => ({ kind: 'finish', id: f.finish.id, name: f.finish.name })
export const pieceRef = (p: WornPiece): Ref => ({ kind: 'piece', id: p.id, name: p.name })

/** Finishes that can change: not what stays, and not worn by a piece that does. */
export const changeable = (facts: PaletteFacts, f: FinishFacts): boolean =>
  f.finish.role !== 'stays' && !facts.pieces.some((p) => p.finishId === f.finish.id && sharedByAll(p))

/** Pieces in the room that wear a finish, with it. */
export function wornPieces(
  facts: PaletteFacts,
): { readonly piece: WornPiece; readonly finish: FinishFacts }[] {
  const byId = new Map(facts.finishes.map((f) => [f.finish.id, f]))
  return facts.pieces.filter(inRoom).flatMap((piece) => {
    const finish = piece.finishId ? byId.get(piece.finishId) : undefined
    return finish ? [{ piece, finish }] : []
  })
}

/** Every pair of what is seen, the larger first. */
export function pairsSeen(facts: PaletteFacts): (readonly [FinishFacts, FinishFacts])[] {
  const list = seen(facts)
  return list.flatMap((one, i) => list.slice(i + 1).map((two) => [one, two] as const))
}

/** Fixes that give what wears a finish one of the job's others that passes a test, the likest first. */
export function othersInstead(
  facts: PaletteFacts,
  from: FinishFacts,
  passes: (other: FinishFacts) => boolean,
  by: (other: FinishFacts) => number,
  most = 2,
): Fix[] {
  return facts.finishes
    .filter((o) => o !== from && passes(o))
    .sort((x, y) => by(x) - by(y))
    .slice(0, most)
    .flatMap((o) => wearInstead(facts, from, o) ?? [])
}

/** A thing that is not there yet, as the change that adds it. */
export const addPiece = (
  facts: PaletteFacts,
  thing: Pick<WornPiece, 'name' | 'kind' | 'widthMm' | 'depthMm' | 'heightMm' | 'finishId' | 'wallId'>,
  nth = 0,
): RowChange => ({
  collection: 'pieces',
  add: {
    ...ROWS.pieces.blank(),
    serves: [],
    position: facts.pieces.length + nth,
    ...thing,
    name: thing.name.slice(0, 120),
  },
})

const CUSHION = { kind: 'cushion', widthMm: 450, depthMm: 150, heightMm: 450, wallId: null } as const

/** The fix that adds a cushion in a finish: the cheapest way to carry a color on. */
export const addCushion = (facts: PaletteFacts, f: FinishFacts): Fix => ({
  label: `Add a cushion in ${f.finish.name}`,
  changes: [addPiece(facts, { ...CUSHION, name: `Cushion in ${f.finish.name}`, finishId: f.finish.id })],
})

/** The fix that gives one piece another finish, in the scheme that is followed. */
export function dressPiece(facts: PaletteFacts, piece: WornPiece, to: FinishFacts): Fix[] {
  if (sharedByAll(piece)) return []
  return [
    {
      label: `Use ${to.finish.name} for ${piece.name.toLowerCase()}`,
      changes: dressChanges(facts.rows, facts.scheme, piece, to.finish.id),
    },
  ]
}

/** The fix that lays another finish on one surface, in the scheme that is followed; none where what is there stays. */
export function layInstead(facts: PaletteFacts, surface: Surface, from: FinishFacts, to: FinishFacts): Fix[] {
  if (from.finish.role === 'stays') return []
  return [
    {
      label: `Use ${to.finish.name} for ${surfaceName(surface, facts.says.locale).toLowerCase()}`,
      changes: layChanges(facts.rows, facts.scheme, surface, to.finish),
    },
  ]
}

import { inRoom } from '../../model/inRoom.js'
import type { PiecePart } from '../../model/rows/pieceParts.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { FinishAssignment } from '../../model/rows/finishAssignments.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import type { Surface } from '../../model/vocabulary/surface.js'
import { surfaceAreaMm2, surfaceName, type SurfaceAreas } from './surfaceAreas.js'

/** How many of its faces a kind of piece shows, as parts of front (w·h), side (d·h) and top (w·d). */
interface Faces {
  readonly front: number
  readonly side: number
  readonly top: number
}

// Common practice, no source: what a person standing in the room sees of each kind. A seat against a wall
// shows front, both arms and its top; a rug only its top; a picture only its face.
const FACES: Readonly<Record<PieceKind, Faces>> = {
  sofa: { front: 1, side: 2, top: 0.6 },
  'sofa bed': { front: 1, side: 2, top: 0.6 },
  armchair: { front: 1, side: 2, top: 0.6 },
  chair: { front: 0.5, side: 1, top: 0.8 },
  stool: { front: 0.5, side: 1, top: 1 },
  bench: { front: 0.4, side: 0.8, top: 1 },
  rug: { front: 0, side: 0, top: 1 },
  curtains: { front: 1, side: 0, top: 0 },
  blind: { front: 1, side: 0, top: 0 },
  throw: { front: 0, side: 0, top: 1 },
  cushion: { front: 1, side: 0, top: 0 },
  table: { front: 0.2, side: 0.4, top: 1 },
  'low table': { front: 0.2, side: 0.4, top: 1 },
  'side table': { front: 0.3, side: 0.6, top: 1 },
  desk: { front: 0.3, side: 0.6, top: 1 },
  'chest of drawers': { front: 1, side: 1, top: 1 },
  wardrobe: { front: 1, side: 1, top: 0 },
  trunk: { front: 1, side: 1, top: 1 },
  sanitary: { front: 1, side: 1, top: 0.5 },
  cabinet: { front: 1, side: 1, top: 1 },
  shelves: { front: 0.4, side: 1, top: 0 },
  bed: { front: 1, side: 2, top: 1 },
  cot: { front: 0.5, side: 1, top: 1 },
  lamp: { front: 0.6, side: 0, top: 0 },
  picture: { front: 1, side: 0, top: 0 },
  mirror: { front: 1, side: 0, top: 0 },
  object: { front: 1, side: 0, top: 0.5 },
  piano: { front: 1, side: 2, top: 1 },
  plant: { front: 0.5, side: 0, top: 0 },
  appliance: { front: 1, side: 1, top: 0.5 },
  headboard: { front: 1, side: 0, top: 0 },
  screen: { front: 1, side: 0, top: 0 },
  tray: { front: 0, side: 0, top: 1 },
  books: { front: 1, side: 0, top: 0 },
  other: { front: 1, side: 1, top: 1 },
}

/** Visible area of a piece, all of its count, in mm². */
export function pieceAreaMm2(
  piece: Pick<Piece, 'kind' | 'count' | 'widthMm' | 'depthMm' | 'heightMm'>,
): number {
  const { front, side, top } = FACES[piece.kind]
  const { widthMm: w, depthMm: d, heightMm: h, count } = piece
  return Math.round(count * (front * w * h + side * d * h + top * w * d))
}

/** What must be known of a piece to say how much of it is seen. */
export type SeenPiece = Pick<
  Piece,
  'id' | 'name' | 'kind' | 'count' | 'widthMm' | 'depthMm' | 'heightMm' | 'finishId' | 'verdict'
>

/** A stretch of one finish: where it is and how much of it is seen. */
export interface Patch {
  readonly finishId: string
  readonly where: { readonly kind: 'surface' | 'piece'; readonly id: string; readonly name: string }
  readonly areaMm2: number
}

/** How much of each surface is seen, in mm²: its net area, and of the floor what no rug covers. */
export function surfaceSeen(
  areas: SurfaceAreas | undefined,
  finishAssignments: readonly Pick<FinishAssignment, 'surface'>[],
  pieces: readonly SeenPiece[],
): (surface: Surface) => number {
  const placed = new Set(finishAssignments.map((p) => p.surface))
  const rugsMm2 = pieces.filter((p) => p.kind === 'rug').reduce((sum, p) => sum + pieceAreaMm2(p), 0)
  return (surface) => {
    const net = areas ? surfaceAreaMm2(surface, areas, placed) : 0
    return surface === 'floor' ? Math.max(0, net - rugsMm2) : net
  }
}

/** Every finish where it is seen. A rug hides the floor under it; other pieces do not yet know where they stand. */
export function visiblePatches(
  areas: SurfaceAreas | undefined,
  finishAssignments: readonly Pick<FinishAssignment, 'surface' | 'finishId'>[],
  allPieces: readonly SeenPiece[],
  locale: string,
  allParts: readonly PiecePart[] = [],
): Patch[] {
  const pieces = allPieces.filter(inRoom)
  const seen = surfaceSeen(areas, finishAssignments, pieces)
  const onSurfaces = finishAssignments.map((p): Patch => ({
    finishId: p.finishId,
    where: { kind: 'surface', id: p.surface, name: surfaceName(p.surface, locale, areas) },
    areaMm2: seen(p.surface),
  }))
  const onPieces = pieces.flatMap((p) => piecePatches(p, allParts))
  return [...onSurfaces, ...onPieces].filter((p) => p.areaMm2 > 0)
}

/** The finishes a piece wears: its own, and those of its parts, each with what is seen of it. */
export function piecePatches(
  p: SeenPiece,
  allParts: readonly PiecePart[],
): (Patch & { readonly partId?: string })[] {
  const area = pieceAreaMm2(p)
  const parts = allParts.filter((part) => part.pieceId === p.id)
  const whole = Math.max(
    100,
    parts.reduce((sum, part) => sum + part.percent, 0),
  )
  const patch = (finishId: string, name: string, percent: number): Patch => ({
    finishId,
    where: { kind: 'piece', id: p.id, name },
    areaMm2: Math.round((area * percent) / whole),
  })
  const rest = whole - parts.reduce((sum, part) => sum + part.percent, 0)
  return [
    ...(p.finishId ? [patch(p.finishId, p.name, rest)] : []),
    ...parts.map((part) => ({
      ...patch(part.finishId, `${p.name}, ${part.name}`, part.percent),
      partId: part.id,
    })),
  ]
}

export interface FinishShare {
  readonly finishId: string
  readonly areaMm2: number
  /** Visible area of this finish over all visible area, 0 to 1. */
  readonly share: number
  readonly where: readonly Patch['where'][]
}

/** Shares of the finishes by visible area, largest first; they add up to 1. */
export function finishShares(patches: readonly Patch[]): FinishShare[] {
  const all = patches.reduce((sum, p) => sum + p.areaMm2, 0)
  const byFinish = new Map<string, { areaMm2: number; where: Patch['where'][] }>()
  for (const patch of patches) {
    const seen = byFinish.get(patch.finishId) ?? { areaMm2: 0, where: [] }
    seen.areaMm2 += patch.areaMm2
    seen.where.push(patch.where)
    byFinish.set(patch.finishId, seen)
  }
  return [...byFinish]
    .map(([finishId, { areaMm2, where }]) => ({ finishId, areaMm2, share: areaMm2 / all, where }))
    .sort((x, y) => y.areaMm2 - x.areaMm2)
}

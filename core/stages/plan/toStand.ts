import type { FloorPlacement } from '../../model/rows/floorPlacements.js'
import type { WallPlacement } from '../../model/rows/wallPlacements.js'
import { OFF_FLOOR } from './needs.js'
import type { PlanFacts } from './planFacts.js'
import type { PlanPiece } from './standing.js'

/** A piece that belongs on the floor and is not there yet: one of its number. */
export interface ToStand {
  readonly piece: PlanPiece
  readonly number: number
}

/** What belongs on the floor and has no place on it, each of several by itself, in the order of the pieces. */
export function toStand(
  facts: PlanFacts,
  floorPlacements: readonly FloorPlacement[],
  wallPlacements: readonly WallPlacement[],
): ToStand[] {
  const stood = new Map<string, number>()
  for (const s of floorPlacements) if (!s.parked) stood.set(s.pieceId, (stood.get(s.pieceId) ?? 0) + 1)
  const hung = new Set(wallPlacements.map((h) => h.pieceId))
  return facts.pieces
    .filter((p) => !OFF_FLOOR.has(p.kind) && p.fixing !== 'over a door' && p.fixing !== 'clipped on')
    .filter((p) => !hung.has(p.id))
    .flatMap((piece) => {
      const have = (stood.get(piece.id) ?? 0) + piece.setDown
      return Array.from({ length: Math.max(0, piece.count - have) }, (_, i) => ({
        piece,
        number: have + i + 1,
      }))
    })
}

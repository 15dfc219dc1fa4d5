import type { FloorPlacement } from '../../../model/rows/floorPlacements.js'
import type { WallPlacement } from '../../../model/rows/wallPlacements.js'
import type { PlanFacts } from '../planFacts.js'

const HANGABLE: ReadonlySet<string> = new Set(['picture', 'mirror', 'shelves', 'lamp', 'object'])
/** What hangs by its kind; the others hang when they are held by a wall. */
const ALWAYS_HUNG: ReadonlySet<string> = new Set(['picture', 'mirror'])
const HELD_BY_WALL: ReadonlySet<string> = new Set(['screwed to the wall', 'adhesive strips', 'wired in'])
/** Left free on either side of what hangs already (common practice). */
const BESIDE_MM = 60
const STEP_MM = 50

type PlanPiece = PlanFacts['pieces'][number]

/** A piece that belongs on a wall and is not there yet: the next of its number. */
export interface ToHang {
  readonly piece: PlanPiece
  readonly number: number
}

/** What belongs on a wall and has no place on one, in the order of the pieces. */
export function toHang(
  facts: PlanFacts,
  wallPlacements: readonly WallPlacement[],
  floorPlacements: readonly FloorPlacement[],
): ToHang[] {
  const hung = new Map<string, number>()
  for (const h of wallPlacements) hung.set(h.pieceId, (hung.get(h.pieceId) ?? 0) + 1)
  const onFloor = new Set(floorPlacements.map((s) => s.pieceId))
  return facts.pieces
    .filter((p) => HANGABLE.has(p.kind) && (ALWAYS_HUNG.has(p.kind) || HELD_BY_WALL.has(p.fixing)))
    .filter((p) => !onFloor.has(p.id) && (hung.get(p.id) ?? 0) + p.setDown < p.count)
    .map((piece) => ({ piece, number: (hung.get(piece.id) ?? 0) + piece.setDown + 1 }))
}

/**
 * Where on a wall a piece can first be hung: free of openings and of what hangs there, as near to the middle as may
 * be; the middle where nothing is free.
 *
 * @returns millimeters from the left end of the wall to the middle of the piece
 */
export function firstOnWall(facts: PlanFacts, wallId: string, widthMm: number): number {
  const wall = facts.room.walls.find((w) => w.id === wallId)
  if (!wall) return 0
  const taken = [
    ...facts.wallPlacements
      .filter((h) => h.wallId === wallId)
      .map((h) => [h.xMm - h.widthMm / 2 - BESIDE_MM, h.xMm + h.widthMm / 2 + BESIDE_MM] as const),
    ...facts.room.openings
      .filter((o) => o.wallId === wallId)
      .map((o) => [o.startMm, o.startMm + o.widthMm] as const),
  ]
  const [half, middle] = [widthMm / 2, wall.lengthMm / 2]
  const isFree = (x: number) =>
    x >= half && x <= wall.lengthMm - half && taken.every(([from, to]) => x + half <= from || x - half >= to)
  const places = Array.from({ length: Math.floor(wall.lengthMm / STEP_MM) }, (_, i) => i * STEP_MM)
    .filter(isFree)
    .sort((a, b) => Math.abs(a - middle) - Math.abs(b - middle))
  return Math.round(places[0] ?? middle)
}

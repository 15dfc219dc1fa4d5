import { boxCorners, boxOf, fromBox, type Box } from '../../kernel/geometry/box.js'
import type { Point } from '../../kernel/geometry/polygon.js'
import type { PieceKind, Trait } from '../../model/vocabulary/piece.js'
import type { Sanitary } from '../../model/vocabulary/sanitary.js'
import type { Side } from './needs.js'
import type { FloorPlacement } from '../../model/rows/floorPlacements.js'

/** What the plan must know of a piece. */
export interface PlanPiece {
  readonly id: string
  readonly name: string
  readonly kind: PieceKind
  readonly count: number
  readonly widthMm: number
  readonly depthMm: number
  readonly heightMm: number
  readonly openDepthMm: number | null
  /** It was there before the job began and need not come in. */
  readonly there: boolean
  readonly stays: boolean
  readonly sentimental: boolean
  readonly fixing: string
  readonly weightG: number | null
  readonly wallId: string | null
  readonly serves: readonly string[]
  readonly focal: boolean
  readonly lit: boolean
  readonly lampType: string | null
  readonly finishId: string | null
  readonly traits: readonly Trait[]
  readonly legsMm: number | null
  readonly sanitary: Sanitary | null
  /** What plant it is: its own name, whatever it is called in the job. */
  readonly species: string
  /** Height of a plant once grown. */
  readonly grownMm: number | null
  /** First and last month of bloom, 1 to 12; the last may lie in the next year. */
  readonly bloomFrom: number | null
  readonly bloomTo: number | null
  /** Top of the mattress above the floor, and how high pillows stand on it. */
  readonly mattressMm: number | null
  readonly pillowsMm: number | null
  /** What the owner holds it to be worth; null while nobody said. */
  readonly valueMinor: number | null
  /** Of clear glass, wholly or in a part: as was said of it, or by what it wears. */
  readonly glass: boolean
  /** From a pallet, a stump or the beach, as was said of it or written down as its material. */
  readonly foundWood: boolean
  /** The pieces it is set down on or in, and how many of it are. */
  readonly hosts: readonly string[]
  readonly setDown: number
}

/** A size that is tried in the place of a piece's own. */
export interface TriedOption {
  readonly id: string
  readonly name: string
  readonly widthMm: number | null
  readonly depthMm: number | null
  readonly heightMm: number | null
}

/** One piece where it stands. */
export interface Standing {
  readonly id: string
  readonly pieceId: string
  readonly piece: PlanPiece
  readonly name: string
  readonly kind: PieceKind
  readonly sanitary: Sanitary
  readonly box: Box
  readonly widthMm: number
  readonly depthMm: number
  readonly heightMm: number
  readonly raisedMm: number
  readonly turnDeg: number
  readonly optionName: string | undefined
}

/** What of a placed thing decides whether it can stand where it does. */
export type Solid = Pick<Standing, 'id' | 'kind' | 'box' | 'raisedMm' | 'heightMm'> &
  Partial<Pick<Standing, 'piece'>>

/** The rows of stands as boxes; stands of a piece that is not in the room are left out. */
export function standingsOf(
  floorPlacements: readonly FloorPlacement[],
  pieces: readonly PlanPiece[],
  options: readonly TriedOption[] = [],
): Standing[] {
  const pieceOf = new Map(pieces.map((p) => [p.id, p]))
  const optionOf = new Map(options.map((o) => [o.id, o]))
  return floorPlacements.flatMap((s): Standing[] => {
    const piece = pieceOf.get(s.pieceId)
    return piece ? [standing(s, piece, s.optionId ? optionOf.get(s.optionId) : undefined)] : []
  })
}

/** One piece in one place. */
export function standing(
  s: Pick<FloorPlacement, 'id' | 'number' | 'xMm' | 'yMm' | 'turnDeg' | 'raisedMm'>,
  piece: PlanPiece,
  option?: TriedOption,
): Standing {
  const widthMm = option?.widthMm ?? piece.widthMm
  const depthMm = option?.depthMm ?? piece.depthMm
  return {
    id: s.id,
    pieceId: piece.id,
    piece,
    name: piece.count > 1 ? `${piece.name} ${s.number}` : piece.name,
    kind: piece.kind,
    sanitary: (piece.kind === 'sanitary' && piece.sanitary) || 'other',
    box: boxOf(s.xMm, s.yMm, widthMm, depthMm, s.turnDeg),
    widthMm,
    depthMm,
    heightMm: option?.heightMm ?? piece.heightMm,
    raisedMm: s.raisedMm,
    turnDeg: s.turnDeg,
    optionName: option?.name,
  }
}

/** The footprint of a piece that is extended towards its front: a sofa bed, a drop-leaf table. */
export function extended(s: Standing): Box | undefined {
  const depth = s.piece.openDepthMm
  if (depth == null || depth <= s.depthMm) return undefined
  const middle = fromBox(s.box, { x: 0, y: (depth - s.depthMm) / 2 })
  return { ...s.box, x: middle.x, y: middle.y, halfD: depth / 2 }
}

/** The same piece extended; itself when it does not open. */
export function asExtended(s: Standing): Standing {
  const box = extended(s)
  return box ? { ...s, box, depthMm: 2 * box.halfD } : s
}

// Feet stand so far in from the outline (common practice); a narrow piece has them at its edge.
const LEG_INSET_MM = 50

/** Outer points of the legs: back left, back right, front right, front left. */
export function legsOf(s: Pick<Standing, 'box'>): readonly [Point, Point, Point, Point] {
  const inset = (half: number) => Math.max(half * 0.5, half - LEG_INSET_MM)
  return boxCorners({ ...s.box, halfW: inset(s.box.halfW), halfD: inset(s.box.halfD) })
}

export const frontLegs = (s: Pick<Standing, 'box'>): readonly [Point, Point] => {
  const [, , right, left] = legsOf(s)
  return [right, left]
}

/** A side of a piece: its middle, the unit vector along it and away from it, and half its length. */
export interface SideLine {
  readonly origin: Point
  readonly along: Point
  readonly normal: Point
  readonly half: number
}

/** A side of a box by its name; the front is where one stands before it. */
export function sideOf(box: Box, side: Side): SideLine {
  const { ux, uy, halfW, halfD } = box
  const [w, d] = [
    { x: ux, y: uy },
    { x: -uy, y: ux },
  ]
  const flip = (p: Point): Point => ({ x: -p.x, y: -p.y })
  if (side === 'front') return { origin: fromBox(box, { x: 0, y: halfD }), along: w, normal: d, half: halfW }
  if (side === 'back')
    return { origin: fromBox(box, { x: 0, y: -halfD }), along: w, normal: flip(d), half: halfW }
  if (side === 'right') return { origin: fromBox(box, { x: halfW, y: 0 }), along: d, normal: w, half: halfD }
  return { origin: fromBox(box, { x: -halfW, y: 0 }), along: d, normal: flip(w), half: halfD }
}

/** True when two pieces take the same height somewhere: a lamp on a table does not stand in it. */
export const heightsMeet = (a: Solid, b: Solid): boolean =>
  a.raisedMm < b.raisedMm + b.heightMm && b.raisedMm < a.raisedMm + a.heightMm

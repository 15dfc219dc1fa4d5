import {
  type PaletteFacts,
  type FinishFacts,
  finishWorn,
  likeness,
  wallBehind,
  CLEAR_DELTA_E,
  MATCH_DELTA_E,
} from '../paletteFacts.js'
import type { WornPiece } from '../schemeView.js'
import type { PieceKind } from '../../../model/vocabulary/piece.js'
import { inRoom } from '../../../model/inRoom.js'
import { pieceAreaMm2 } from '../visibleArea.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { wornPieces, pieceRef, finishRef, dressPiece, addPiece } from './about.js'

// A piece that shows at least this much stands against the wall as a shape (common practice).
const LARGE_MM2 = 700_000

/** Kinds that stand before a wall as a mass; a table, a chair or a lamp lets the wall be seen, and a curtain has a rule of its own. */
const MASSES: ReadonlySet<PieceKind> = new Set<PieceKind>([
  'sofa',
  'sofa bed',
  'armchair',
  'bench',
  'bed',
  'headboard',
  'cabinet',
  'chest of drawers',
  'wardrobe',
  'trunk',
  'shelves',
  'piano',
])
// A bed lower than this has no head end that stands before the wall.
const HEAD_END_MM = 650

const isMass = (piece: WornPiece): boolean =>
  MASSES.has(piece.kind) &&
  pieceAreaMm2(piece) >= LARGE_MM2 &&
  (piece.kind !== 'bed' || piece.heightMm >= HEAD_END_MM)

// What lies on a seat and differs this much from seat and wall lifts the seat off the wall (common practice).
const SEPARATES = 15

function separated(facts: PaletteFacts, piece: WornPiece, seat: FinishFacts, wall: FinishFacts): boolean {
  return facts.pieces.some((p) => {
    if ((p.kind !== 'cushion' && p.kind !== 'throw') || !inRoom(p)) return false
    if (p.wallId && piece.wallId && p.wallId !== piece.wallId) return false
    const cloth = finishWorn(facts, p)
    return !!cloth && [seat, wall].every((x) => likeness(cloth.lab, x.lab).deltaE >= SEPARATES)
  })
}

function check(facts: PaletteFacts): Finding[] {
  const school = facts.schools.pieceAgainstWall
  if (!school) return []
  return wornPieces(facts).flatMap(({ piece, finish }): Finding[] => {
    if (!isMass(piece)) return []
    const wall = wallBehind(facts, piece)
    if (!wall || wall === finish) return []
    const { zone, deltaE } = likeness(finish.lab, wall.lab)
    const wanted = school === 'stand out' ? 'clear' : 'merges'
    if (zone === wanted || (school === 'stand out' && separated(facts, piece, finish, wall))) return []
    const title =
      zone === 'merges'
        ? `${piece.name} melts into the wall`
        : zone === 'clear'
          ? `${piece.name} stands out from the wall`
          : `${piece.name} nearly matches the wall`
    return [
      {
        rule: 'palette.piece-against-wall',
        severity: 'look',
        about: [pieceRef(piece), finishRef(finish), finishRef(wall)],
        title,
        measured: `ΔE00 ${facts.says.number(deltaE, 1)} between ${finish.finish.name} and ${wall.finish.name}: ${zone}`,
        wanted:
          school === 'stand out'
            ? `from ${CLEAR_DELTA_E} on, or a cushion or throw between`
            : `up to ${MATCH_DELTA_E}`,
        because:
          school === 'stand out'
            ? 'A cushion or a throw that contrasts with both separates them; only then think of repainting or replacing.'
            : 'Toning in asks for one color; a near match is the fault in both schools.',
        school,
        fixes: fixesFor(facts, piece, finish, wall, school),
      },
    ]
  })
}

function fixesFor(
  facts: PaletteFacts,
  piece: WornPiece,
  seat: FinishFacts,
  wall: FinishFacts,
  school: string,
): Fix[] {
  if (school === 'tone in') return dressPiece(facts, piece, wall)
  const seats = ['sofa', 'sofa bed', 'armchair', 'chair', 'bench', 'bed']
  const cloth = facts.finishes.filter(
    (f) =>
      f.finish.material === 'textile' &&
      [seat, wall].every((x) => likeness(f.lab, x.lab).deltaE >= SEPARATES),
  )
  const throws = seats.includes(piece.kind)
    ? facts.pieces.filter(
        (p) =>
          (p.kind === 'cushion' || p.kind === 'throw') &&
          inRoom(p) &&
          (!p.wallId || !piece.wallId || p.wallId === piece.wallId),
      )
    : []
  const separate = throws
    .slice(0, 1)
    .flatMap((t) => cloth.slice(0, 2).flatMap((c) => dressPiece(facts, t, c)))
  const add: Fix[] = seats.includes(piece.kind)
    ? cloth.slice(0, 1).map((c) => ({
        label: `Lay a throw in ${c.finish.name} on it`,
        changes: [
          addPiece(facts, {
            name: `Throw on ${piece.name.toLowerCase()}`,
            kind: 'throw',
            widthMm: 1300,
            depthMm: 700,
            heightMm: 10,
            finishId: c.finish.id,
            wallId: piece.wallId,
          }),
        ],
      }))
    : []
  const other = facts.finishes
    .filter((f) => f.finish.material === seat.finish.material && likeness(f.lab, wall.lab).zone === 'clear')
    .slice(0, 1)
    .flatMap((f) => dressPiece(facts, piece, f))
  return [...separate, ...add, ...other]
}

export const pieceAgainstWall: Rule<PaletteFacts> = {
  name: 'palette.piece-against-wall',
  title: 'A large piece against the wall behind it',
  numbers: `“stand out” wants ΔE00 from ${CLEAR_DELTA_E} on, “tone in” up to ${MATCH_DELTA_E}; between them it fails in both. A cushion or throw at ΔE00 ${SEPARATES} from seat and wall separates them. Seats, beds with a head end and case goods showing ${LARGE_MM2 / 1e6} m² or more.`,
  source: 'common practice',
  schools: ['stand out', 'tone in'],
  check,
}

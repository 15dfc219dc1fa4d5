import type { RowChange } from '../../../findings/finding.js'
import type { FloorPlacement } from '../../../model/rows/floorPlacements.js'
import type { WallPlacement } from '../../../model/rows/wallPlacements.js'
import { firstPlace } from '../firstPlace.js'
import { NEW_STAND } from '../newRows.js'
import type { PlanFacts, PlanInput } from '../planFacts.js'
import { standing, type Standing } from '../standing.js'
import { toStand } from '../toStand.js'
import type { Arrangement } from './arrange.js'

/** A piece that a search may set out anew: where it stands, or where it would be put down. */
export interface Candidate {
  readonly standing: Standing
  readonly isNew: boolean
  readonly number: number
}

/** Thinner than this it leans or hangs, and takes no place on the floor. */
const THIN_MM = 60

/** Every piece that stands on the floor or will, each of several by itself. */
export function candidates(
  facts: PlanFacts,
  floorPlacements: readonly FloorPlacement[],
  wallPlacements: readonly WallPlacement[],
): Candidate[] {
  const stood = facts.standings.map((s) => ({
    standing: s,
    isNew: false,
    number: floorPlacements.find((x) => x.id === s.id)?.number ?? 1,
  }))
  const missing = toStand(facts, floorPlacements, wallPlacements)
    .filter(({ piece }) => Math.min(piece.widthMm, piece.depthMm) > THIN_MM)
    .map(({ piece, number }) => {
      const id = `new ${piece.id} ${number}`
      return { standing: standing({ id, number, ...firstPlace(facts, piece) }, piece), isNew: true, number }
    })
  return [...stood, ...missing]
}

/** What a search is given: the facts without what follows from them, which is derived again where it runs. */
export function inputOf(facts: PlanFacts, standings: readonly Standing[]): PlanInput {
  const { solid: _s, rugs: _r, seats: _e, sight: _i, walking: _g, walks: _w, carried: _c, ...given } = facts
  return { ...given, standings, withFixes: false, moved: undefined }
}

/** The rows of an arrangement taken over: pieces moved, and those set in that had no place. */
export const arrangementChanges = (a: Arrangement, taking: readonly Candidate[]): RowChange[] =>
  a.places.flatMap((p): RowChange[] => {
    const from = taking.find((t) => t.standing.id === p.id)
    if (!from) return []
    const place = { xMm: p.xMm, yMm: p.yMm, turnDeg: p.turnDeg }
    if (!from.isNew) return [{ collection: 'floorPlacements', id: p.id, set: place }]
    const { pieceId, raisedMm } = from.standing
    return [
      {
        collection: 'floorPlacements',
        add: { ...NEW_STAND, pieceId, number: from.number, raisedMm, ...place },
      },
    ]
  })

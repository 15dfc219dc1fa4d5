import { standsClear } from './nudge.js'
import type { PlanFacts } from './planFacts.js'
import { adviceBox } from './rug.js'
import { againstWall } from './snap.js'
import { standing, type PlanPiece } from './standing.js'

/** A place to begin with. */
export interface Place {
  readonly xMm: number
  readonly yMm: number
  readonly turnDeg: number
  readonly raisedMm: number
}

// Kinds that stand in the room and not at its edge.
const FREE: ReadonlySet<string> = new Set(['low table', 'table', 'rug', 'chair', 'stool'])

/**
 * Where a piece is put down first: at the wall it belongs to, else at the longest wall with room for it, else in the
 * middle. A rug goes under the seats, a low table before them, a hanging lamp to the ceiling point.
 */
export function firstPlace(facts: PlanFacts, piece: PlanPiece): Place {
  const { room } = facts
  const clear = (p: { xMm: number; yMm: number; turnDeg: number }) =>
    standsClear(facts, standing({ id: 'new', number: 1, raisedMm: 0, ...p }, piece))
  const middle = { x: (room.low.x + room.high.x) / 2, y: (room.low.y + room.high.y) / 2 }
  const ceiling = room.fixtures.find((f) => f.kind === 'ceiling point')
  if (piece.kind === 'lamp' && (piece.fixing === 'screwed to the ceiling' || piece.fixing === 'wired in')) {
    const at = ceiling?.box ?? middle
    const top = room.heightMm ?? 2_500
    return {
      xMm: Math.round(at.x),
      yMm: Math.round(at.y),
      turnDeg: 0,
      raisedMm: Math.max(0, top - piece.heightMm),
    }
  }
  if (piece.kind === 'rug') {
    const at = adviceBox(facts.seats, room, piece, facts.needs.rugBorder)
    if (at) {
      const turn = Math.round(((Math.atan2(at.uy, at.ux) * 180) / Math.PI + 360) % 360)
      return { xMm: Math.round(at.x), yMm: Math.round(at.y), turnDeg: turn, raisedMm: 0 }
    }
  }
  const seat = facts.seats[0]
  if (piece.kind === 'low table' && seat) {
    const away = seat.box.halfD + piece.depthMm / 2 + (facts.needs.kneesLeast + facts.needs.kneesMost) / 2
    const at = {
      xMm: Math.round(seat.box.x - seat.box.uy * away),
      yMm: Math.round(seat.box.y + seat.box.ux * away),
      turnDeg: seat.turnDeg,
    }
    if (clear(at)) return { ...at, raisedMm: 0 }
  }
  const walls = [...room.walls].sort(
    (a, b) => Number(b.id === piece.wallId) - Number(a.id === piece.wallId) || b.lengthMm - a.lengthMm,
  )
  if (!FREE.has(piece.kind))
    for (const wall of walls)
      for (let off = 0; off < wall.lengthMm / 2; off += 50)
        for (const along of off === 0
          ? [wall.lengthMm / 2]
          : [wall.lengthMm / 2 - off, wall.lengthMm / 2 + off]) {
          if (along - piece.widthMm / 2 < 0 || along + piece.widthMm / 2 > wall.lengthMm) continue
          const at = againstWall(piece.widthMm, piece.depthMm, wall, along)
          if (clear(at)) return { ...at, raisedMm: 0 }
        }
  for (let r = 0; r < 4_000; r += 100)
    for (let k = 0; k < (r === 0 ? 1 : 8); k++) {
      const at = {
        xMm: Math.round(middle.x + r * Math.cos((k * Math.PI) / 4)),
        yMm: Math.round(middle.y + r * Math.sin((k * Math.PI) / 4)),
        turnDeg: 0,
      }
      if (clear(at)) return { ...at, raisedMm: 0 }
      if (piece.kind === 'rug' && clear({ ...at, turnDeg: 90 })) return { ...at, turnDeg: 90, raisedMm: 0 }
    }
  return { xMm: Math.round(middle.x), yMm: Math.round(middle.y), turnDeg: 0, raisedMm: 0 }
}

/** What a surface wears when the work is done: the finish, and whether it is painted in this job. */
export interface Wear {
  /** Null while nothing is laid on it: it stays as it is. */
  readonly finishId: string | null
  readonly painted: boolean
}

/** A wall as its edges are taped. Lengths in mm. */
export interface TapedWall {
  readonly lengthMm: number
  /** At its end, where the next wall begins. */
  readonly cornerMm: number
  readonly wear: Wear
  readonly openings: readonly TapedOpening[]
}

/** A door or window in it: its frame is trim, or wears a finish of its own. */
export interface TapedOpening {
  readonly widthMm: number
  readonly heightMm: number
  readonly sillMm: number
  /** Undefined for an opening without a frame. */
  readonly frame: Wear | undefined
}

export interface TapedRoom {
  /** In the order in which they meet; the last meets the first. */
  readonly walls: readonly TapedWall[]
  readonly ceiling: Wear
  readonly trim: Wear
  /** The lower part of the walls, up to its line; undefined when they are whole. */
  readonly lower: { readonly wear: Wear; readonly toMm: number } | undefined
  readonly skirting: boolean
  readonly cornice: boolean
  /** Fields and bands on the walls with a finish of their own. */
  readonly fields: readonly { readonly roundMm: number; readonly wear: Wear; readonly on: Wear }[]
}

export interface TapedEdges {
  readonly ceilingMm: number
  readonly footMm: number
  readonly framesMm: number
  readonly betweenMm: number
}

/** How long a wall is at a height, what opens there left out. */
const runAt = (wall: TapedWall, mm: number): number =>
  wall.lengthMm -
  wall.openings
    .filter((o) => o.sillMm <= mm && mm < o.sillMm + o.heightMm)
    .reduce((sum, o) => sum + o.widthMm, 0)

/** Two surfaces are taped apart where one is painted and they do not wear the same. */
export const isTaped = (a: Wear, b: Wear): boolean => (a.painted || b.painted) && a.finishId !== b.finishId

/**
 * The edges along which tape is laid: each where two surfaces meet that will not wear the same and one of which is
 * painted. An envelope of one paint needs tape along the floor alone.
 */
export function tapeEdges(room: TapedRoom): TapedEdges {
  let [ceilingMm, footMm, framesMm, betweenMm] = [0, 0, 0, 0]
  const floor: Wear = { finishId: null, painted: false }
  const { walls, trim, ceiling } = room
  walls.forEach((wall, i) => {
    const next = walls[(i + 1) % walls.length]
    const low = room.lower?.wear ?? wall.wear
    const line = room.lower?.toMm ?? 0
    const foot = runAt(wall, 0)
    if (room.cornice) {
      if (isTaped(wall.wear, trim)) ceilingMm += wall.lengthMm
      if (isTaped(trim, ceiling)) ceilingMm += wall.lengthMm
    } else if (isTaped(wall.wear, ceiling)) ceilingMm += wall.lengthMm
    if (room.skirting) {
      if (isTaped(low, trim)) footMm += foot
      if (isTaped(trim, floor)) footMm += foot
    } else if (isTaped(low, floor)) footMm += foot
    if (isTaped(wall.wear, low)) betweenMm += runAt(wall, line)
    if (next && walls.length > 1 && isTaped(wall.wear, next.wear)) betweenMm += wall.cornerMm
    for (const { widthMm, heightMm, sillMm, frame } of wall.openings) {
      if (!frame) continue
      const head = sillMm + heightMm
      const below = Math.max(0, Math.min(line, head) - Math.max(0, sillMm))
      const at = (mm: number) => (mm < line ? low : wall.wear)
      const side = (wear: Wear, mm: number) => (isTaped(wear, frame) ? mm : 0)
      framesMm += side(low, 2 * below) + side(wall.wear, 2 * (heightMm - below))
      framesMm += side(at(head), widthMm) + (sillMm > 0 ? side(at(sillMm), widthMm) : 0)
    }
  })
  for (const { roundMm, wear, on } of room.fields) if (isTaped(wear, on)) betweenMm += roundMm
  return { ceilingMm, footMm, framesMm, betweenMm }
}

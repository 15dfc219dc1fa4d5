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
  /** Undefined when the walls are whole. */
  readonly lower: Wear | undefined
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
    const low = room.lower ?? wall.wear
    const foot =
      wall.lengthMm - wall.openings.filter((o) => o.sillMm <= 0).reduce((sum, o) => sum + o.widthMm, 0)
    if (room.cornice) {
      if (isTaped(wall.wear, trim)) ceilingMm += wall.lengthMm
      if (isTaped(trim, ceiling)) ceilingMm += wall.lengthMm
    } else if (isTaped(wall.wear, ceiling)) ceilingMm += wall.lengthMm
    if (room.skirting) {
      if (isTaped(low, trim)) footMm += foot
      if (isTaped(trim, floor)) footMm += foot
    } else if (isTaped(low, floor)) footMm += foot
    if (room.lower && isTaped(wall.wear, room.lower)) betweenMm += foot
    if (next && walls.length > 1 && isTaped(wall.wear, next.wear)) betweenMm += wall.cornerMm
    for (const { widthMm, heightMm, sillMm, frame } of wall.openings)
      if (frame && isTaped(wall.wear, frame)) framesMm += 2 * heightMm + (sillMm <= 0 ? 1 : 2) * widthMm
  })
  for (const { roundMm, wear, on } of room.fields) if (isTaped(wear, on)) betweenMm += roundMm
  return { ceilingMm, footMm, framesMm, betweenMm }
}

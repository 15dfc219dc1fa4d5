import { distance, type Point } from '../../../kernel/geometry/polygon.js'
import type { Formatter } from '../../../kernel/units/formatter.js'

/** Somewhere a lamp could go. */
export interface LampPlace {
  readonly name: string
  readonly at: Point
  /** Height its light would have above the floor. */
  readonly heightMm: number
}

export interface RankedPlace {
  readonly place: LampPlace
  readonly refused: string | undefined
  readonly cordMm: number | undefined
  /** Distance to the nearest lamp that is there already. */
  readonly nearestLampMm: number | undefined
  readonly reasons: readonly string[]
  readonly score: number
}

// A small lamp lower than this lights the floor and shelves, not faces or pages (common practice).
const LOW_LAMP_MM = 700

/**
 * Places for one more lamp, best first: as far as can be from the lamps that are there, near a socket, at eye level.
 * A place at the foot of a shelf is refused: its light is wasted.
 */
export function rankLampPlaces(
  places: readonly LampPlace[],
  lamps: readonly Point[],
  sockets: readonly { readonly name: string; readonly at: Point }[],
  cordReachMm: number,
  says: Formatter,
): RankedPlace[] {
  return places
    .map((place): RankedPlace => {
      const nearest = lamps.length > 0 ? Math.min(...lamps.map((l) => distance(l, place.at))) : undefined
      const socket = sockets
        .map((s) => ({ ...s, mm: distance(s.at, place.at) }))
        .sort((a, b) => a.mm - b.mm)[0]
      const refused =
        place.heightMm < LOW_LAMP_MM
          ? `${says.length(place.heightMm)} up its light is wasted; raise it`
          : undefined
      const reach = socket !== undefined && socket.mm <= cordReachMm
      const reasons = [
        nearest === undefined
          ? 'the first lamp of the room'
          : nearest < 1_500
            ? `a lamp stands ${says.length(nearest)} away: this side is lit`
            : `no lamp within ${says.length(nearest)}`,
        socket === undefined
          ? 'no socket is recorded'
          : reach
            ? `${socket.name} ${says.length(socket.mm)} away`
            : `${socket.name} is ${says.length(socket.mm)} away, past the cord`,
      ]
      const score =
        Math.min(4_000, nearest ?? 4_000) / 1_000 +
        (reach ? 1.5 - (socket.mm / cordReachMm) * 0.5 : 0) +
        (place.heightMm > 1_000 && place.heightMm < 1_800 ? 0.5 : 0)
      return {
        place,
        refused,
        cordMm: socket && Math.round(socket.mm),
        nearestLampMm: nearest,
        reasons,
        score,
      }
    })
    .sort((a, b) => Number(!!a.refused) - Number(!!b.refused) || b.score - a.score)
}

export interface PendantFit {
  /** Longest drop from the ceiling to the lower edge, canopy and cord included. */
  readonly largestDropMm: number
  readonly dropMm: number
  readonly fits: boolean
}

/**
 * A hanging lamp against the ceiling. Over a walk the head stays clear; over a table its lower edge keeps a distance
 * from the top. The diameter is free: in a low room it gives the drama.
 */
export function pendantFit(ask: {
  readonly ceilingMm: number
  readonly shadeMm: number
  readonly canopyAndCordMm: number
  readonly headClearMm: number
  /** Top of the table below it, when it hangs over one. */
  readonly tableMm?: number | undefined
  readonly overTableMm?: number
}): PendantFit {
  const { ceilingMm, shadeMm, canopyAndCordMm, headClearMm, tableMm, overTableMm = 750 } = ask
  const lowest = tableMm === undefined ? headClearMm : tableMm + overTableMm
  const largestDropMm = Math.max(0, ceilingMm - lowest)
  const dropMm = shadeMm + canopyAndCordMm
  return { largestDropMm, dropMm, fits: dropMm <= largestDropMm }
}

/** Diameter of a lamp over a table: half to two thirds of its width (common practice). */
export const diameterOverTable = (tableWidthMm: number) => ({
  leastMm: Math.round(tableWidthMm / 2),
  mostMm: Math.round((tableWidthMm * 2) / 3),
})

/**
 * A standing lamp beside a wall piece: it stays below its lower edge, or it competes with it. The table under the
 * lamp counts.
 */
export function lampAgainstPicture(tableMm: number, lampMm: number, pictureBottomMm: number) {
  const topMm = tableMm + lampMm
  const overMm = topMm - pictureBottomMm
  return { topMm, overMm, competes: overMm > 0 }
}

/** Whether a curtain's cloth suits what a sleeper wants. @param passes part of the daylight let through, 0 to 1 */
export function curtainDarkness(
  passes: number,
  wanted: 'dark' | 'dimmed, child in sight',
): { ok: boolean; says: string } {
  const percent = Math.round(passes * 100)
  if (wanted === 'dark')
    return passes <= DARK_AT_MOST
      ? { ok: true, says: `${percent} % comes through: dark enough to sleep late` }
      : { ok: false, says: `${percent} % comes through; sleep asks for ${DARK_AT_MOST * 100} % or less` }
  return passes >= SEEN_AT_LEAST
    ? { ok: true, says: `${percent} % comes through: dimmed, and the child can be seen` }
    : { ok: false, says: `${percent} % comes through; to see the child ${SEEN_AT_LEAST * 100} % are wanted` }
}

// Blackout cloth passes a few percent at most; a lining that dims passes 15 % and more (common practice).
const DARK_AT_MOST = 0.05
const SEEN_AT_LEAST = 0.15

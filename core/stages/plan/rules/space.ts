import { sideOf, type Standing } from '../standing.js'
import { PULLED_UP, SANITARY_ZONES, SEATS, ZONES, type Side, type ZoneNeed } from '../needs.js'
import type { PlanFacts } from '../planFacts.js'
import { TIE_MM } from '../clearanceGrid.js'
import { freeBefore, largerFirst, type Free } from '../free.js'
import { isWalkedOver } from '../walkways.js'

/** What stands before a seat to put a cup on. */
export const CUP_TABLES: ReadonlySet<string> = new Set(['low table', 'trunk'])

// A low table farther off belongs to another seat.
export const TABLE_OF_SEAT_MM = 900

/** One side of a piece against what it wants. */
export interface SideJudged {
  readonly need: ZoneNeed
  readonly free: Free
  readonly wantMm: number
  readonly stopMm: number | undefined
}

export const zonesOf = (s: Standing): readonly ZoneNeed[] =>
  s.kind === 'sanitary' ? SANITARY_ZONES[s.sanitary] : (ZONES[s.kind] ?? [])

/** What was found out about the floor beside pieces, for as long as the ways are the same. */
const passed = new WeakMap<PlanFacts['walks'], Map<string, boolean>>()

/** True when the way to another piece leads through the floor on a side: behind a chair somebody passes there. */
export function passedOn(facts: PlanFacts, s: Standing, side: Side): boolean {
  const { walking, walks, room } = facts
  if (!walking) return false
  const known = passed.get(walks) ?? new Map<string, boolean>()
  passed.set(walks, known)
  const { origin, normal, half } = sideOf(s.box, side)
  const deep = facts.needs.chairPass
  const box = {
    ...s.box,
    x: origin.x + (normal.x * deep) / 2,
    y: origin.y + (normal.y * deep) / 2,
    halfW: side === 'front' || side === 'back' ? half * 0.6 : deep / 2,
    halfD: side === 'front' || side === 'back' ? deep / 2 : half * 0.6,
  }
  const key = `${s.id} ${box.x} ${box.y} ${box.halfW} ${box.halfD}`
  const found = known.get(key) ?? isWalkedOver(room, walking, walks, box, s.id)
  known.set(key, found)
  return found
}

/** A side this close to something stands against it, and wants nothing. */
export const AGAINST_MM = 60

export const farthestOf = (list: readonly SideJudged[]): SideJudged | undefined =>
  sideAt(list, Math.max(...list.map((j) => j.free.mm)))

export const nearestOf = (list: readonly SideJudged[]): SideJudged | undefined =>
  sideAt(list, Math.min(...list.map((j) => j.free.mm)))

/** The side with this much floor; of sides that have as much, one, with what stands beside any of them. */
function sideAt(list: readonly SideJudged[], mm: number): SideJudged | undefined {
  const there = list.filter((j) => Math.abs(j.free.mm - mm) <= TIE_MM)
  const pieces = [...new Set(there.flatMap((j) => j.free.pieces))].sort(largerFirst)
  const side = there.find((j) => j.free.piece === pieces[0])
  return side && { ...side, free: { ...side.free, pieces } }
}

/** What may stand before a kind without being in the way of it. */
export function belongsBefore(s: Standing, other: Standing): boolean {
  if (PULLED_UP.has(other.kind) && (s.kind === 'desk' || s.kind === 'piano' || s.kind === 'table'))
    return true
  if (SEATS.has(s.kind)) return ['low table', 'side table', 'trunk', 'stool', 'lamp'].includes(other.kind)
  if (s.kind === 'bed') return ['side table', 'lamp', 'bench', 'trunk', 'stool'].includes(other.kind)
  // A music stand, by its size: it has no kind of its own.
  if (s.kind === 'piano') return other.kind === 'other' && Math.max(other.widthMm, other.depthMm) <= 700
  return false
}

/** One steps into a tub or shower at one place of its side, this wide (30 in, common practice). */
const STEP_IN_MM = 762
const STEP_BY_MM = 50

/** Up to this width a bed is for one. */
const BED_FOR_ONE_MM = 1_200

/** How wide the place is at which one gets in; undefined where the whole side has to be free. */
function wayInMm(s: Standing, side: Side): number | undefined {
  if (s.kind === 'sanitary') return s.sanitary === 'bath' || s.sanitary === 'shower' ? STEP_IN_MM : undefined
  // Into a bed for one from one half of its side: what stands before the other half is in nobody's way.
  if (s.kind === 'bed' && s.widthMm <= BED_FOR_ONE_MM && side !== 'front') return s.depthMm / 2
  return undefined
}

/** Free floor before a side; where one gets in at one place of it, where it is freest. */
function freeToGetIn(facts: PlanFacts, s: Standing, need: ZoneNeed, others: readonly Standing[]): Free {
  const all = freeBefore(s, need.side, facts.room, others, facts.needs[need.need])
  const wide = wayInMm(s, need.side)
  const across = need.side === 'left' || need.side === 'right'
  const spare = (across ? s.depthMm : s.widthMm) - (wide ?? Infinity)
  if (wide === undefined || spare <= 0) return all
  let best = all
  for (let off = -spare / 2; off <= spare / 2; off += STEP_BY_MM) {
    const [ux, uy] = across ? [-s.box.uy, s.box.ux] : [s.box.ux, s.box.uy]
    const part = across ? { halfD: wide / 2 } : { halfW: wide / 2 }
    const box = { ...s.box, x: s.box.x + ux * off, y: s.box.y + uy * off, ...part }
    const free = freeBefore({ ...s, box }, need.side, facts.room, others, facts.needs[need.need])
    if (free.mm > best.mm + TIE_MM) best = free
  }
  return best
}

/**
 * Free floor on every side of a piece that wants some.
 * @param tableMm what a side of a table wants at the least; asked of the ways through the room when not given
 */
export function sidesOf(facts: PlanFacts, s: Standing, tableMm?: number): SideJudged[] {
  const zones = zonesOf(s)
  if (zones.length === 0) return []
  const most = Math.max(...zones.map((z) => facts.needs[z.need]))
  const reach = most + s.box.halfW + s.box.halfD
  const others = facts.solid.filter(
    (o) =>
      o.id !== s.id &&
      Math.abs(o.box.x - s.box.x) < reach + o.box.halfW + o.box.halfD &&
      Math.abs(o.box.y - s.box.y) < reach + o.box.halfW + o.box.halfD &&
      !belongsBefore(s, o),
  )
  return zones.map((need) => {
    const free = freeToGetIn(facts, s, need, others)
    // Where there is room for both to sit and to pass nothing has to be known of who passes.
    const asks = s.kind === 'table' && free.mm > AGAINST_MM && free.mm < facts.needs.chairPass
    const passMm = asks ? (tableMm ?? (passedOn(facts, s, need.side) ? facts.needs.chairPass : 0)) : 0
    return {
      need,
      free,
      wantMm: Math.max(passMm, facts.needs[need.need]),
      stopMm: need.stopBelow && facts.needs[need.stopBelow],
    }
  })
}

/** The sides of a piece that are too tight; a table against a wall and one side of a bed are forgiven. */
export function tightSides(facts: PlanFacts, s: Standing, tableMm?: number): SideJudged[] {
  const all = sidesOf(facts, s, tableMm)
  const table = s.kind === 'table'
  const tight = all.filter((j) => j.free.mm < j.wantMm - 0.5 && !(table && j.free.mm <= AGAINST_MM))
  const either = all.filter((j) => j.need.either)
  const oneFree = either.some((j) => j.free.mm >= j.wantMm - 0.5)
  const wide = s.kind === 'bed' && s.widthMm > BED_FOR_ONE_MM
  // A bed for one is got into from one side; one for two from both.
  const farthest = oneFree ? undefined : farthestOf(tight.filter((j) => j.need.either))
  const kept = [...tight.filter((j) => !j.need.either || (wide && oneFree)), ...(farthest ? [farthest] : [])]
  if (!table) return kept
  const worst = nearestOf(kept)
  return worst ? [worst] : []
}

/** The low table before a seat, and how far it is from the knees. */
export function kneesOf(facts: PlanFacts, seat: Standing): Free | undefined {
  const tables = facts.standings.filter((s) => CUP_TABLES.has(s.kind))
  const free = freeBefore(seat, 'front', { ...facts.room, walls: [] }, tables)
  return free.piece && free.mm < TABLE_OF_SEAT_MM ? free : undefined
}

/** Whether a round or square table leaves chairs room on every side, and how much at the least. */
export function tableClearance(tableMm: number, roomMm: readonly [number, number], needMm: number) {
  const leastMm = Math.min(...roomMm.map((side) => (side - tableMm) / 2))
  return { leastMm, fits: leastMm >= needMm }
}

/** Whether a bed leaves its sides and foot free in a room (clearances are common practice). */
export function bedFits(
  room: readonly [number, number],
  bed: readonly [number, number],
  sideMm: number,
  footMm: number,
) {
  const spareWidth = room[0] - bed[0] - 2 * sideMm
  const spareLength = room[1] - bed[1] - footMm
  return { spareWidth, spareLength, fits: spareWidth >= 0 && spareLength >= 0 }
}

/** Seats at a table: round by its edge, a rectangle by its sides and one at each end. */
export const seatsAtRound = (diameter: number, place: number): number =>
  Math.floor((Math.PI * diameter) / place + 1e-9)

export const seatsAtTable = (length: number, place: number): number => 2 * Math.floor(length / place) + 2

/** Screen and the distance at which it fills an angle of the view. */
export function viewingDistance(diagonal: number, aspect: readonly [number, number], angleDeg: number) {
  const [a, b] = aspect
  const d = Math.hypot(a, b)
  const width = (a * diagonal) / d
  return { width, height: (b * diagonal) / d, distance: width / (2 * Math.tan((angleDeg * Math.PI) / 360)) }
}

/** Whether a horizontal push tips a cabinet over its front edge (moment balance, uniform mass). */
export function tipping(weight: number, depth: number, pushHeight: number, push: number) {
  const restoring = (weight * depth) / 2
  const overturning = push * pushHeight
  return { restoring, overturning, tips: overturning > restoring, tippingPush: restoring / pushHeight }
}

import { cross, dot, minus } from '../kernel/geometry/polygon.js'
import { listed } from '../kernel/listed.js'
import { formatterOf } from '../kernel/units/formatter.js'
import type { JobSnapshot } from '../model/snapshot.js'
import type { MeasureFacts } from '../stages/measure/measureFacts.js'
import { takeoffLine } from '../stages/takeoff/takeoffLine.js'
import type { TakeoffInput, TakeoffLine } from '../stages/takeoff/takeoffTypes.js'
import { wallRuns, type WallFace } from '../stages/takeoff/paper/wallRuns.js'
import type { Face } from '../stages/takeoff/trade.js'
import { planRoomOf } from './planFactsOf.js'
import { entranceOf } from '../stages/plan/planRoom.js'
import { profileHeight } from '../stages/measure/ceilingHeight.js'
import type { RoomAreas } from '../stages/measure/roomAreas.js'
import { sized, unmeasured, type SizedOpening } from '../model/openingSize.js'
import type { Opening } from '../model/rows/openings.js'
import { FLOOR_TRADES } from '../model/vocabulary/takeoff.js'
import type { Takeoff } from '../model/rows/takeoffs.js'

/** The lines of the take-off that have a method of their own, reckoned from what is measured; paint is counted by itself. */
export function takeoffsOf(
  job: JobSnapshot,
  measure: MeasureFacts,
  known: KnownLines = new Map(),
): TakeoffLine[] {
  const says = formatterOf(job.studio)
  const { closure } = measure
  const floor = closure.state === 'closed' || closure.state === 'gap' ? closure.corners : undefined
  const openings = job.openings.map((o) => sized(o))
  const doors = (planRoomOf(job, measure)?.openings ?? [])
    .filter((o) => o.kind !== 'window' && o.sillMm === 0)
    .map(({ name, kind, ends: [from, to] }) => ({ name: name || kind, from, to }))
  return job.takeoffs.map((row) => {
    const opening = openings.find((o) => o.id === row.openingId)
    const window = opening && {
      name: opening.name || opening.kind,
      widthMm: opening.widthMm,
      sillMm: opening.sillMm,
      topMm: opening.sillMm + opening.heightMm,
    }
    return reckoned(known, {
      row,
      parts: job.takeoffParts.filter((p) => p.takeoffId === row.id),
      faces: facesOf(openings, measure, row),
      ...(row.trade === 'tile' && row.toMm !== null
        ? { toCeiling: facesOf(openings, measure, { ...row, toMm: null }) }
        : {}),
      cornersDeg: row.trade === 'lengths' ? cornersOf(measure, row.wallIds) : [],
      ceilingMm: opening && ceilingAt(measure, opening, row.trimMm),
      doors: FLOOR_TRADES.has(row.trade) ? doors : [],
      floor: FLOOR_TRADES.has(row.trade) ? floor : undefined,
      window,
      unmeasured: unmeasuredFor(job.openings, row, measure),
      says,
    })
  })
}

/** What is not measured of the openings a line is cut round, laid up to or hung at: `width and height of Window, North wall`. */
function unmeasuredFor(openings: readonly Opening[], row: Takeoff, { nameOf }: MeasureFacts): string[] {
  const floored = FLOOR_TRADES.has(row.trade)
  return openings.flatMap((o) => {
    const asked = floored
      ? o.kind !== 'window' && !o.sillMm
      : o.id === row.openingId || (WALLED.has(row.trade) && row.wallIds.includes(o.wallId))
    const sides = asked ? unmeasured(o).filter((s) => !floored || s === 'width') : []
    return sides.length > 0 ? [`${listed(sides)} of ${o.name || o.kind}, ${nameOf(o.wallId)}`] : []
  })
}

/** Trades that go round the openings of a wall. */
const WALLED: ReadonlySet<string> = new Set(['wallpaper', 'tile'])
/** What was reckoned of each row, by its id: it stands for as long as nothing it is reckoned from has changed. */
export type KnownLines = Map<string, { readonly of: string; readonly line: TakeoffLine }>

function reckoned(known: KnownLines, input: TakeoffInput): TakeoffLine {
  const { row, says, ...from } = input
  const of = JSON.stringify([row, from, says.system, says.locale, says.currency])
  const before = known.get(row.id)
  if (before?.of === of) return before.line
  const line = takeoffLine(input)
  known.set(row.id, { of, line })
  return line
}

/** The walls of a line as bands between its two heights, with the openings that lie in them. */
function facesOf(openings: readonly SizedOpening[], measure: MeasureFacts, row: Takeoff): Face[] {
  const { areas, closure } = measure
  if (!areas) return []
  // Walls walked with the room to their left come the other way about as one sees them from inside.
  const count = areas.walls.length
  const leftward = closure.state !== 'open' && closure.run.sense === 'left'
  const placeOf = (nth: number) => (leftward ? count - 1 - nth : nth)
  const angles = anglesOf(measure)
  // Seen from inside, the end of a wall that was walked leftwards is its left.
  const straightAfter = (place: number) =>
    isStraight(angles[leftward ? (2 * count - 2 - place) % count : place])
  const faces = areas.walls.flatMap((w, nth): WallFace[] => {
    if (!row.wallIds.includes(w.wallId)) return []
    // Paper and tile are cut to the highest place of a wall, and trimmed under a slope.
    const ceiling = Math.max(...w.profile.map((p) => Math.max(p.startHeightMm, p.endHeightMm)))
    const top = Math.min(ceiling, row.toMm ?? ceiling)
    const heightMm = top - row.fromMm
    if (heightMm <= 0) return []
    const holes = openings
      .filter((o) => o.wallId === w.wallId)
      .map((o) => ({
        name: o.name || o.kind,
        startMm: o.startMm,
        widthMm: o.widthMm,
        bottomMm: Math.max(0, o.sillMm - row.fromMm),
        topMm: Math.min(heightMm, o.sillMm + o.heightMm - row.fromMm),
      }))
      .filter((h) => h.topMm > h.bottomMm)
    const openTop = top < ceiling - 1
    const place = placeOf(nth)
    const straightOn = straightAfter(place)
    return [{ name: w.name, widthMm: w.laidMm, heightMm, holes, openTop, place, straightOn }]
  })
  if (row.trade !== 'wallpaper' || row.match === 'turned squares') return faces
  return wallRuns(faces, count, afterDoor(openings, areas.walls, { placeOf, straightAfter }))
}

/** The angle in the room at the end of each wall, in the order walked; 180 where the next goes straight on. */
function anglesOf({ areas, closure }: MeasureFacts): number[] {
  if (!areas || closure.state === 'open') return []
  const inward = closure.run.sense === 'right' ? 1 : -1
  const { corners } = areas
  return corners.map((from, i) => {
    const at = corners[(i + 1) % corners.length] ?? from
    const to = corners[(i + 2) % corners.length] ?? from
    const turn = Math.atan2(cross(minus(at, from), minus(to, at)), dot(minus(at, from), minus(to, at)))
    return Math.round(10 * (180 - (inward * turn * 180) / Math.PI)) / 10
  })
}

/** A wall that turns by less than this goes straight on. */
const STRAIGHT_DEG = 1
const isStraight = (deg: number | undefined): boolean =>
  deg !== undefined && Math.abs(180 - deg) < STRAIGHT_DEG

/** The corners a molding goes round along the walls named. */
function cornersOf(measure: MeasureFacts, wallIds: readonly string[]): number[] {
  const walls = measure.areas?.walls ?? []
  return anglesOf(measure).filter((deg, i) => {
    const [wall, next] = [walls[i], walls[(i + 1) % walls.length]]
    return !isStraight(deg) && !!wall && !!next && [wall, next].every((w) => wallIds.includes(w.wallId))
  })
}

/** Where the ceiling is lowest over a rail at an opening, slopes counted. */
function ceilingAt({ areas }: MeasureFacts, opening: SizedOpening, beyondMm: number): number | undefined {
  const wall = areas?.walls.find((w) => w.wallId === opening.wallId)
  if (!wall) return undefined
  const ends = [opening.startMm - beyondMm, opening.startMm + opening.widthMm + beyondMm]
  return Math.min(
    ...ends.map((at) => profileHeight(wall.profile, Math.min(wall.laidMm, Math.max(0, at)))),
    ...wall.profile
      .filter((p) => p.fromMm > (ends[0] ?? 0) && p.fromMm < (ends[1] ?? 0))
      .map((p) => p.startHeightMm),
  )
}

/**
 * Place of the wall behind the corner nearest the door, which one has at one's back: what does not meet there is least seen.
 * A wall that goes straight on into the next has no corner there.
 */
function afterDoor(
  openings: readonly SizedOpening[],
  walls: RoomAreas['walls'],
  { placeOf, straightAfter }: { placeOf: (nth: number) => number; straightAfter: (place: number) => boolean },
): number {
  const door = entranceOf({
    openings,
    walls: walls.map((w) => ({ id: w.wallId, lengthMm: w.laidMm })),
  })
  const count = walls.length
  const nth = walls.findIndex((w) => w.wallId === door?.wallId)
  const wall = walls[nth]
  if (!door || !wall) return 0
  const lengthAt = (place: number) =>
    walls.find((_, n) => placeOf(n) === (place + count) % count)?.laidMm ?? 0
  let [right, toRight] = [placeOf(nth), wall.laidMm - door.startMm - door.widthMm]
  let [left, toLeft] = [placeOf(nth), door.startMm]
  for (let i = 0; i < count && straightAfter((right + count) % count); i++) toRight += lengthAt(++right)
  for (let i = 0; i < count && straightAfter((left - 1 + count) % count); i++) toLeft += lengthAt(--left)
  return ((toRight < toLeft ? right + 1 : left) + count) % count
}

import { cross, dot, minus } from '../kernel/geometry/polygon.js'
import { formatterOf } from '../kernel/units/formatter.js'
import type { JobSnapshot } from '../model/snapshot.js'
import type { MeasureFacts } from '../stages/measure/measureFacts.js'
import { takeoffLine } from '../stages/takeoff/takeoffLine.js'
import type { TakeoffInput, TakeoffLine } from '../stages/takeoff/takeoffTypes.js'
import { wallRuns, type WallFace } from '../stages/takeoff/paper/wallRuns.js'
import type { Face } from '../stages/takeoff/trade.js'
import { entranceOf } from '../stages/plan/planRoom.js'
import type { RoomAreas } from '../stages/measure/roomAreas.js'
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
  return job.takeoffs.map((row) => {
    const opening = job.openings.find((o) => o.id === row.openingId)
    const window =
      opening && opening.widthMm > 0 && opening.heightMm
        ? {
            name: opening.name || opening.kind,
            widthMm: opening.widthMm,
            sillMm: opening.sillMm,
            topMm: opening.sillMm + opening.heightMm,
          }
        : undefined
    return reckoned(known, {
      row,
      parts: job.takeoffParts.filter((p) => p.takeoffId === row.id),
      faces: facesOf(job, measure, row),
      ...(row.trade === 'tile' && row.toMm !== null
        ? { toCeiling: facesOf(job, measure, { ...row, toMm: null }) }
        : {}),
      cornersDeg: row.trade === 'lengths' ? cornersOf(measure, row.wallIds) : [],
      ceilingMm: job.room.heightMm ?? undefined,
      doorsMm: job.openings.reduce((sum, o) => sum + (o.sillMm === 0 ? o.widthMm : 0), 0),
      floor: FLOORED.has(row.trade) ? floor : undefined,
      window,
      says,
    })
  })
}

/** Trades that are laid on the floor. */
const FLOORED: ReadonlySet<string> = new Set(['boards', 'carpet'])

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
function facesOf(job: JobSnapshot, { areas, closure }: MeasureFacts, row: Takeoff): Face[] {
  if (!areas) return []
  // Walls walked with the room to their left come the other way about as one sees them from inside.
  const count = areas.walls.length
  const leftward = closure.state !== 'open' && closure.run.sense === 'left'
  const placeOf = (nth: number) => (leftward ? count - 1 - nth : nth)
  const faces = areas.walls.flatMap((w, nth): WallFace[] => {
    if (!row.wallIds.includes(w.wallId)) return []
    // Paper and tile are cut to the highest place of a wall, and trimmed under a slope.
    const ceiling = Math.max(...w.profile.map((p) => Math.max(p.startHeightMm, p.endHeightMm)))
    const top = Math.min(ceiling, row.toMm ?? ceiling)
    const heightMm = top - row.fromMm
    if (heightMm <= 0) return []
    const holes = job.openings
      .filter((o) => o.wallId === w.wallId && o.heightMm)
      .map((o) => ({
        name: o.name || o.kind,
        startMm: o.startMm,
        widthMm: o.widthMm,
        bottomMm: Math.max(0, o.sillMm - row.fromMm),
        topMm: Math.min(heightMm, o.sillMm + o.heightMm - row.fromMm),
      }))
      .filter((h) => h.topMm > h.bottomMm)
    const openTop = top < ceiling - 1
    return [{ name: w.name, widthMm: w.laidMm, heightMm, holes, openTop, place: placeOf(nth) }]
  })
  if (row.trade !== 'wallpaper' || row.match === 'turned squares') return faces
  return wallRuns(faces, count, afterDoor(job, areas.walls, placeOf))
}

/** The angles in the room between named walls that meet, in the order walked. */
function cornersOf({ areas, closure }: MeasureFacts, wallIds: readonly string[]): number[] {
  if (!areas || closure.state === 'open') return []
  const { corners } = areas
  const inward = closure.run.sense === 'right' ? 1 : -1
  return areas.walls.flatMap((w, i) => {
    const next = areas.walls[(i + 1) % areas.walls.length]
    if (!next || next === w || !wallIds.includes(w.wallId) || !wallIds.includes(next.wallId)) return []
    const [from, at, to] = [0, 1, 2].map((k) => corners[(i + k) % corners.length])
    if (!from || !at || !to) return []
    const turn = Math.atan2(cross(minus(at, from), minus(to, at)), dot(minus(at, from), minus(to, at)))
    return [Math.round(10 * (180 - (inward * turn * 180) / Math.PI)) / 10]
  })
}

/** Place of the wall behind the corner nearest the door, which one has at one's back: what does not meet there is least seen. */
function afterDoor(job: JobSnapshot, walls: RoomAreas['walls'], placeOf: (nth: number) => number): number {
  const door = entranceOf({
    openings: job.openings,
    walls: walls.map((w) => ({ id: w.wallId, lengthMm: w.laidMm })),
  })
  const nth = walls.findIndex((w) => w.wallId === door?.wallId)
  const wall = walls[nth]
  if (!door || !wall) return 0
  const toRight = wall.laidMm - door.startMm - door.widthMm
  return (placeOf(nth) + (toRight < door.startMm ? 1 : 0)) % walls.length
}

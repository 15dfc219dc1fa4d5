import { FLOOR_TRADES } from '../../model/vocabulary/takeoff.js'
import type { Needed, Wanted } from '../../stages/takeoff/making/making.js'
import type { PaintStep } from '../../stages/takeoff/paintTakeoff.js'
import type { TakeoffLine } from '../../stages/takeoff/takeoffTypes.js'
import type { DerivedJob } from '../derive.js'

/** The room as it is measured and dressed, and the lines of the take-off. */
export type RoomToMake = Pick<DerivedJob, 'palette' | 'areas' | 'paint'>
export type LineToMake = Pick<TakeoffLine, 'row' | 'work' | 'seamMm'>

/** What one side of the job asks for. */
export interface Listed {
  readonly wanted: readonly Wanted[]
  readonly needed: readonly Needed[]
  readonly cautions?: readonly string[]
}

/** The surfaces that are painted in this job, each with its coats, and those that are primed before. */
export function coated({ paint }: RoomToMake): {
  readonly painted: readonly PaintStep[]
  readonly primed: readonly PaintStep[]
} {
  const steps = (primer: boolean) => paint.filter((l) => l.isPrimer === primer).flatMap((l) => l.steps)
  return { painted: steps(false), primed: steps(true) }
}

/** What is made new by the paint of a room and the lines of its take-off. */
export const madeNewFor = (room: RoomToMake, lines: readonly LineToMake[]): MadeNew =>
  madeNewOf(room, coated(room).painted, lines)

/** Walls, ceiling and floor whose face is made new: painted, papered, tiled or laid. */
export interface MadeNew {
  /** Made new above the line of the lower wall or below it, or whole. */
  readonly wallIds: ReadonlySet<string>
  /** Of each wall that is made new, how much of it is. */
  readonly wallMm2: ReadonlyMap<string, number>
  readonly ceiling: boolean
  readonly floor: boolean
}

export function madeNewOf(
  { areas, palette }: RoomToMake,
  painted: readonly PaintStep[],
  lines: readonly LineToMake[],
): MadeNew {
  const on = new Set<string>(painted.map((p) => p.on))
  const laid = new Set(
    lines.filter((l) => l.row.trade === 'wallpaper' || l.row.trade === 'tile').flatMap((l) => l.row.wallIds),
  )
  const wallMm2 = new Map(
    (areas?.walls ?? []).flatMap(({ wallId, netMm2, upperMm2, lowerMm2 }) => {
      const upper = on.has(`wall:${wallId}`) || (on.has('walls') && !wornAlone(palette, wallId))
      const made = (upper ? upperMm2 : 0) + (on.has('lower') ? lowerMm2 : 0)
      const newMm2 = laid.has(wallId) ? netMm2 : made
      return newMm2 > 0 ? [[wallId, newMm2] as const] : []
    }),
  )
  return {
    wallMm2,
    wallIds: new Set(wallMm2.keys()),
    ceiling: on.has('ceiling'),
    floor: on.has('floor') || lines.some((l) => FLOOR_TRADES.has(l.row.trade)),
  }
}

const wornAlone = (palette: RoomToMake['palette'], wallId: string): boolean =>
  palette.finishAssignments.some((p) => p.surface === `wall:${wallId}`)

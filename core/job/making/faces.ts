import type { JobSnapshot } from '../../model/snapshot.js'
import { labOf } from '../../stages/palette/paletteFacts.js'
import { coatsFor } from '../../stages/takeoff/coats.js'
import type { Needed, Wanted } from '../../stages/takeoff/making/making.js'
import type { TakeoffLine } from '../../stages/takeoff/takeoffTypes.js'
import type { DerivedJob } from '../derive.js'
import { paintedSurfaces, type SurfaceToPaint } from '../paintedSurfaces.js'

/** The room as it is measured and dressed, and the lines of the take-off. */
export type RoomToMake = Pick<DerivedJob, 'palette' | 'areas' | 'surfaces'>
export type LineToMake = Pick<TakeoffLine, 'row' | 'work' | 'seamMm'>

/** What one side of the job asks for. */
export interface Listed {
  readonly wanted: readonly Wanted[]
  readonly needed: readonly Needed[]
  readonly cautions?: readonly string[]
}

/** A surface that is painted, with its coats. */
export interface Coated extends SurfaceToPaint {
  readonly coats: number
  readonly primer: number
}

/** The surfaces that are painted in this job, each with its coats. */
export const coated = (job: JobSnapshot, { palette, surfaces }: RoomToMake): Coated[] =>
  paintedSurfaces(job, palette.finishAssignments, surfaces).flatMap((p) => {
    const finish = job.finishes.find((f) => f.id === p.finishId)
    if (!finish) return []
    const { coats, primer } = coatsFor(labOf(finish), p.over, p.substrate)
    return [{ ...p, coats, primer }]
  })

/** Walls and floor whose face is made new: painted, papered, tiled or laid. */
export interface MadeNew {
  readonly wallIds: ReadonlySet<string>
  readonly floor: boolean
}

export function madeNewOf(
  { areas, palette }: RoomToMake,
  painted: readonly Coated[],
  lines: readonly LineToMake[],
): MadeNew {
  const on = new Set<string>(painted.map((p) => p.on))
  const laid = lines.filter((l) => l.row.trade === 'wallpaper' || l.row.trade === 'tile')
  return {
    wallIds: new Set([
      ...(areas?.walls ?? [])
        .map((w) => w.wallId)
        .filter((id) => on.has(`wall:${id}`) || (on.has('walls') && !wornAlone(palette, id))),
      ...laid.flatMap((l) => l.row.wallIds),
    ]),
    floor: on.has('floor') || lines.some((l) => l.row.trade === 'boards' || l.row.trade === 'carpet'),
  }
}

const wornAlone = (palette: RoomToMake['palette'], wallId: string): boolean =>
  palette.finishAssignments.some((p) => p.surface === `wall:${wallId}`)

import type { FinishAssignment } from '../model/rows/finishAssignments.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { surfaceAreaMm2, surfaceName, type SurfaceAreas } from '../stages/palette/surfaceAreas.js'
import type { PaintedSurface } from '../stages/takeoff/paintTakeoff.js'

/**
 * The surfaces that are painted: what stays takes no paint, and what is laid to come off again is not painted.
 * @param assignments of the scheme that is followed
 */
export function paintedSurfaces(
  job: Pick<JobSnapshot, 'finishes' | 'studio'>,
  assignments: readonly FinishAssignment[],
  areas: SurfaceAreas | undefined,
): PaintedSurface[] {
  if (!areas) return []
  const placed = new Set(assignments.map((p) => p.surface))
  const paints = new Map(job.finishes.filter((f) => f.material === 'paint').map((f) => [f.id, f]))
  return assignments.flatMap((p): PaintedSurface[] => {
    const finish = paints.get(p.finishId)
    if (p.hold !== 'applied' || !finish || finish.role === 'stays') return []
    const over =
      p.overL == null || p.overA == null || p.overB == null
        ? undefined
        : { l: p.overL, a: p.overA, b: p.overB }
    const areaMm2 = surfaceAreaMm2(p.surface, areas, placed)
    const name = surfaceName(p.surface, job.studio.locale, areas)
    return areaMm2 > 0
      ? [{ on: p.surface, name, areaMm2, finishId: p.finishId, over, substrate: p.substrate }]
      : []
  })
}

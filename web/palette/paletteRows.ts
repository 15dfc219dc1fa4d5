import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { SurfaceAreas } from '@bonitas/core/stages/palette/surfaceAreas'
import type { FinishFacts, PaletteFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { inRoom } from '@bonitas/core/model/inRoom'
import { pieceAreaMm2, piecePatches, surfaceSeen } from '@bonitas/core/stages/palette/visibleArea'
import { surfaceName } from '@bonitas/core/stages/palette/surfaceAreas'
import { SURFACES, type Surface } from '@bonitas/core/model/vocabulary/surface'

/** One thing that wears a finish, or could. */
export interface PaletteRow {
  readonly key: string
  readonly kind: 'surface' | 'piece'
  readonly id: string
  /** The part of a piece it is; undefined for the piece itself. */
  readonly partId?: string | undefined
  readonly surface: Surface | undefined
  readonly where: string
  readonly areaMm2: number
  /** Undefined while nothing was chosen for it. */
  readonly finish: FinishFacts | undefined
  /** Share of this one wearer in all that is seen, 0 to 1. */
  readonly share: number
}

/** Surfaces a job always asks a finish for, the lower wall only when there is one, and single walls with one of their own. */
function asked(job: JobSnapshot, palette: PaletteFacts): readonly Surface[] {
  const placed = palette.finishAssignments.map((p) => p.surface)
  return [
    ...SURFACES.filter((s) => placed.includes(s) || s !== 'lower' || job.room.lowerWallMm != null),
    ...placed.filter((s) => s.includes(':')),
    ...job.parts.map((p): Surface => `part:${p.id}`).filter((s) => !placed.includes(s)),
  ]
}

/** Everything in the room that wears a finish, the largest first, those without one last. */
export function paletteRows(
  job: JobSnapshot,
  palette: PaletteFacts,
  areas: SurfaceAreas | undefined,
): PaletteRow[] {
  const byId = new Map(palette.finishes.map((f) => [f.finish.id, f]))
  const seen = surfaceSeen(areas, palette.finishAssignments, palette.pieces.filter(inRoom))
  const all = palette.finishes.reduce((sum, f) => sum + f.areaMm2, 0)
  const share = (areaMm2: number, has: boolean) => (has && all > 0 ? areaMm2 / all : 0)
  const surfaces = asked(job, palette).map((surface): PaletteRow => {
    const on = palette.finishAssignments.find((p) => p.surface === surface)
    const areaMm2 = seen(surface)
    return {
      key: surface,
      kind: 'surface',
      id: on?.id ?? surface,
      surface,
      where: surfaceName(surface, job.studio.locale, areas),
      areaMm2,
      finish: on && byId.get(on.finishId),
      share: share(areaMm2, !!on),
    }
  })
  const pieces = palette.pieces.filter(inRoom).flatMap((p): PaletteRow[] => {
    const patches = piecePatches(p, job.pieceParts)
    const row = (areaMm2: number, finishId: string | null, partId?: string, name = p.name): PaletteRow => {
      const finish = finishId ? byId.get(finishId) : undefined
      return {
        key: partId ?? p.id,
        kind: 'piece',
        id: p.id,
        partId,
        surface: undefined,
        where: p.count > 1 ? `${name} × ${p.count}` : name,
        areaMm2,
        finish,
        share: share(areaMm2, !!finish),
      }
    }
    const own = patches.find((patch) => patch.partId === undefined)
    const parts = patches.filter((patch) => patch.partId !== undefined)
    const rest = pieceAreaMm2(p) - parts.reduce((sum, patch) => sum + patch.areaMm2, 0)
    return [
      row(own?.areaMm2 ?? Math.max(0, rest), p.finishId),
      ...parts.map((patch) => row(patch.areaMm2, patch.finishId, patch.partId, patch.where.name)),
    ]
  })
  return [...surfaces, ...pieces].sort(
    (x, y) => Number(!x.finish) - Number(!y.finish) || y.areaMm2 - x.areaMm2,
  )
}

import type { Part } from '../../model/rows/parts.js'
import type { Surface } from '../../model/vocabulary/surface.js'
import { headWord } from '../../model/vocabulary/tradeWords.js'

/** Net areas of what can wear a finish, as Measure finds them; mm². */
export interface SurfaceAreas {
  readonly walls: readonly {
    readonly wallId: string
    readonly name: string
    readonly upperMm2: number
    readonly lowerMm2: number
    /** Of it, what skirting and cornice hide. */
    readonly skirtedMm2?: number
    readonly cornicedMm2?: number
  }[]
  readonly floorMm2: number
  readonly ceilingMm2: number
  readonly trimMm2: number
  readonly doorsMm2: number
  /** Parts of walls with a finish of their own, and the wall each is taken from; none for several walls. */
  readonly parts?: readonly {
    readonly partId: string
    readonly name: string
    readonly wallId: string | null
    readonly areaMm2: number
  }[]
  /** Openings that can wear a finish of their own: door leaves and window frames. */
  readonly openings?: readonly {
    readonly openingId: string
    readonly name: string
    readonly kind: string
    readonly areaMm2: number
    /** The face of its frame: trim, where it has no finish of its own. */
    readonly frameMm2: number
  }[]
}

// Face of a frame round its opening, sash and casing together (common practice).
const FRAME_FACE_MM = 90

/** A wall as it is seen and painted: what skirting and cornice hide of it is not. */
function bareFace(wall: SurfaceAreas['walls'][number]): SurfaceAreas['walls'][number] {
  const { skirtedMm2 = 0, cornicedMm2 = 0, lowerMm2, upperMm2 } = wall
  const [lower, upper] = lowerMm2 > 0 ? [skirtedMm2, cornicedMm2] : [0, skirtedMm2 + cornicedMm2]
  return {
    ...wall,
    lowerMm2: Math.max(0, lowerMm2 - lower),
    upperMm2: Math.max(0, upperMm2 - upper),
    skirtedMm2: 0,
    cornicedMm2: 0,
  }
}

/** Areas of a room together with the parts and openings that can wear a finish of their own. */
export function withPartsAndOpenings(
  areas: SurfaceAreas | undefined,
  parts: readonly Pick<Part, 'id' | 'name' | 'wallId' | 'count' | 'widthMm' | 'heightMm'>[],
  openings: readonly { id: string; name: string; kind: string; widthMm: number; heightMm: number }[],
): SurfaceAreas | undefined {
  if (!areas) return undefined
  return {
    ...areas,
    walls: areas.walls.map(bareFace),
    parts: parts.map((p) => ({
      partId: p.id,
      name: p.name,
      wallId: p.wallId,
      areaMm2: p.count * p.widthMm * p.heightMm,
    })),
    openings: openings.map((o) => {
      const { id: openingId, name, kind, widthMm, heightMm } = o
      const round = 2 * (widthMm + heightMm) * FRAME_FACE_MM
      // The foot of a door has no frame; a plain opening wears one only where it is given a finish.
      const frameMm2 = kind === 'door' ? round - widthMm * FRAME_FACE_MM : kind === 'window' ? round : 0
      return { openingId, name, kind, areaMm2: kind === 'door' ? widthMm * heightMm : round, frameMm2 }
    }),
  }
}

/**
 * Net area of each surface a placement covers. One wall placed by itself is taken out of `walls`, a part out of its
 * wall, a door leaf out of the doors.
 */
export function surfaceAreaMm2(surface: Surface, areas: SurfaceAreas, placed: ReadonlySet<Surface>): number {
  const partsOf = (wallId: string | null) =>
    (areas.parts ?? [])
      .filter((p) => p.wallId === wallId && placed.has(`part:${p.partId}`))
      .reduce((sum, p) => sum + p.areaMm2, 0)
  const wallOf = (wallId: string, upperMm2: number) => Math.max(0, upperMm2 - partsOf(wallId))
  const [kind, id] = surface.split(':') as [string, string | undefined]
  switch (kind) {
    case 'wall':
      return areas.walls
        .filter((w) => w.wallId === id)
        .reduce((sum, w) => sum + wallOf(w.wallId, w.upperMm2), 0)
    case 'part':
      return areas.parts?.find((p) => p.partId === id)?.areaMm2 ?? 0
    case 'opening':
      return areas.openings?.find((o) => o.openingId === id)?.areaMm2 ?? 0
    case 'walls':
      return Math.max(
        0,
        areas.walls
          .filter((w) => !placed.has(`wall:${w.wallId}`))
          .reduce((sum, w) => sum + wallOf(w.wallId, w.upperMm2), 0) - partsOf(null),
      )
    case 'lower':
      return areas.walls.reduce((sum, w) => sum + w.lowerMm2, 0)
    case 'floor':
      return areas.floorMm2
    case 'ceiling':
      return areas.ceilingMm2
    case 'trim':
      return (
        areas.trimMm2 +
        (areas.openings ?? [])
          .filter((o) => o.kind === 'door' || !placed.has(`opening:${o.openingId}`))
          .reduce((sum, o) => sum + o.frameMm2, 0)
      )
    default:
      return Math.max(
        0,
        areas.doorsMm2 -
          (areas.openings ?? [])
            .filter((o) => o.kind === 'door' && placed.has(`opening:${o.openingId}`))
            .reduce((sum, o) => sum + o.areaMm2, 0),
      )
  }
}

const NAMES: Readonly<Record<string, string>> = {
  walls: 'Walls',
  lower: 'Lower wall',
  ceiling: 'Ceiling',
  floor: 'Floor',
  doors: 'Doors',
}

/** What a surface is called: one wall, part or opening by the name it was given. */
export function surfaceName(
  surface: string,
  locale: string,
  areas?: Pick<SurfaceAreas, 'walls' | 'parts' | 'openings'>,
): string {
  const [kind, id] = surface.split(':') as [string, string | undefined]
  if (kind === 'wall') return areas?.walls.find((w) => w.wallId === id)?.name ?? 'A wall that is gone'
  if (kind === 'part') return areas?.parts?.find((p) => p.partId === id)?.name ?? 'A part that is gone'
  if (kind === 'opening')
    return areas?.openings?.find((o) => o.openingId === id)?.name ?? 'An opening that is gone'
  return surface === 'trim' ? headWord('skirting', locale) : (NAMES[surface] ?? surface)
}

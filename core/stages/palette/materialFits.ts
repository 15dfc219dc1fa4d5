import { MATERIALS, type Material } from '../../model/vocabulary/finish.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import type { Surface } from '../../model/vocabulary/surface.js'

/** What lies on walls or grows is the face of no piece. */
const NEVER: readonly Material[] = ['primer', 'wallpaper', 'foliage']
const ANYTHING = MATERIALS.filter((m) => !NEVER.includes(m))
const UPHOLSTERED: readonly Material[] = ['textile', 'leather']
const SEAT: readonly Material[] = ['timber', 'metal', 'textile', 'leather', 'paint']
const TABLE: readonly Material[] = ['timber', 'metal', 'glass', 'stone', 'paint', 'tile']

/** What the face of a piece can be made of, by its kind (common practice). */
const OF_PIECES: Readonly<Record<PieceKind, readonly Material[]>> = {
  sofa: UPHOLSTERED,
  'sofa bed': UPHOLSTERED,
  armchair: UPHOLSTERED,
  chair: SEAT,
  stool: SEAT,
  bench: [...SEAT, 'stone'],
  rug: UPHOLSTERED,
  curtains: ['textile'],
  blind: ['textile', 'timber', 'metal'],
  cushion: UPHOLSTERED,
  throw: ['textile'],
  table: TABLE,
  'low table': TABLE,
  'side table': TABLE,
  desk: ['timber', 'metal', 'glass', 'paint', 'leather'],
  cabinet: ['timber', 'metal', 'paint', 'glass'],
  'chest of drawers': ['timber', 'metal', 'paint'],
  wardrobe: ['timber', 'metal', 'paint', 'glass'],
  trunk: ['timber', 'metal', 'paint', 'leather', 'textile'],
  shelves: ['timber', 'metal', 'paint', 'glass', 'stone'],
  bed: SEAT,
  cot: ['timber', 'metal', 'paint'],
  lamp: ['metal', 'glass', 'textile', 'timber', 'paint', 'leather', 'stone'],
  // Its frame; the picture itself has the colors it has.
  picture: ['timber', 'metal', 'paint'],
  mirror: ['metal', 'timber', 'glass', 'paint'],
  piano: ['timber', 'paint'],
  plant: ['foliage'],
  object: [...ANYTHING, 'foliage'],
  sanitary: ['metal', 'tile', 'stone', 'glass'],
  appliance: ['metal', 'glass', 'paint'],
  headboard: ['textile', 'leather', 'timber', 'metal', 'paint'],
  screen: ['timber', 'metal', 'textile', 'paint', 'glass'],
  tray: ['timber', 'metal', 'paint', 'leather', 'glass', 'stone'],
  books: ['textile', 'leather'],
  other: [...ANYTHING, 'foliage'],
}

const OF_SURFACES: Readonly<Record<'walls' | 'ceiling' | 'floor' | 'trim' | 'doors', readonly Material[]>> = {
  walls: ['paint', 'wallpaper', 'tile', 'timber', 'stone', 'textile'],
  ceiling: ['paint', 'wallpaper', 'timber'],
  floor: ['timber', 'tile', 'stone', 'textile', 'paint'],
  trim: ['paint', 'timber', 'metal', 'stone'],
  doors: ['paint', 'timber', 'metal', 'glass'],
}

/** Whether a piece of a kind can have a face of a material. */
export const pieceTakes = (kind: PieceKind, material: Material): boolean => OF_PIECES[kind].includes(material)

/** Whether a surface can be finished in a material. One wall or part of a wall is like all walls, an opening like doors. */
export function surfaceTakes(surface: Surface, material: Material): boolean {
  const kind = surface.startsWith('opening:')
    ? 'doors'
    : surface === 'lower' || surface.includes(':')
      ? 'walls'
      : (surface as keyof typeof OF_SURFACES)
  return OF_SURFACES[kind].includes(material)
}

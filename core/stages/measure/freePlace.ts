import { sized } from '../../model/openingSize.js'
import type { Fixture } from '../../model/rows/fixtures.js'
import type { Opening } from '../../model/rows/openings.js'
import type { Wall } from '../../model/rows/walls.js'

/** What a stretch of a wall is taken by. */
export interface InWall {
  readonly openings: readonly Opening[]
  readonly fixtures: readonly Fixture[]
}
type Place = Pick<Opening, 'wallId' | 'startMm'>

/**
 * Where something new in a wall can be drawn until its place is measured: the left end of the first free stretch that takes its
 * width, in the order the walls were walked; else the longest free stretch.
 */
export function freePlace(
  walls: readonly Pick<Wall, 'id' | 'lengthMm'>[],
  { openings, fixtures }: InWall,
  widthMm: number,
): Place | undefined {
  const free = walls.flatMap((wall) => {
    const taken = [
      ...openings.map((o) => ({ ...o, widthMm: sized(o).widthMm })),
      ...fixtures.filter((f) => f.kind !== 'ceiling point'),
    ]
      .filter((x) => x.wallId === wall.id)
      .map((x) => ({ from: x.startMm, to: x.startMm + x.widthMm }))
      .sort((a, b) => a.from - b.from)
    const stretches: { wallId: string; startMm: number; longMm: number }[] = []
    let at = 0
    for (const { from, to } of [...taken, { from: wall.lengthMm, to: wall.lengthMm }]) {
      if (from > at)
        stretches.push({ wallId: wall.id, startMm: at, longMm: Math.min(from, wall.lengthMm) - at })
      at = Math.max(at, to)
    }
    return stretches
  })
  const place = free.find((f) => f.longMm >= widthMm) ?? [...free].sort((a, b) => b.longMm - a.longMm)[0]
  return place && { wallId: place.wallId, startMm: place.startMm }
}

/** The same for a door, a window or an opening of the usual width. */
export const freePlaceOf = (
  walls: readonly Pick<Wall, 'id' | 'lengthMm'>[],
  inWall: InWall,
  kind: Opening['kind'],
): Place | undefined =>
  freePlace(walls, inWall, sized({ kind, widthMm: null, heightMm: null, sillMm: null }).widthMm)

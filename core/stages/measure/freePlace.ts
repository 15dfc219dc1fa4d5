import { sized } from '../../model/openingSize.js'
import type { Opening } from '../../model/rows/openings.js'
import type { Wall } from '../../model/rows/walls.js'

/**
 * Where a new opening can be drawn until its place is measured: the left end of the first free stretch that takes one of its
 * kind, in the order the walls were walked; else the longest free stretch.
 */
export function freePlace(
  walls: readonly Pick<Wall, 'id' | 'lengthMm'>[],
  openings: readonly Opening[],
  kind: Opening['kind'],
): Pick<Opening, 'wallId' | 'startMm'> | undefined {
  const { widthMm } = sized({ kind, widthMm: null, heightMm: null, sillMm: null })
  const free = walls.flatMap((wall) => {
    const taken = openings
      .filter((o) => o.wallId === wall.id)
      .map((o) => ({ from: o.startMm, to: o.startMm + sized(o).widthMm }))
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

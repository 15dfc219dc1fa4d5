import { boxBounds } from '../../../kernel/geometry/box.js'
import { standsOut } from '../nudge.js'
import type { PlanRoom } from '../planRoom.js'

/** A block that nothing may stand in: the swing of a door, a radiator, the floor just inside the door. */
export interface Block {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
  readonly weight: number
  /** Only pieces whose height meets it are kept out; `from` mm and up. */
  readonly from: number
}

export function blocksOf(room: PlanRoom): Block[] {
  const blocks: Block[] = []
  for (const o of room.openings) {
    const wall = room.walls.find((w) => w.id === o.wallId)
    if (!wall) continue
    const rect = (depth: number, weight: number, from: number, widen = 0) => {
      const xs = [o.ends[0].x - wall.right.x * widen, o.ends[1].x + wall.right.x * widen]
      const ys = [o.ends[0].y - wall.right.y * widen, o.ends[1].y + wall.right.y * widen]
      const px = [...xs, ...xs.map((v) => v + wall.into.x * depth)]
      const py = [...ys, ...ys.map((v) => v + wall.into.y * depth)]
      blocks.push({
        x0: Math.min(...px),
        y0: Math.min(...py),
        x1: Math.max(...px),
        y1: Math.max(...py),
        weight,
        from,
      })
    }
    // The swing of the leaf, and the floor one steps onto.
    if (o.kind === 'door' || o.kind === 'opening') {
      if (o.swept.length > 0) rect(o.widthMm, 3, 0)
      rect(Math.max(900, o.swept.length > 0 ? o.widthMm + 250 : 900), 1.5, 0)
    } else rect(300, 1.2, o.sillMm + 100)
  }
  for (const f of room.fixtures) {
    if (!standsOut(f) && f.kind !== 'vent') continue
    const { halfX, halfY } = boxBounds(f.box)
    const grow = f.kind === 'radiator' || f.kind === 'vent' ? 100 : 0
    blocks.push({
      x0: f.box.x - halfX - grow,
      y0: f.box.y - halfY - grow,
      x1: f.box.x + halfX + grow,
      y1: f.box.y + halfY + grow,
      weight: 2,
      from: f.bottomMm,
    })
  }
  return blocks
}

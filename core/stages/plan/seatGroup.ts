import { inBox } from '../../kernel/geometry/box.js'
import { distance } from '../../kernel/geometry/polygon.js'
import { SEATS } from './needs.js'
import type { Standing } from './standing.js'

/** The seats that talk with each other round one rug: the largest, and those near it that are not pulled up to a table. */
export function seatGroup(standings: readonly Standing[], farthestMm: number): Standing[] {
  const tables = standings.filter((s) => s.kind === 'table' || s.kind === 'desk' || s.kind === 'piano')
  const pulledUp = (s: Standing) =>
    (s.kind === 'chair' || s.kind === 'stool' || s.kind === 'bench') &&
    tables.some((t) => {
      const at = inBox(t.box, s.box)
      return (
        Math.abs(at.x) < t.box.halfW + s.box.halfW + 250 && Math.abs(at.y) < t.box.halfD + s.box.halfD + 400
      )
    })
  const seats = standings.filter(
    (s) => SEATS.has(s.kind) && s.kind !== 'stool' && !pulledUp(s) && s.raisedMm === 0,
  )
  const anchor = anchorSeat(seats)
  if (!anchor) return []
  return seats.filter((s) => s === anchor || distance(s.box, anchor.box) <= farthestMm + 1_500)
}

/** The seat the others answer: the widest sofa, or the widest seat. */
export const anchorSeat = (seats: readonly Standing[]): Standing | undefined =>
  [...seats].sort(
    (a, b) =>
      Number(b.kind === 'sofa' || b.kind === 'sofa bed') -
        Number(a.kind === 'sofa' || a.kind === 'sofa bed') ||
      b.widthMm - a.widthMm ||
      (a.id < b.id ? -1 : 1),
  )[0]

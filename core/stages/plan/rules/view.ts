import type { PlanFacts } from '../planFacts.js'
import { type Standing, extended } from '../standing.js'
import { has } from './about.js'
import { boxCorners, boxDepth } from '../../../kernel/geometry/box.js'
import { crossing } from '../../../kernel/geometry/polygon.js'

/** What an open piece lets one see behind it from the door. */
export function exposedBehind(
  facts: Pick<PlanFacts, 'sight' | 'standings'>,
): { open: Standing; shown: Standing }[] {
  const from = facts.sight?.from
  if (!from) return []
  const open = facts.standings.filter((s) => has(s.piece, 'open below'))
  const untidy = facts.standings.filter((s) => has(s.piece, 'untidy side'))
  return untidy.flatMap((shown) =>
    open.flatMap((o) => {
      const corners = boxCorners(o.box)
      const crosses = corners.some((p, i) => crossing(from, shown.box, p, corners[(i + 1) % 4] ?? p))
      return o.id !== shown.id && crosses ? [{ open: o, shown }] : []
    }),
  )
}

/** Pieces inside the footprint of a bed that is extended, and whether each has a place to go. */
export function inExtended(
  facts: Pick<PlanFacts, 'standings' | 'parked'>,
): { bed: Standing; inside: Standing; parked: Standing | undefined }[] {
  return facts.standings.flatMap((bed) => {
    const box = extended(bed)
    if (!box) return []
    return facts.standings
      .filter((o) => o.id !== bed.id && o.kind !== 'rug' && o.raisedMm < 500 && boxDepth(o.box, box) > 5)
      .map((inside) => {
        const parked = facts.parked.find((p) => p.pieceId === inside.pieceId && boxDepth(p.box, box) <= 5)
        return { bed, inside, parked }
      })
  })
}

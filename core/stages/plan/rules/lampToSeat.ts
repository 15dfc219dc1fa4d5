import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { pointToBox, boxGap } from '../../../kernel/geometry/box.js'
import { onWall } from '../planRoom.js'
import { ref, lower } from './about.js'
import { inTurn, nudge } from '../nudge.js'

// More lamps than this need not be tried in its place.
const MOST_LAMPS = 6

export const lampToSeat: Rule<PlanFacts> = {
  name: 'plan.lamp-seat',
  title: 'A seat one reads in has no lamp near',
  numbers: `A lamp at eye level within ${NEEDS.lampToSeat.mm} mm of every seat that serves reading.`,
  source: NEEDS.lampToSeat.source,
  schools: 'all',
  check: (facts) => {
    const reading = new Set(facts.uses.filter((u) => u.kind === 'read').map((u) => u.id))
    const lamps = facts.standings.filter((s) => s.kind === 'lamp' && s.raisedMm < 1_800)
    const hung = facts.wallPlacements.filter((h) => h.piece.kind === 'lamp')
    return facts.seats
      .filter((s) => s.piece.serves.some((u) => reading.has(u)))
      .flatMap((seat): Finding[] => {
        const walls = hung.flatMap((h) => {
          const wall = facts.room.walls.find((w) => w.id === h.wallId)
          return wall ? [pointToBox(seat.box, onWall(wall, h.xMm, 150))] : []
        })
        const least = Math.min(...lamps.map((l) => boxGap(seat.box, l.box)), ...walls, Infinity)
        if (least <= facts.needs.lampToSeat) return []
        return [
          {
            rule: 'plan.lamp-seat',
            severity: 'look',
            about: [ref(seat)],
            title: `No lamp to read by at ${lower(seat.name)}`,
            measured: Number.isFinite(least)
              ? `the nearest ${facts.says.length(least)} away`
              : 'no lamp stands or hangs in the room',
            wanted: `one within ${facts.says.length(facts.needs.lampToSeat)}`,
            because: 'A page is lit from beside the shoulder, not from the ceiling.',
            fixes: inTurn(
              lamps.map((l) => nudge(facts, l, (m) => boxGap(seat.box, m.box) <= facts.needs.lampToSeat)),
            ).slice(0, MOST_LAMPS),
          },
        ]
      })
  },
}

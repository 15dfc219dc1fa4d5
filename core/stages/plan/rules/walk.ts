import type { Rule, Ref, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { anchorSeat } from '../seatGroup.js'
import { lower, listed } from './about.js'
import { inTurn, nudge } from '../nudge.js'
import type { Standing } from '../standing.js'
import { boxGap } from '../../../kernel/geometry/box.js'

const AMONG_SEATS: ReadonlySet<string> = new Set(['low table', 'side table', 'lamp', 'stool', 'trunk'])

/** Rooms under this are too small for a main walk of full width (common practice). */
const SMALL_ROOM_MM2 = 12e6

export const walk: Rule<PlanFacts> = {
  name: 'plan.walk',
  title: 'A way through the room is tight',
  numbers: `The widest way from the door to each piece and window: below ${NEEDS.passLeast.mm} mm nobody passes, between a seat and its table below ${NEEDS.kneesLeast.mm} (stop); ${NEEDS.walkLeast.mm} to a single piece; ${NEEDS.walkMain.mm} to the main seat and its group, in rooms of 12 m² and more (look).`,
  source: NEEDS.walkMain.source,
  schools: 'all',
  check: (facts) => {
    const { passLeast, walkLeast, walkMain } = facts.needs
    const main = anchorSeat(facts.seats)?.id
    // Between the seats and what stands among them one steps in; the main walk ends before the group.
    const group = new Set(
      facts.standings
        .filter((s) => facts.seats.some((seat) => seat.id === s.id) || AMONG_SEATS.has(s.kind))
        .map((s) => s.id),
    )
    const area =
      Math.abs(
        facts.room.corners.reduce((sum, p, i, all) => {
          const q = all[(i + 1) % all.length] ?? p
          return sum + p.x * q.y - q.x * p.y
        }, 0),
      ) / 2
    // One tight place on the way to several things is one finding.
    const tight = new Map<
      string,
      { walk: (typeof facts.walks)[number]; want: number; names: string[]; about: Ref[] }
    >()
    for (const w of facts.walks) {
      const inside = w.between?.every((b) => group.has(b.id ?? ''))
      const want = w.toId === main && area >= SMALL_ROOM_MM2 && !inside ? walkMain : walkLeast
      if (w.widthMm >= want) continue
      const key =
        w.between && w.widthMm > 0
          ? w.between
              .map((b) => b.id ?? '')
              .sort()
              .join('|')
          : w.toId
      const opening = facts.room.openings.find((o) => o.id === w.toId)
      const about: Ref = opening
        ? { kind: 'opening', id: w.toId, name: w.toName }
        : { kind: 'stand', id: w.toId, name: w.toName }
      const known = tight.get(key)
      if (known) {
        known.names.push(lower(w.toName))
        known.about.push(about)
        if (want > known.want) known.want = want
        if (w.widthMm < known.walk.widthMm) known.walk = w
      } else tight.set(key, { walk: w, want, names: [lower(w.toName)], about: [about] })
    }
    return [...tight.values()].map(({ walk: w, want, names, about }): Finding => {
      // Where one sits down there one gets past as well: between a seat and its table the closest is the reach to a cup.
      const least = w.between?.every((b) => group.has(b.id ?? ''))
        ? Math.min(facts.needs.kneesLeast, passLeast)
        : passLeast
      const blockers = facts.solid.filter((s) => w.between?.some((b) => b.id === s.id) && !s.piece.stays)
      return {
        rule: 'plan.walk',
        severity: w.widthMm < least ? 'stop' : 'look',
        about,
        title:
          w.widthMm === 0
            ? `No way from the door to ${listed(names)}`
            : `${facts.says.length(w.widthMm)} on the way to ${listed(names)}`,
        measured: w.between
          ? `${facts.says.length(w.widthMm)} between ${lower(w.between[0].name)} and ${lower(w.between[1].name)}`
          : facts.says.length(w.widthMm),
        quantity: { value: w.widthMm, better: 'more' },
        wanted: facts.says.length(w.widthMm < least ? least : want),
        because:
          w.widthMm >= passLeast && want === walkMain
            ? 'The main walk is used by two, and with a tray.'
            : 'One must get there without turning sideways.',
        fixes: inTurn(
          blockers.map((b) =>
            nudge(facts, b, (m) =>
              opensWay(facts, m, b, w.between?.find((o) => o.id !== b.id)?.id, want, w.widthMm),
            ),
          ),
        ),
      }
    })
  },
}

/** A first test, cheaper than walking the room again: the gap it made is wide enough after the move. */
function opensWay(
  facts: PlanFacts,
  moved: Standing,
  was: Standing,
  otherId: string | undefined,
  want: number,
  now: number,
): boolean {
  const piece = facts.solid.find((s) => s.id === otherId)
  if (piece) return boxGap(moved.box, piece.box) >= want
  const wall = facts.room.walls.find((w) => w.id === otherId)
  if (!wall) return Math.hypot(moved.box.x - was.box.x, moved.box.y - was.box.y) >= want - now + 20
  const reach =
    Math.abs(moved.box.ux * wall.into.x + moved.box.uy * wall.into.y) * moved.box.halfW +
    Math.abs(-moved.box.uy * wall.into.x + moved.box.ux * wall.into.y) * moved.box.halfD
  return (moved.box.x - wall.from.x) * wall.into.x + (moved.box.y - wall.from.y) * wall.into.y - reach >= want
}

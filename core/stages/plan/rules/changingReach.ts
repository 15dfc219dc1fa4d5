import { boxGap } from '../../../kernel/geometry/box.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { nudge } from '../nudge.js'
import type { PlanFacts } from '../planFacts.js'
import type { PlanPiece, Standing } from '../standing.js'
import { has, listed, lower, pieceRef, ref, withTraits } from './about.js'
import { ASK } from './cautions.js'
import { isChangingPlace } from './overBed.js'

// What a small hand closes on: creams, powders, pins, small parts (common practice).
const SMALL_MM = 150

const SMALL: ReadonlySet<string> = new Set(['object', 'other', 'tray', 'books'])

const isSmall = (p: PlanPiece): boolean =>
  SMALL.has(p.kind) &&
  [p.widthMm, p.depthMm, p.heightMm].filter((mm) => mm <= SMALL_MM).length >= 2 &&
  !has(p, 'behind a lock or latch', 'small parts held fast')

interface Reached {
  readonly piece: PlanPiece
  readonly number: number
  /** Where it stands; what is set down has no place of its own. */
  readonly standing?: Standing
}

/** Set down on it, or standing so near that who lies there reaches it. */
function reached(facts: PlanFacts, place: Standing): readonly Reached[] {
  const set = facts.pieces
    .filter((p) => isSmall(p) && p.hosts.includes(place.pieceId))
    .map((piece): Reached => ({ piece, number: piece.setDown }))
  const stood = facts.standings
    .filter((s) => s.id !== place.id && isSmall(s.piece))
    .filter((s) => boxGap(s.box, place.box) < facts.needs.cotReach)
    .map((standing): Reached => ({ piece: standing.piece, number: 1, standing }))
  return [...set, ...stood]
}

export const changingReach: Rule<PlanFacts> = {
  name: 'plan.changing-reach',
  title: 'Small things within reach of a changing place',
  numbers: `Objects, trays and the like of which two sides are ${SMALL_MM} mm or less, on it or within ${NEEDS.cotReach.mm} mm of it, unless behind a lock or held fast.`,
  source: `common practice; ${NEEDS.cotReach.source}`,
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.standings
      .filter((s) => isChangingPlace(facts, s))
      .flatMap((place): Finding[] => {
        const all = reached(facts, place)
        const [first] = all
        if (!first) return []
        const names = listed([...new Set(all.map((r) => lower(r.piece.name)))])
        const number = all.reduce((sum, r) => sum + r.number, 0)
        // What stands on something would hang in the air.
        const alone = all.length === 1 && first.standing?.raisedMm === 0 ? first.standing : undefined
        return [
          {
            rule: 'plan.changing-reach',
            severity: 'look',
            about: [ref(place), ...[...new Map(all.map((r) => [r.piece.id, pieceRef(r.piece)])).values()]],
            title: `Within a small hand’s reach on ${lower(place.name)}: ${names}`,
            measured: `${number} on it or within ${facts.says.length(facts.needs.cotReach)}`,
            wanted: 'creams, cleaners and small parts out of a child’s reach and within yours',
            because: `What a child reaches it swallows; one hand stays on the child. ${ASK}`,
            fixes: [
              ...(all.length === 1
                ? [
                    {
                      ...withTraits(first.piece, 'It is behind a lock or latch', ['behind a lock or latch']),
                      kind: 'answer' as const,
                    },
                  ]
                : []),
              ...(alone ? nudge(facts, alone, (m) => boxGap(m.box, place.box) >= facts.needs.cotReach) : []),
            ],
            quantity: { value: number, better: 'less' },
          },
        ]
      }),
}

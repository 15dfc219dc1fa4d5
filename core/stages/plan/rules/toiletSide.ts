import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { freeBefore } from '../free.js'
import { ref, lower } from './about.js'
import { inBox } from '../../../kernel/geometry/box.js'
import { nudge } from '../nudge.js'
import type { Standing } from '../standing.js'

export const toiletSide: Rule<PlanFacts> = {
  name: 'plan.toilet-side',
  title: 'A toilet too near what is beside it',
  numbers: `From the middle of the toilet to each side: ${NEEDS.toiletSide.mm} mm by code (stop), ${NEEDS.toiletSideWish.mm} mm for comfort (look); ${NEEDS.toiletMiddles.mm} mm from its middle to that of the next fixture in its row (stop). Limits are inclusive.`,
  source: `${NEEDS.toiletSide.source}; ${NEEDS.toiletSideWish.source}`,
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter((s) => s.sanitary === 'toilet')
      .flatMap((s): Finding[] => {
        const worst = (['left', 'right'] as const)
          .map((side) => freeBefore(s, side, facts.room, facts.solid))
          .map((free) => ({ free, mm: free.mm + s.widthMm / 2 }))
          .sort((a, b) => a.mm - b.mm)[0]
        const { toiletSide: code, toiletSideWish: wish } = facts.needs
        const beside = nextFixture(facts, s)
        const middles = facts.needs.toiletMiddles
        const close: Finding[] =
          beside && beside.mm < middles - 0.5
            ? [
                {
                  rule: 'plan.toilet-side',
                  severity: 'stop',
                  about: [ref(s), ref(beside.other)],
                  title: `${facts.says.length(beside.mm)} from the middle of ${lower(s.name)} to that of ${lower(beside.other.name)}`,
                  measured: facts.says.length(beside.mm),
                  quantity: { value: beside.mm, better: 'more' },
                  wanted: `${facts.says.length(middles)} from middle to middle`,
                  because: 'Two stand there at once, and a wall would need no less; the local code decides.',
                  fixes: nudge(facts, s, (m) => (nextFixture(facts, m)?.mm ?? Infinity) >= middles),
                },
              ]
            : []
        if (!worst || worst.mm >= wish) return close
        const stop = worst.mm < code
        return [
          ...close,
          {
            rule: 'plan.toilet-side',
            severity: stop ? 'stop' : 'look',
            about: [ref(s)],
            title: `${s.name} is ${facts.says.length(worst.mm)} from ${lower(worst.free.against)}`,
            measured: `${facts.says.length(worst.mm)} from its middle`,
            wanted: `${facts.says.length(stop ? code : wish)} or more`,
            because: 'Shoulders and elbows need it; the local code and a licensed plumber decide.',
            fixes: nudge(facts, s, (m) =>
              (['left', 'right'] as const).every(
                (side) =>
                  freeBefore(
                    m,
                    side,
                    facts.room,
                    facts.solid.filter((o) => o.id !== s.id),
                  ).mm +
                    s.widthMm / 2 >=
                  wish,
              ),
            ),
          },
        ]
      }),
}

/** The nearest fixture in the same row: beside it, not across the room. */
function nextFixture(facts: PlanFacts, s: Standing): { other: Standing; mm: number } | undefined {
  return facts.standings
    .filter((o) => o.id !== s.id && o.sanitary !== 'other')
    .flatMap((o) => {
      const at = inBox(s.box, o.box)
      const deep = s.box.halfD + o.box.halfD
      const inRow = Math.abs(at.y) < deep && Math.abs(at.x) > s.box.halfW
      return inRow ? [{ other: o, mm: Math.abs(at.x) }] : []
    })
    .sort((a, b) => a.mm - b.mm || b.other.widthMm - a.other.widthMm)[0]
}

import type { Standing } from '../standing.js'
import type { PlanFacts } from '../planFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { ref, lower } from './about.js'
import { nudge } from '../nudge.js'
import { boxGap } from '../../../kernel/geometry/box.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { anchorSeat } from '../seatGroup.js'

/** Two seats that look at each other across the floor between them. */
function facing(a: Standing, b: Standing): boolean {
  const [dx, dy] = [b.box.x - a.box.x, b.box.y - a.box.y]
  const length = Math.hypot(dx, dy) || 1
  const looks = (s: Standing, sign: number) => ((-s.box.uy * dx + s.box.ux * dy) * sign) / length
  return looks(a, 1) > 0.8 && looks(b, -1) > 0.8
}

const kneeToKnee = (facts: PlanFacts, anchor: Standing, s: Standing, gap: number): Finding => ({
  rule: 'plan.talk',
  severity: 'note',
  about: [ref(anchor), ref(s)],
  title: `${s.name} faces ${lower(anchor.name)} at ${facts.says.length(gap)}`,
  measured: facts.says.length(gap),
  quantity: { value: gap, better: 'more' },
  wanted: `${facts.says.length(facts.needs.talkLeast)} or more between seats that face each other`,
  because: 'Nearer than that one sits knee to knee.',
  fixes: nudge(
    facts,
    s,
    (m) =>
      boxGap(anchor.box, m.box) >= facts.needs.talkLeast && boxGap(anchor.box, m.box) <= facts.needs.talkMost,
  ),
})

export const talk: Rule<PlanFacts> = {
  name: 'plan.talk',
  title: 'Seats too far apart to talk, or knee to knee',
  numbers: `Facing seats of one group stand ${NEEDS.talkLeast.mm} to ${NEEDS.talkMost.mm} mm apart, front to front.`,
  source: NEEDS.talkMost.source,
  schools: 'all',
  check: (facts) => {
    const anchor = anchorSeat(facts.seats)
    if (!anchor) return []
    return facts.seats.flatMap((s): Finding[] => {
      if (s.id === anchor.id) return []
      const gap = boxGap(anchor.box, s.box)
      if (gap < facts.needs.talkLeast && facing(anchor, s)) return [kneeToKnee(facts, anchor, s, gap)]
      if (gap <= facts.needs.talkMost) return []
      return [
        {
          rule: 'plan.talk',
          severity: 'look',
          about: [ref(anchor), ref(s)],
          title: `${s.name} is too far from ${lower(anchor.name)} to talk`,
          measured: facts.says.length(gap),
          quantity: { value: gap, better: 'less' },
          wanted: `${facts.says.length(facts.needs.talkMost)} or less`,
          because: 'Beyond that one raises the voice.',
          fixes: nudge(facts, s, (m) => boxGap(anchor.box, m.box) <= facts.needs.talkMost),
        },
      ]
    })
  },
}

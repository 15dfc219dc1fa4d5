import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts, Hung } from '../planFacts.js'
import { fallsOn, ASK } from './cautions.js'
import { hungRef, ref, lower } from './about.js'
import { put } from '../../../model/changes.js'

export const overSeat: Rule<PlanFacts> = {
  name: 'plan.over-seat',
  title: 'Something heavy over a seat',
  numbers: 'From 3 kg over a seat: two fixings of known rating. Under it nobody is asked.',
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    // Several alike over one seat are one finding.
    [...new Set(facts.wallPlacements.map((h) => h.piece))].flatMap((piece): Finding[] => {
      if ((piece.weightG ?? 0) < 3_000) return []
      const held = (h: Hung) =>
        h.row.hooks >= 2 && h.row.ratedG !== null && h.row.fixing !== 'string on a nail'
      const loose = facts.wallPlacements.filter((h) => h.piece === piece && !held(h))
      const over = loose.flatMap((h) => {
        const seat = facts.seats.find((s) => fallsOn(facts, h, s, 0))
        return seat ? [{ h, seat }] : []
      })
      const [first] = over
      if (!first) return []
      return [
        {
          rule: 'plan.over-seat',
          severity: 'look',
          about: [...over.map((o) => hungRef(o.h)), ref(first.seat)],
          title:
            over.length > 1
              ? `${over.length} of ${lower(piece.name)} hang over ${lower(first.seat.name)}`
              : `${first.h.name} hangs over ${lower(first.seat.name)}`,
          measured: `${facts.says.weight(piece.weightG ?? 0)} on ${first.h.row.hooks} ${first.h.row.fixing}${first.h.row.ratedG === null ? ', rating not known' : ''}`,
          wanted: 'two fixings of known rating into the wall',
          because: `Heads are under it. ${ASK}`,
          fixes: [
            {
              label: 'Two rated anchors',
              changes: over.map(({ h }) =>
                put('wallPlacements', h.id, {
                  hooks: 2,
                  hookSpanMm: Math.max(200, Math.round(h.widthMm / 2)),
                  fixing: 'screw and plug',
                  ratedG: Math.max(5_000, piece.weightG ?? 0),
                }),
              ),
            },
          ],
        },
      ]
    }),
}

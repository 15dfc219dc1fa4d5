import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts, Hung } from '../planFacts.js'
import { fallsOn, ASK } from './cautions.js'
import { alike } from './alike.js'
import { capital, hungRef, listed, ref, lower } from './about.js'
import { put } from '../../../model/changes.js'

export const overSeat: Rule<PlanFacts> = {
  name: 'plan.over-seat',
  title: 'Something heavy over a seat',
  numbers: 'From 3 kg over a seat: two fixings of known rating. Under it nobody is asked.',
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    // Several alike are told once.
    alike(facts.wallPlacements.filter(loose), (h) => [
      h.piece.weightG,
      h.row.hooks,
      h.row.fixing,
      h.row.ratedG,
    ]).flatMap((group): Finding[] => {
      const over = group.flatMap((h) => {
        const seats = facts.seats.filter((s) => fallsOn(facts, h, s, 0))
        return seats.length > 0 ? [{ h, seats }] : []
      })
      const [first] = over
      if (!first) return []
      const { weightG } = first.h.piece
      const seats = [...new Set(over.flatMap((o) => o.seats))]
      const hung = [...new Set(over.map((o) => lower(o.h.piece.name)))]
      return [
        {
          rule: 'plan.over-seat',
          severity: 'look',
          about: [...over.map((o) => hungRef(o.h)), ...seats.map(ref)],
          title:
            over.length > 1 && hung.length === 1
              ? `${over.length} of ${listed(hung)} hang over ${listed(seats.map((s) => lower(s.name)))}`
              : `${capital(listed(over.map((o) => lower(o.h.name))))} ${over.length > 1 ? 'hang' : 'hangs'} over ${listed(seats.map((s) => lower(s.name)))}`,
          measured: `${facts.says.weight(weightG ?? 0)} on ${first.h.row.hooks} ${first.h.row.fixing}${first.h.row.ratedG === null ? ', rating not known' : ''}`,
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
                  ratedG: Math.max(5_000, weightG ?? 0),
                }),
              ),
            },
          ],
        },
      ]
    }),
}

/** Heavy, and not held by two fixings of known rating. */
const loose = (h: Hung): boolean =>
  (h.piece.weightG ?? 0) >= 3_000 &&
  !(h.row.hooks >= 2 && h.row.ratedG !== null && h.row.fixing !== 'string on a nail')

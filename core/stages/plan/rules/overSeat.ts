import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts, Hung } from '../planFacts.js'
import { fallsOn, ASK } from './cautions.js'
import { alike } from './alike.js'
import { hungRef, listed, ref, lower } from './about.js'
import { capital } from '../../../kernel/capital.js'
import { put } from '../../../model/changes.js'

// Lighter things do no harm to a head (common practice).
const HEAVY_G = 3_000

export const overSeat: Rule<PlanFacts> = {
  name: 'plan.over-seat',
  title: 'Something heavy over a seat',
  numbers: `From ${HEAVY_G / 1000} kg over a seat, and while the weight is not known: two fixings of known rating.`,
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    // Several alike are told once.
    alike(facts.wallPlacements.filter(loose), (h) => [
      h.weightG,
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
      const { weightG } = first.h
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
          measured: `${weightG === null ? 'weight not known' : `${first.h.piece.weightG === null ? 'at least ' : ''}${facts.says.weight(weightG)}`} on ${first.h.row.hooks} ${first.h.row.fixing}${first.h.row.ratedG === null ? ', rating not known' : ''}`,
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
  (h.weightG === null || h.weightG >= HEAVY_G) &&
  !(h.row.hooks >= 2 && h.row.ratedG !== null && h.row.fixing !== 'string on a nail')

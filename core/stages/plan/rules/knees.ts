import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { kneesOf } from './space.js'
import { ref, lower } from './about.js'
import { nudge } from '../nudge.js'
import { freeBefore } from '../free.js'

export const knees: Rule<PlanFacts> = {
  name: 'plan.knees',
  title: 'The low table is too near a seat, or out of reach',
  numbers: `${NEEDS.kneesLeast.mm} to ${NEEDS.kneesMost.mm} mm from the front of a seat to the low table before it; below it stops, beyond is a note.`,
  source: NEEDS.kneesLeast.source,
  schools: 'all',
  check: (facts) =>
    facts.seats.flatMap((seat): Finding[] => {
      const free = kneesOf(facts, seat)
      const { kneesLeast, kneesMost } = facts.needs
      if (!free?.piece || (free.mm >= kneesLeast - 0.5 && free.mm <= kneesMost + 0.5)) return []
      const near = free.mm < kneesLeast
      const table = free.piece
      return [
        {
          rule: 'plan.knees',
          severity: near ? 'stop' : 'note',
          about: [ref(seat), ref(table)],
          title: near
            ? `${facts.says.length(free.mm)} between ${lower(seat.name)} and ${lower(table.name)}`
            : `${table.name} is out of reach of ${lower(seat.name)}`,
          measured: facts.says.length(free.mm),
          quantity: { value: free.mm, better: near ? 'more' : 'less' },
          wanted: facts.says.span(kneesLeast, kneesMost),
          because: near ? 'Knees and shins have to pass between.' : 'A cup is put down without getting up.',
          fixes: nudge(facts, table, (m) => {
            const gap = freeBefore(seat, 'front', { ...facts.room, walls: [] }, [m]).mm
            return (
              gap >= kneesLeast &&
              gap <= kneesMost &&
              facts.seats.every(
                (s) =>
                  s.id === seat.id ||
                  freeBefore(s, 'front', { ...facts.room, walls: [] }, [m]).mm >=
                    Math.min(kneesLeast, kneesOf(facts, s)?.mm ?? kneesLeast),
              )
            )
          }),
        },
      ]
    }),
}

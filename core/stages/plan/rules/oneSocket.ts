import { boxGap } from '../../../kernel/geometry/box.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, listed, lower, ref } from './about.js'
import { ASK } from './cautions.js'

// A double outlet serves two (common practice).
const AT_ONE = 2

export const oneSocket: Rule<PlanFacts> = {
  name: 'plan.one-socket',
  title: 'More cords than one socket takes',
  numbers: `More than ${AT_ONE} things with a cord whose nearest socket is the same one.`,
  source: 'common practice; a licensed electrician decides',
  schools: 'all',
  caution: true,
  check: (facts) => {
    const sockets = facts.room.fixtures.filter((f) => f.kind === 'socket')
    if (sockets.length === 0) return []
    const corded = facts.standings.filter((s) => has(s.piece, 'corded') && !has(s.piece, 'cordless'))
    const at = new Map(sockets.map((f) => [f.id, [] as typeof corded]))
    for (const s of corded) {
      const nearest = sockets
        .map((f) => ({ f, mm: boxGap(f.box, s.box) }))
        .sort((a, b) => a.mm - b.mm || (a.f.id < b.f.id ? -1 : 1))[0]
      if (nearest) at.get(nearest.f.id)?.push(s)
    }
    return sockets.flatMap((f): Finding[] => {
      const fed = at.get(f.id) ?? []
      if (fed.length <= AT_ONE) return []
      return [
        {
          rule: 'plan.one-socket',
          severity: 'look',
          about: [{ kind: 'fixture', id: f.id, name: f.name || 'Socket' }, ...fed.map(ref)],
          title: `${fed.length} cords at one socket`,
          measured: listed(fed.map((s) => lower(s.name))),
          wanted: `${AT_ONE} at a double socket; a further socket by a licensed electrician`,
          because: `Leads chained one into another run hot, and a cord under a rug or behind a bed is pinched. ${ASK}`,
          fixes: [],
          quantity: { value: fed.length, better: 'less' },
        },
      ]
    })
  },
}

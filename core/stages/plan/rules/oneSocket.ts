import type { Finding, Rule } from '../../../findings/finding.js'
import { competing } from '../../../kernel/competing.js'
import { boxGap } from '../../../kernel/geometry/box.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import type { PlanFacts } from '../planFacts.js'
import { has, listed, lower, ref } from './about.js'
import { ASK } from './cautions.js'

// A double outlet serves two (common practice).
const AT_ONE = 2

export const oneSocket: Rule<PlanFacts> = {
  name: 'plan.one-socket',
  title: 'More cords than the sockets in reach take',
  numbers: `Things with a cord that reach a socket within ${NEEDS.cordReach.mm} mm, and more of them than the sockets they reach serve: ${AT_ONE} each, shared out as well as it goes.`,
  source: `${NEEDS.cordReach.source}; a licensed electrician decides`,
  schools: 'all',
  caution: true,
  check: (facts) => {
    const sockets = facts.room.fixtures.filter((f) => f.kind === 'socket')
    const corded = facts.standings.filter((s) => has(s.piece, 'corded') && !has(s.piece, 'cordless'))
    const reach = corded.map((s) =>
      sockets.flatMap((f, i) => (boxGap(f.box, s.box) <= facts.needs.cordReach ? [i] : [])),
    )
    return competing(reach, AT_ONE).map(({ things, places }): Finding => {
      const fed = things.flatMap((i) => corded[i] ?? [])
      const at = places.flatMap((i) => sockets[i] ?? [])
      const over = fed.length - AT_ONE * at.length
      return {
        rule: 'plan.one-socket',
        severity: 'look',
        about: [
          ...at.map((f) => ({ kind: 'fixture' as const, id: f.id, name: f.name || 'Socket' })),
          ...fed.map(ref),
        ],
        title: `${facts.says.count(fed.length, 'cord')} at ${facts.says.count(at.length, 'socket')}`,
        measured: listed(fed.map((s) => lower(s.name))),
        wanted: `at most ${AT_ONE * at.length} there; a further socket by a licensed electrician`,
        because: `Leads chained one into another run hot, and a cord under a rug or behind a bed is pinched. ${ASK}`,
        fixes: [],
        quantity: { value: over, better: 'less' },
      }
    })
  },
}

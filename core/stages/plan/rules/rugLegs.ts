import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { seatRugs, shiftOnto, layInstead } from './rugs.js'
import { judgeRug } from '../rug.js'
import { ref, listed, lower } from './about.js'

export const rugLegs: Rule<PlanFacts> = {
  name: 'plan.rug-legs',
  title: 'A rug that the seats do not stand on',
  numbers:
    'Both front legs of every seat of the group on the rug; all four in the school of all legs. A rug that holds only the table is a stop, whatever its standard size. Large rugs, and small ones that lie among the seats.',
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const rugs = seatRugs(facts)
    if (rugs.length === 0 || facts.seats.length === 0) return []
    const boxes = rugs.map((r) => r.box)
    const judged = judgeRug(boxes, facts.seats, facts.room)
    const wantAll = facts.schools.rug === 'all legs on'
    if (judged.verdict === 'all legs' || (judged.verdict === 'front legs' && !wantAll)) return []
    const island = judged.verdict === 'table only'
    const off = judged.seats.filter((s) => (wantAll ? s.legsOn < 4 : s.frontOn < 2))
    const [rug] = rugs
    if (!rug) return []
    return [
      {
        rule: 'plan.rug-legs',
        severity: island ? 'stop' : 'look',
        about: [ref(rug)],
        title: island
          ? 'Only the low table stands on the rug'
          : `${listed(off.map((s) => s.seat.name))} ${off.length > 1 ? 'do' : 'does'} not stand on the rug`,
        measured: listed(
          judged.seats.map(
            (s) =>
              `${lower(s.seat.name)} ${s.legsOn} of 4 legs${s.missMm > 0 ? `, misses by ${facts.says.length(s.missMm)}` : ''}`,
          ),
        ),
        wanted: wantAll ? 'all legs of every seat on it' : 'the front legs of every seat on it',
        because: 'A rug that the seats stand on holds them together; an island parts them.',
        ...(facts.schools.rug === null ? {} : { school: facts.schools.rug }),
        fixes: [...shiftOnto(facts, rug), ...layInstead(facts, rug)].slice(0, 2),
      },
    ] satisfies Finding[]
  },
}

import type { Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { balance } from '../sightLine.js'

// One side may carry three times the other before the room tips (common practice).
const TIPS_AT = 3

export const balanced: Rule<PlanFacts> = {
  name: 'plan.balance',
  title: 'The room tips to one side of the sight line',
  numbers: `Fronts of all pieces left and right of it; a note from ${TIPS_AT} to 1 on, with three pieces or more.`,
  source: 'common practice',
  schools: 'all',
  check: ({ sight, standings, says }) => {
    const tall = standings.filter((s) => s.kind !== 'rug')
    if (!sight || tall.length < 3) return []
    const { left, right } = balance(sight, tall)
    const ratio = Math.max(left, right) / Math.max(1, Math.min(left, right))
    if (ratio < TIPS_AT) return []
    const heavy = left > right ? 'left' : 'right'
    return [
      {
        rule: 'plan.balance',
        severity: 'note',
        about: [{ kind: 'job', id: 'balance', name: 'Balance' }],
        title: `Most of it stands to the ${heavy} of the sight line`,
        measured: `${says.area(left)} of fronts left, ${says.area(right)} right`,
        wanted: `less than ${TIPS_AT} to 1`,
        because: 'A heavy side wants an answer: a tall plant, a picture, a lamp.',
        fixes: [],
      },
    ]
  },
}

import type { Finding, Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import type { PlanPiece } from '../standing.js'
import { has } from './about.js'
import { askOf } from './asked.js'

/** Fed by electricity: a lamp, an appliance, or whatever has a cord. */
const powered = (p: PlanPiece): boolean => p.kind === 'lamp' || p.kind === 'appliance' || has(p, 'corded')

/** Fed from an outlet, for all that anybody said. */
const onMains = (p: PlanPiece): boolean => !has(p, 'cordless')

export const outdoorPower: Rule<PlanFacts> = {
  name: 'plan.outdoor-power',
  title: 'Lights, pumps and what else has power outdoors',
  numbers:
    'Outdoors: whatever is fed by electricity and not known to be made for outdoors, asked for its ingress rating; whatever is not known to be without a cord, until its outlet is known to be protected.',
  source: 'common practice; local code decides, the outlet is for a licensed electrician',
  schools: 'all',
  caution: true,
  check: (facts) => {
    if (facts.roomKind !== 'outdoors' && !facts.exposedToWeather) return []
    return facts.pieces.flatMap((p): Finding[] => {
      if (!powered(p)) return []
      return [
        ...(has(p, 'made for outdoors')
          ? []
          : [
              askOf(p, {
                rule: 'plan.outdoor-power',
                title: `Is ${p.name} rated for outdoors?`,
                measured: 'rating not known',
                wanted: facts.exposedToWeather
                  ? 'an ingress rating against rain, as its maker says for the open'
                  : 'an ingress rating, as its maker says for outdoors under a roof',
                because: 'Water in a fitting for indoors shocks and burns.',
                answers: [{ label: 'It is made for outdoors', add: ['made for outdoors'] }],
              }),
            ]),
        ...(onMains(p) && !has(p, 'protected outlet')
          ? [
              askOf(p, {
                rule: 'plan.outdoor-power',
                beside: { kind: 'job', id: 'outlet', name: 'Outlet' },
                title: `Which outlet feeds ${p.name}?`,
                measured: 'not known',
                wanted: 'an outlet protected against leakage to earth, its connection closed against rain',
                because:
                  'Wet hands, wet ground and mains meet here: a licensed electrician says which outlet.',
                answers: [
                  { label: 'The outlet is protected and weatherproof', add: ['protected outlet'] },
                  ...(has(p, 'corded') || p.fixing === 'wired in'
                    ? []
                    : [{ label: 'None: a battery or the sun', add: ['cordless' as const] }]),
                ],
              }),
            ]
          : []),
      ]
    })
  },
}

import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.sleep-dark`. */
export const violates = (): PlanFacts =>
  example({
    schools: { childrensLight: 'dimmed, child in sight' },
    pieces: [ex('curtains', 'Curtains', { traits: ['blackout lining'] })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    schools: { childrensLight: 'dimmed, child in sight' },
    pieces: [ex('curtains', 'Curtains', { traits: ['dimming lining'] })],
  })

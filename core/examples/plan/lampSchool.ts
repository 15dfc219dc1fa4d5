import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.lamp-school`. */
export const violates = (): PlanFacts =>
  example({ schools: { lamps: 'one hero fitting' }, pieces: [ex('lamp', 'Lamp', { at: [500, 500] })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    schools: { lamps: 'one hero fitting' },
    pieces: [ex('lamp', 'Lamp', { at: [500, 500], focal: true })],
  })

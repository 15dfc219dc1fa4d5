import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** Breaks the rule `plan.rug-legs`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [
      ex('sofa', 'Sofa', { at: [2500, 450] }),
      ex('armchair', 'Chair', { at: [2500, 3300], turn: 180 }),
      ex('low table', 'Low table', { at: [2500, 1650] }),
      ex('rug', 'Rug', { at: [2500, 1850], widthMm: 1800, depthMm: 1200 }),
    ],
    schools: { rug: 'smallest that puts front legs on' },
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [
      ex('sofa', 'Sofa', { at: [2500, 450] }),
      ex('armchair', 'Chair', { at: [2500, 2900], turn: 180 }),
      ex('low table', 'Low table', { at: [2500, 1650] }),
      ex('rug', 'Rug', { at: [2500, 1700], widthMm: 2900, depthMm: 2000 }),
    ],
    schools: { rug: 'smallest that puts front legs on' },
  })

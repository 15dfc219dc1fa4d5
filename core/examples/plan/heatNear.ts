import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const outlet = (startMm: number) =>
  example({
    pieces: [ex('picture', 'Canvas', { widthMm: 600, heightMm: 600, hang: {} })],
    more: {
      fixtures: [
        {
          id: 'outlet',
          wallId: 'north',
          kind: 'heat outlet',
          name: 'Dryer outlet',
          startMm,
          widthMm: 150,
          heightMm: 150,
          bottomMm: 1400,
          depthMm: 0,
          radiusMm: null,
          version: 1,
        },
      ],
    },
  })

/** Breaks the rule `plan.heat-near`. */
export const violates = (): PlanFacts => outlet(3090)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => outlet(3110)

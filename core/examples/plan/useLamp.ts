import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const lampAt = (x: number) =>
  example({
    pieces: [
      ex('cabinet', 'Cabinet', { at: [600, 300], widthMm: 900, depthMm: 400, serves: ['store'] }),
      ex('lamp', 'Lamp', { at: [x, 300], widthMm: 300, depthMm: 300, heightMm: 500 }),
    ],
    more: {
      uses: [
        { id: 'store', name: 'Store', kind: 'store', persons: 1, time: 'any time', position: 0, version: 1 },
      ],
    },
  })

/** Breaks the rule `plan.use-lamp`. */
export const violates = (): PlanFacts => lampAt(2600)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => lampAt(2550)

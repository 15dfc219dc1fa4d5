import { SOCKET } from './cord.js'
import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const fed = (n: number): PlanFacts =>
  example({
    pieces: Array.from({ length: n }, (_each, i) =>
      ex('appliance', `Machine ${i}`, { traits: ['corded'], at: [500 + i * 500, 300] }),
    ),
    more: { fixtures: [SOCKET] },
  })

/** Breaks the rule `plan.one-socket`. */
export const violates = (): PlanFacts => fed(3)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => fed(2)

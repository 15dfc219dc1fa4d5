import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const WEST_SOCKET = {
  id: 'socket',
  wallId: 'west',
  kind: 'socket',
  name: 'Socket',
  startMm: 2000,
  widthMm: 80,
  heightMm: 80,
  bottomMm: 300,
  depthMm: 10,
  radiusMm: null,
  version: 1,
} as const

/** Breaks the rule `plan.cord-across`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('sofa', 'Sofa', { at: [3000, 450] }), ex('lamp', 'Lamp', { at: [4600, 1500] })],
    more: { fixtures: [WEST_SOCKET] },
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('sofa', 'Sofa', { at: [3000, 450] }), ex('lamp', 'Lamp', { at: [250, 2000] })],
    more: { fixtures: [WEST_SOCKET] },
  })

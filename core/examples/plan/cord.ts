import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** A socket near the left end of the upper wall. */
export const SOCKET = {
  id: 'socket',
  wallId: 'north',
  kind: 'socket',
  name: 'Socket',
  startMm: 700,
  widthMm: 80,
  heightMm: 80,
  bottomMm: 300,
  depthMm: 10,
  radiusMm: null,
  version: 1,
} as const

/** Breaks the rule `plan.lamp-cord`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('lamp', 'Floor lamp', { at: [4500, 3000] })],
    openings: [],
    more: { fixtures: [SOCKET] },
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('lamp', 'Floor lamp', { at: [1500, 300] })],
    openings: [],
    more: { fixtures: [SOCKET] },
  })

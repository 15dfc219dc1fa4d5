import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const front = {
  id: 'breast',
  wallId: 'north',
  kind: 'built-in',
  name: 'Fireplace front',
  startMm: 1800,
  widthMm: 1400,
  heightMm: 2500,
  bottomMm: 0,
  depthMm: 300,
  radiusMm: 900,
  version: 1,
} as const
const framed = (widthMm: number) =>
  example({
    pieces: [ex('picture', 'Print', { widthMm, heightMm: 200, hang: {} })],
    more: { fixtures: [front] },
  })

/** Breaks the rule `plan.curved-face`. */
export const violates = (): PlanFacts => framed(140)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => framed(120)

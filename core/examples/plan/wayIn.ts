import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const WAY = [
  {
    id: 'hall',
    position: 0,
    kind: 'corridor',
    name: 'Hall',
    widthMm: 1100,
    heightMm: 2500,
    lengthMm: 3000,
    version: 1,
  },
  {
    id: 'door',
    position: 1,
    kind: 'room door',
    name: 'Room door',
    widthMm: 760,
    heightMm: 2000,
    lengthMm: null,
    version: 1,
  },
] as const

/** Breaks the rule `plan.way-in`. */
export const violates = (): PlanFacts =>
  example({
    pieces: [ex('sofa', 'Sofa', { widthMm: 2600, depthMm: 1100, heightMm: 950 })],
    more: { passages: WAY },
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    pieces: [ex('sofa', 'Sofa', { widthMm: 1960, depthMm: 900, heightMm: 700 })],
    more: { passages: WAY },
  })

import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const DOOR_EAST = {
  id: 'door',
  wallId: 'east',
  kind: 'door',
  name: 'Door',
  startMm: 1600,
  widthMm: 800,
  heightMm: 2000,
  sillMm: 0,
  hinge: 'left',
  swing: 'out',
  carries: null,
  carriesG: null,
  version: 1,
} as const

/** Breaks the rule `plan.exposed`. */
export const violates = (): PlanFacts =>
  example({
    openings: [DOOR_EAST],
    pieces: [
      ex('sanitary', 'Vanity', { at: [3000, 2000], traits: ['open below'] }),
      ex('sanitary', 'Toilet', { at: [1500, 2000], traits: ['untidy side'] }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    openings: [DOOR_EAST],
    pieces: [
      ex('sanitary', 'Vanity', { at: [3000, 2000] }),
      ex('sanitary', 'Toilet', { at: [1500, 2000], traits: ['untidy side'] }),
    ],
  })

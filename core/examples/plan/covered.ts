import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const RADIATOR = {
  id: 'rad',
  wallId: 'north',
  kind: 'radiator',
  name: 'Radiator',
  startMm: 2000,
  widthMm: 1000,
  heightMm: 600,
  bottomMm: 100,
  depthMm: 100,
  radiusMm: null,
  version: 1,
} as const

/** Breaks the rule `plan.covered`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('shelves', 'Bookcase', { at: [2500, 280] })], more: { fixtures: [RADIATOR] } })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ pieces: [ex('shelves', 'Bookcase', { at: [900, 160] })], more: { fixtures: [RADIATOR] } })

import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const WINDOW = {
  id: 'window',
  wallId: 'north',
  kind: 'window',
  name: 'Window',
  startMm: 1800,
  widthMm: 1400,
  heightMm: 1300,
  sillMm: 800,
  hinge: 'none',
  swing: 'none',
  carries: null,
  carriesG: null,
  version: 1,
} as const

/** Breaks the rule `plan.window-blocked`. */
export const violates = (): PlanFacts =>
  example({ openings: [WINDOW], pieces: [ex('wardrobe', 'Wardrobe', { at: [2500, 300] })] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ openings: [WINDOW], pieces: [ex('wardrobe', 'Wardrobe', { at: [700, 300] })] })

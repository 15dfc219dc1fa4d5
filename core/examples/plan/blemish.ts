import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const patch = {
  id: 'patch',
  wallId: 'north',
  kind: 'blemish',
  name: 'Tile patch',
  startMm: 2150,
  widthMm: 700,
  heightMm: 500,
  bottomMm: 1230,
  depthMm: 0,
  radiusMm: null,
  version: 1,
} as const
const art = (widthMm: number, heightMm: number) =>
  example({
    pieces: [ex('picture', 'Art', { widthMm, heightMm, hang: {} })],
    more: { fixtures: [patch] },
  })

/** Breaks the rule `plan.blemish`. */
export const violates = (): PlanFacts => art(600, 800)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => art(800, 600)

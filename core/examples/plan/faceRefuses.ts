import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const walls = (face: 'stone or brick' | 'smooth paint') =>
  ['north', 'east', 'south', 'west'].map((id, position) => ({
    id,
    position,
    name: id,
    lengthMm: position % 2 ? 4000 : 5000,
    turnDeg: 90,
    face,
    version: 1,
  }))

/** Breaks the rule `plan.face-refuses`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('picture', 'Print', { hang: {} })], more: { walls: walls('stone or brick') } })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ pieces: [ex('picture', 'Print', { hang: {} })], more: { walls: walls('smooth paint') } })

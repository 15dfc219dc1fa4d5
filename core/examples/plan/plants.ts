import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const CHILD = () => ({
  id: 'child',
  position: 0,
  name: 'Child',
  kind: 'child' as const,
  ageYears: 2,
  standingEyeMm: null,
  seatedEyeMm: null,
  minds: [],
  note: '',
  version: 1,
})

/** Breaks the rule `plan.plants`. */
export const violates = (): PlanFacts =>
  example({ pieces: [ex('plant', 'Oleander')], more: { people: [CHILD()] } })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ pieces: [ex('plant', 'Rosemary')], more: { people: [CHILD()] } })

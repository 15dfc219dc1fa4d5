import { emptyJob } from '../emptyJob.js'
import { example, ex, type ExamplePiece } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const lit = (traits: ExamplePiece['traits']): PlanFacts => {
  const base = emptyJob()
  return example({
    pieces: [ex('object', 'Fountain', { traits: traits ?? [], weightG: 8_000, at: [2500, 2000] })],
    more: { room: { ...base.room, heightMm: 2500, kind: 'outdoors' } },
  })
}

/** Breaks the rule `plan.outdoor-power`. */
export const violates = (): PlanFacts => lit(['corded'])

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => lit(['corded', 'made for outdoors', 'protected outlet'])

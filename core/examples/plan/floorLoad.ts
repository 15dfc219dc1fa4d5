import { emptyJob } from '../emptyJob.js'
import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const bowl = (weightG: number): PlanFacts => {
  const base = emptyJob()
  return example({
    pieces: [ex('object', 'Stone bowl', { weightG, widthMm: 600, depthMm: 600, at: [2500, 2000] })],
    more: { room: { ...base.room, heightMm: 2500, kind: 'outdoors' } },
  })
}

/** Breaks the rule `plan.floor-load`. */
export const violates = (): PlanFacts => bowl(100_000)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => bowl(99_000)

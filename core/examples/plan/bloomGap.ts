import { emptyJob } from '../emptyJob.js'
import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const planted = (bloomTo: number): PlanFacts => {
  const base = emptyJob()
  return example({
    pieces: [ex('plant', 'Heather', { bloomFrom: 3, bloomTo })],
    more: { room: { ...base.room, heightMm: 2500, kind: 'outdoors' } },
  })
}

/** Breaks the rule `plan.bloom-gap`. */
export const violates = (): PlanFacts => planted(8)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => planted(2)

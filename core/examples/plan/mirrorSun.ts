import { emptyJob } from '../emptyJob.js'
import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

/** A window in the south wall, whose head is 2,100 mm high, and a mirror on the wall across in a room this deep. */
const across = (deepMm: number): PlanFacts => {
  const base = emptyJob()
  return example({
    size: [3000, deepMm],
    pieces: [ex('mirror', 'Mirror', { weightG: 4_000, hang: { xMm: 1500 } })],
    openings: [
      {
        ...{ id: 'window', wallId: 'south', kind: 'window', name: 'Window', startMm: 1000, widthMm: 1000 },
        ...{ heightMm: 1200, sillMm: 900, hinge: 'none', swing: 'none', carries: null, carriesG: null },
        version: 1,
      },
    ],
    more: { room: { ...base.room, heightMm: 2500, northDeg: 0, latitudeDeg: 48 } },
  })
}

/** Breaks the rule `plan.mirror-sun`. */
export const violates = (): PlanFacts => across(2100)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => across(2150)

import { example, exampleDoor } from './example.js'
import { panelLayouts } from '../../model/rows/panelLayouts.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const panels = (startMm: number) =>
  example({
    openings: [{ ...exampleDoor, wallId: 'north', startMm: 1000 }],
    more: {
      panelLayouts: [
        {
          ...panelLayouts.make({
            id: 'panels',
            wallId: 'north',
            kind: 'wainscot panels',
            startMm,
            endMm: 5000,
            bottomMm: 0,
            heightMm: 900,
            count: 8,
            stileMm: 80,
            depthMm: 20,
          }),
          version: 1,
        },
      ],
    },
  })

/** Breaks the rule `plan.panels-through`. */
export const violates = (): PlanFacts => panels(0)

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => panels(1800)

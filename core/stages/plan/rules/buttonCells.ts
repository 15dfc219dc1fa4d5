import type { Finding, Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import type { PlanPiece } from '../standing.js'
import { has } from './about.js'
import { askOf } from './asked.js'

// A larger one takes larger batteries, or is fed from the wall (common practice).
const LITTLE_MM = 500

/** A little lamp without a cord runs on batteries, and nobody said on which. */
const mayHold = (p: PlanPiece): boolean => p.kind === 'lamp' && has(p, 'cordless') && p.heightMm <= LITTLE_MM

export const buttonCells: Rule<PlanFacts> = {
  name: 'plan.button-cells',
  title: 'Button cells or small magnets where a child or an animal may swallow them',
  numbers: `With children or pets, and while nobody is entered: whatever holds button cells or magnets, until its lid is screwed shut. With small children every lamp up to ${LITTLE_MM} mm without a cord is asked after too.`,
  source: 'common practice; a poison center advises',
  schools: 'all',
  caution: true,
  check: (facts) => {
    const { known, children, pets, smallChildren } = facts.household
    if (known && !children && !pets) return []
    return facts.pieces.flatMap((p): Finding[] => {
      const holds = has(p, 'button cells or magnets')
      if (has(p, 'small parts held fast') || !(holds || (smallChildren && mayHold(p)))) return []
      return [
        askOf(p, {
          rule: 'plan.button-cells',
          title: holds ? `${p.name} holds button cells or magnets` : `What does ${p.name} run on?`,
          measured: holds ? 'not said how they are held' : 'no cord, batteries not known',
          wanted: 'a battery lid that is screwed shut and magnets that cannot come off, or another one',
          because: 'A swallowed cell burns within hours and two magnets hold the gut between them.',
          answers: [
            {
              label: holds
                ? 'The lid is screwed shut, nothing comes off'
                : 'No button cells, or a screwed lid',
              add: ['small parts held fast'],
            },
            ...(holds ? [] : [{ label: 'It has button cells', add: ['button cells or magnets' as const] }]),
          ],
        }),
      ]
    })
  },
}

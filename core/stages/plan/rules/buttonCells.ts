import type { Finding, Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import type { PlanPiece } from '../standing.js'
import { has } from './about.js'
import { askOf } from './asked.js'

// A larger one takes larger batteries, or is fed from the wall (common practice).
const LITTLE_MM = 500
// Of one whose cord nobody spoke of only the very small may be run by a cell (common practice).
const TINY_MM = 200

/** A little lamp that may run on batteries, and nobody said on which. */
const mayHold = (p: PlanPiece): boolean =>
  p.kind === 'lamp' &&
  !has(p, 'corded') &&
  p.fixing !== 'wired in' &&
  p.heightMm <= (has(p, 'cordless') ? LITTLE_MM : TINY_MM)

export const buttonCells: Rule<PlanFacts> = {
  name: 'plan.button-cells',
  title: 'Button cells or small magnets where a child or an animal may swallow them',
  numbers: `With children or pets, and while nobody is entered: whatever holds button cells or magnets, until its lid is screwed shut. With small children every lamp up to ${LITTLE_MM} mm without a cord is asked after too, and up to ${TINY_MM} mm every one whose cord nobody spoke of.`,
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
          measured: holds ? 'not said how they are held' : 'batteries not known',
          wanted: 'a battery lid that is screwed shut and magnets that cannot come off, or another one',
          because: 'A swallowed cell burns within hours and two magnets hold the gut between them.',
          answers: [
            {
              label: holds
                ? 'The lid is screwed shut, nothing comes off'
                : 'No button cells, or a screwed lid',
              add: ['small parts held fast'],
            },
            ...(holds
              ? []
              : [
                  { label: 'It has button cells', add: ['button cells or magnets' as const] },
                  ...(has(p, 'cordless') ? [] : [{ label: 'It has a cord', add: ['corded' as const] }]),
                ]),
          ],
        }),
      ]
    })
  },
}

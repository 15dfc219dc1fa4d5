import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { chosenOf, about, choose } from './chosen.js'
import { put } from '../../../model/changes.js'

/** A part of a set is chosen and the set is not. */
export const setNotChosen: Rule<SourceFacts> = {
  name: 'source.set-not-chosen',
  title: 'A part of a set is chosen without the set',
  numbers: 'A part costs nothing of its own because the set price has it in it.',
  source: 'common practice',
  schools: 'all',
  check: ({ items }) =>
    items.flatMap((i) => {
      const o = chosenOf(i)
      if (!o?.partOf || o.partOf.chosen) return []
      const { partOf } = o
      const finding: Finding = {
        rule: 'source.set-not-chosen',
        severity: 'stop',
        about: about(i, o),
        title: `${o.name} comes with ${partOf.name}, which is not chosen`,
        measured: `${partOf.name} not chosen`,
        wanted: 'the set chosen, or this from elsewhere',
        because: 'The price of a set is for everything in it, and for nothing without it.',
        fixes: [
          {
            label: `Choose ${partOf.name}`,
            changes: [put('items', partOf.itemId, { chosenOptionId: partOf.optionId })],
          },
          choose(i, undefined, 'Leave it open'),
        ],
      }
      return [finding]
    }),
}

import type { Rule, Fix, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { differenceOf } from '../intent.js'
import { put } from '../../../model/changes.js'
import { choose, about } from './chosen.js'

/** Something else was chosen than planned. */
export const intentLost: Rule<SourceFacts> = {
  name: 'source.intent',
  title: 'Something else than planned is chosen',
  numbers:
    'Asked until it is said whether the intent is kept; a lost intent is shown although it saved money.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, says }) =>
    items.flatMap((i) => {
      const { swap } = i
      if (!swap || swap.intent === 'kept') return []
      const by = differenceOf(swap, says.money)
      const say = (intentKept: 'kept' | 'lost', label: string): Fix => ({
        label,
        changes: [put('items', i.id, { intentKept })],
      })
      const back: Fix[] = i.options
        .filter((o) => o.name === swap.plannedName)
        .map((o) => choose(i, o, `Back to ${o.name}`))
      const finding: Finding = {
        rule: 'source.intent',
        severity: swap.intent === 'lost' ? 'look' : 'note',
        about: about(i),
        title: swap.intent === 'lost' ? `${i.name}: the intent is lost` : `${i.name}: is the intent kept?`,
        measured: `${swap.boughtName} for ${swap.plannedName}, ${by}`,
        wanted: i.intent ? `“${i.intent}”` : 'an intent to judge it by',
        because:
          'What is bought is rarely what was drawn; the room holds together while each thing still does what it was for.',
        fixes:
          swap.intent === 'lost'
            ? back
            : [say('kept', 'The intent is kept'), say('lost', 'The intent is lost'), ...back],
      }
      return [finding]
    }),
}

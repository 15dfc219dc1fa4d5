import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { chosenOf, about } from './chosen.js'
import { addDays } from '../../../kernel/units/days.js'
import { put } from '../../../model/changes.js'
import { LASTING_PIECE } from '../../../model/vocabulary/buying.js'

// Common practice: the time a second look at a placeholder should be announced.
const SOON_DAYS = 7

/** A placeholder whose time is up. */
export const placeholderDue: Rule<SourceFacts> = {
  name: 'source.placeholder-due',
  title: 'A placeholder is due for review',
  numbers: `From ${SOON_DAYS} days before the day set for it.`,
  source: 'common practice',
  schools: 'all',
  check: ({ items, today, newItem, says }) =>
    items.flatMap((i) => {
      const o = chosenOf(i)
      if (o?.kind !== 'placeholder' || !o.reviewOn || o.reviewOn > addDays(today, SOON_DAYS)) return []
      const finding: Finding = {
        rule: 'source.placeholder-due',
        severity: 'look',
        about: about(i, o),
        title: `${i.name}: time to look for the lasting piece`,
        measured: `review on ${says.day(o.reviewOn)}`,
        wanted: `the lasting piece, for which ${says.money(i.targetMinor)} is held`,
        because: 'A stand-in was meant to stand in; the money for the right one is still held back.',
        fixes: [
          {
            label: 'Open a line for the lasting piece',
            changes: [
              put('options', o.id, { reviewOn: null }),
              {
                collection: 'items',
                add: newItem({
                  name: `${i.name}, lasting`.slice(0, 120),
                  category: i.category,
                  pieceKind: i.pieceKind,
                  intent: i.intent,
                  targetMinor: i.targetMinor,
                  forItemId: i.id,
                  companion: LASTING_PIECE,
                  position: i.position,
                }),
              },
            ],
          },
          {
            label: 'Look again in 60 days',
            changes: [put('options', o.id, { reviewOn: addDays(today, 60) })],
          },
        ],
      }
      return [finding]
    }),
}

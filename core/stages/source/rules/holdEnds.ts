import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { daysBetween } from '../../../kernel/units/days.js'
import { put } from '../../../model/changes.js'

// Common practice: three days are enough to call the client and go there.
const HOLD_DAYS = 3

/** A find that is held, but not for long. */
export const holdEnds: Rule<SourceFacts> = {
  name: 'source.hold-ends',
  title: 'A find is held, but not for long',
  numbers: `From ${HOLD_DAYS} days before the hold ends.`,
  source: 'common practice',
  schools: 'all',
  check: ({ items, today, says }) =>
    items
      .filter((i) => i.open || i.undecided)
      .flatMap((i) =>
        i.options.flatMap((o): Finding[] => {
          if (!o.heldUntil || o.heldUntil < today || daysBetween(today, o.heldUntil) > HOLD_DAYS) return []
          return [
            {
              rule: 'source.hold-ends',
              severity: 'look',
              about: [
                { kind: 'item', id: i.id, name: i.name },
                { kind: 'option', id: o.id, name: o.name },
              ],
              title: `${o.name} is held until ${says.day(o.heldUntil)}`,
              measured: `held until ${says.day(o.heldUntil)}`,
              wanted: o.chosen ? 'ordered by then' : 'a decision by then',
              because: 'A find that is gone the next day starts the search again.',
              fixes: o.chosen
                ? []
                : [
                    {
                      label: `Take it, ${says.money(o.landedMinor)}`,
                      changes: [put('items', i.id, { chosenOptionId: o.id })],
                    },
                  ],
            },
          ]
        }),
      ),
}

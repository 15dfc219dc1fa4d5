import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { put } from '../../../model/changes.js'

/** Something watched has come down, or what is chosen has gone up. */
export const priceMoved: Rule<SourceFacts> = {
  name: 'source.price-moved',
  title: 'A price moved',
  numbers:
    'The watch price is reached; or the price of what is chosen and not ordered has risen since it was last seen; or it is back in stock.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, says }) =>
    items
      .filter((i) => i.open || i.undecided)
      .flatMap((i) =>
        i.options.flatMap((o): Finding[] => {
          const last = o.history.events.at(-1)
          const said =
            o.history.reached && !o.chosen
              ? { title: `${o.name} is down to the price watched for`, wanted: 'a decision while it lasts' }
              : last?.kind === 'gone up' && o.chosen
                ? {
                    title: `${o.name} has gone up by ${says.money(last.toMinor - last.fromMinor)}`,
                    wanted: 'still the right choice',
                  }
                : last?.kind === 'back in stock'
                  ? { title: `${o.name} is back in stock`, wanted: 'a second look' }
                  : undefined
          if (!said) return []
          return [
            {
              rule: 'source.price-moved',
              severity: 'note',
              about: [
                { kind: 'item', id: i.id, name: i.name },
                { kind: 'option', id: o.id, name: o.name },
              ],
              title: said.title,
              measured: o.history.points
                .map((p) => `${says.money(p.priceMinor)}${p.stock === 'sold out' ? ' sold out' : ''}`)
                .join(' → '),
              wanted: said.wanted,
              because:
                'Waiting for a markdown is a bet against stock and date; a price that moved asks for the decision again.',
              fixes:
                o.history.reached && !o.chosen && o.against.length === 0
                  ? [
                      {
                        label: `Take ${o.name}, ${says.money(o.landedMinor)}`,
                        changes: [put('items', i.id, { chosenOptionId: o.id })],
                      },
                    ]
                  : [],
            },
          ]
        }),
      ),
}

import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { reworkAdvice } from '../worth.js'
import { put } from '../../../model/changes.js'

/** Second-hand or owned, reworked so dearly that new comes near. */
export const reworkNearNew: Rule<SourceFacts> = {
  name: 'source.rework-near-new',
  title: 'Reworking comes near the price of new',
  numbers:
    'Rework at three quarters of the cheapest new option that fits, or more; at any price where the layout it keeps is disliked.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, says }) =>
    items.flatMap((i) => {
      const o = i.options.find((x) => x.chosen)
      const fresh = i.options.filter(
        (x) => x.kind === 'new' && x.against.length === 0 && x.landedMinor > 0,
      )[0]
      if (!o || !i.undecided || !fresh || o.landedMinor === 0) return []
      if (o.kind !== 'second-hand' && o.kind !== 'owned') return []
      const { ratio, disliked, rework } = reworkAdvice(o.landedMinor, fresh.landedMinor, i.layout)
      if (rework) return []
      const finding: Finding = {
        rule: 'source.rework-near-new',
        severity: disliked ? 'look' : 'note',
        about: [
          { kind: 'item', id: i.id, name: i.name },
          { kind: 'option', id: o.id, name: o.name },
        ],
        title: disliked
          ? `${o.name} keeps a layout nobody likes`
          : `${o.name} comes to ${Math.round(100 * ratio)} % of new`,
        measured: `${says.money(o.landedMinor)} against ${says.money(fresh.landedMinor)} for ${fresh.name}`,
        wanted: disliked ? 'a layout that pleases' : 'under 75 %, and a layout worth keeping',
        because: disliked
          ? 'A disliked layout is not rescued by a price: new fronts on it are money lost.'
          : 'Reworking is worth it while new would cost far more; near the price of new it is a day’s work for little.',
        fixes: [
          {
            label: `Take ${fresh.name}, ${says.money(fresh.landedMinor)}`,
            changes: [put('items', i.id, { chosenOptionId: fresh.id })],
          },
        ],
      }
      return [finding]
    }),
}

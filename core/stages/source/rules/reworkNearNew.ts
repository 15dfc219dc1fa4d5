import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { reworkAdvice } from '../worth.js'
import { put } from '../../../model/changes.js'

/** Second-hand or owned, reworked so dearly that new comes near. */
export const reworkNearNew: Rule<SourceFacts> = {
  name: 'source.rework-near-new',
  title: 'Reworking comes near the price of new',
  numbers: 'Rework at three fifths of the cheapest new option that fits, or more.',
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
      const { ratio, tooNear } = reworkAdvice(o.landedMinor, fresh.landedMinor)
      if (!tooNear) return []
      const finding: Finding = {
        rule: 'source.rework-near-new',
        severity: 'note',
        about: [
          { kind: 'item', id: i.id, name: i.name },
          { kind: 'option', id: o.id, name: o.name },
        ],
        title: `${o.name} comes to ${Math.round(100 * ratio)} % of new`,
        measured: `${says.money(o.landedMinor)} against ${says.money(fresh.landedMinor)} for ${fresh.name}`,
        wanted: 'under 60 %, or a layout worth keeping',
        because:
          'Reworking is worth it while new would cost far more; near the price of new it is a day’s work for little.',
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

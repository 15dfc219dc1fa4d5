import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { stayCost } from '../worth.js'
import { put } from '../../../model/changes.js'

/** Over the stay another option costs less. */
export const dearerOverTheStay: Rule<SourceFacts> = {
  name: 'source.dearer-over-the-stay',
  title: 'Another option costs less over the stay',
  numbers: 'Price times the whole purchases that the years of the stay need.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, stayYears, says }) =>
    stayYears === null
      ? []
      : items.flatMap((i) => {
          const o = i.options.find((x) => x.chosen)
          if (!o?.years || !i.undecided) return []
          const own = stayCost(o.landedMinor, o.years, stayYears)
          const better = i.options
            .filter((x) => !x.chosen && x.years !== null && x.against.length === 0)
            .map((x) => ({ x, cost: stayCost(x.landedMinor, x.years ?? 1, stayYears) }))
            .filter(({ cost }) => cost.totalMinor < own.totalMinor)
            .sort((a, b) => a.cost.totalMinor - b.cost.totalMinor)[0]
          if (!better) return []
          const times = (n: number) => (n === 1 ? 'once' : `${n} times`)
          const finding: Finding = {
            rule: 'source.dearer-over-the-stay',
            severity: 'note',
            about: [
              { kind: 'item', id: i.id, name: i.name },
              { kind: 'option', id: o.id, name: o.name },
            ],
            title: `Over ${stayYears} years ${better.x.name} costs less than ${o.name}`,
            measured: `${says.money(own.totalMinor)}: bought ${times(own.purchases)}`,
            wanted: `${says.money(better.cost.totalMinor)}: bought ${times(better.cost.purchases)}`,
            because: 'Whole purchases within the stay decide; price divided by years alone misleads.',
            fixes: [
              {
                label: `Take ${better.x.name}, ${says.money(better.x.landedMinor)}`,
                changes: [put('items', i.id, { chosenOptionId: better.x.id })],
              },
            ],
          }
          return [finding]
        }),
}

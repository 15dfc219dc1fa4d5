import type { Finding, Rule } from '../../../findings/finding.js'
import { daysOff, weekdayOf } from '../crewTime.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.nobody-there'

/** A delivery on a day on which nobody can take it in. */
export const nobodyThere: Rule<InstallFacts> = {
  name: NAME,
  title: 'A delivery that nobody receives',
  numbers: 'Goods on order expected on a day off for everybody, or on a weekday on which nobody works.',
  source: 'common practice',
  schools: 'all',
  check: ({ plan, closures, says, today }) => {
    const days = new Set(plan.tasks.flatMap((t) => t.worker.weekdays))
    return plan.arrivals.flatMap(({ arrival }): Finding[] => {
      const { on, itemId, state, name, supplierName } = arrival
      if (on === null || itemId === null || state !== 'ordered' || on <= today) return []
      const off = daysOff(closures, on, null)[0]
      const works = days.size === 0 || days.has(weekdayOf(on))
      if (!off && works) return []
      return [
        {
          rule: NAME,
          severity: 'look',
          about: [{ kind: 'item', id: itemId, name }],
          title: `${name}: nobody there to receive it`,
          measured: `expected on ${weekdayOf(on)}, ${says.day(on, today)}${off ? `: ${off.what}` : ''}`,
          wanted: `a day on which somebody is there`,
          because: `It goes back to the depot and is charged for twice. Ask ${supplierName || 'the supplier'} for another day, or the client to be in.`,
          fixes: [],
        },
      ]
    })
  },
}

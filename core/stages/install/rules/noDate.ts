import type { Finding, Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.no-date'

/** The plan counts on what nobody knows the day of. */
export const noDate: Rule<InstallFacts> = {
  name: NAME,
  title: 'The plan counts on something without a day',
  numbers:
    'Goods on order, or building work, that tasks wait for and no day is known of, or only one that is past.',
  source: 'common practice',
  schools: 'all',
  check: ({ plan, says, today, nameOf }) =>
    plan.arrivals
      .filter(
        (a) =>
          a.arrival.on === null && (a.arrival.state === 'ordered' || a.arrival.state === 'building work'),
      )
      .map(({ arrival, neededBy, latestOn }): Finding => {
        const work = arrival.state === 'building work'
        return {
          rule: NAME,
          severity: 'look',
          about: [
            arrival.itemId === null
              ? { kind: 'work', id: arrival.key.replace('work:', ''), name: arrival.name }
              : { kind: 'item', id: arrival.itemId, name: arrival.name },
          ],
          title: `${arrival.name}: no day`,
          measured:
            arrival.missedOn !== null
              ? `${says.day(arrival.missedOn, today)} was said and is past`
              : work
                ? 'not done, and no day given'
                : `ordered from ${arrival.supplierName || 'somebody'}, no day said`,
          wanted: `by ${says.day(latestOn, today)}, for “${nameOf(neededBy)}”`,
          because: work
            ? 'What is decorated there waits for it; the plan takes it as done.'
            : 'The plan takes it as coming in time. One call tells.',
          fixes: [],
        }
      }),
}

import type { Finding, Rule } from '../../../findings/finding.js'
import { daysBetween } from '../../../kernel/units/days.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.lease-end'
/** Common practice: a month of warning, in which trades can still be asked. */
const WARNING_DAYS = 30

/** A rented room that must be put back before its lease ends, and the day on which that must be begun. */
export const leaseEnd: Rule<InstallFacts> = {
  name: NAME,
  title: 'Putting back before the lease ends',
  numbers: `The last day on which putting back can be begun and be over on the last day of the lease, with drying, days off and who works when. Told from ${WARNING_DAYS} days before.`,
  source: 'common practice',
  schools: 'all',
  check: ({ back, today, says }): Finding[] => {
    if (!back) return []
    const { leaseEndsOn, beginBy, tasks } = back
    const left = beginBy === undefined ? -1 : daysBetween(today, beginBy)
    if (left > WARNING_DAYS) return []
    const late = left < 0
    const by = beginBy === undefined ? '' : says.day(beginBy, today)
    return [
      {
        rule: NAME,
        severity: late ? 'stop' : 'look',
        about: [{ kind: 'job', id: 'lease end', name: 'Putting back' }],
        title: late ? 'The room cannot be put back before the lease ends' : `Begin putting back by ${by}`,
        measured: `${says.count(tasks, 'task')} to put it back; the lease ends on ${says.day(leaseEndsOn, today)}`,
        wanted: by === '' ? 'a beginning from which it can be over in time' : `begun by ${by}`,
        because: late
          ? 'What is not put back by then is put back at the landlord’s price. Ask for a later day, for more hands, or for what may stay, in writing.'
          : 'Filler, primer and paint dry at their own pace, whoever is in a hurry.',
        fixes: [],
        quantity: { value: -left, better: 'less' },
      },
    ]
  },
}

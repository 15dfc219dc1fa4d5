import type { Finding, Rule } from '../../../findings/finding.js'
import { daysBetween } from '../../../kernel/units/days.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.late'

/** The plan ends after the day that was promised. */
export const late: Rule<InstallFacts> = {
  name: NAME,
  title: 'Ready after the promised day',
  numbers: 'The last task of the plan ends after the install date.',
  source: 'common practice',
  schools: 'all',
  check: ({ plan, installOn, says, today, nameOf }) => {
    if (installOn === null || plan.readyOn === undefined || plan.readyOn <= installOn) return []
    const days = daysBetween(installOn, plan.readyOn)
    const tight = [
      ...plan.arrivals.filter((a) => a.critical).map((a) => a.arrival.name),
      ...plan.tasks.filter((t) => t.critical && t.task.doneOn === null).map((t) => nameOf(t.task.key)),
    ]
    const finding: Finding = {
      rule: NAME,
      severity: 'stop',
      about: [{ kind: 'job', id: 'ready', name: 'Ready' }],
      title: `Ready ${says.count(days, 'day')} after the install date`,
      measured: `the last task ends on ${says.day(plan.readyOn, today)}`,
      wanted: `by ${says.day(installOn, today)}`,
      because: `Nothing to spare in: ${tight.slice(0, 4).join('; ')}${tight.length > 4 ? `, and ${tight.length - 4} more` : ''}.`,
      fixes: [],
      quantity: { value: days, better: 'less' },
    }
    return [finding]
  },
}

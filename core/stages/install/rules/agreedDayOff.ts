import type { Finding, Rule } from '../../../findings/finding.js'
import { addDays } from '../../../kernel/units/days.js'
import { put } from '../../../model/changes.js'
import { daysOff, nextDayOf, weekdayOf } from '../crewTime.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.agreed-day-off'

/** A day agreed with others, on which whoever does the work is not at work. */
export const agreedDayOff: Rule<InstallFacts> = {
  name: NAME,
  title: 'Agreed for a day off',
  numbers:
    'A task agreed for a weekday on which whoever does it does not work, or for one of their days off.',
  source: 'common practice',
  schools: 'all',
  check: ({ plan, closures, today, says, about }) =>
    plan.tasks.flatMap((planned): Finding[] => {
      const { task, worker } = planned
      const { onDay, row } = task
      if (!task.agreed || onDay === null || task.doneOn !== null || onDay < today) return []
      const off = daysOff(closures, onDay, worker.id)[0]
      if (!off && worker.weekdays.includes(weekdayOf(onDay))) return []
      const next = nextDayOf(worker, closures, addDays(onDay, 1))
      return [
        {
          rule: NAME,
          severity: 'look',
          about: about(planned),
          title: `${task.name}: agreed for a day off`,
          measured: `${weekdayOf(onDay)}, ${says.day(onDay, today)}: ${off ? off.what : `${worker.name} does not work on it`}`,
          wanted: 'a day on which whoever does it works',
          because: 'The others come, and nobody is there; the plan takes the next day of work instead.',
          fixes:
            row && next !== undefined
              ? [
                  {
                    label: `Ask for ${weekdayOf(next)}, ${says.day(next, today)}`,
                    changes: [put('tasks', row.id, { onDay: next })],
                  },
                ]
              : [],
        },
      ]
    }),
}

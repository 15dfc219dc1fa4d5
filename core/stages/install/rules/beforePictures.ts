import type { Rule } from '../../../findings/finding.js'
import { addDays } from '../../../kernel/units/days.js'
import type { InstallFacts } from '../installFacts.js'

/** So many days before the first task it is said (common practice: time for one more visit). */
const DAYS_BEFORE = 3

export const beforePictures: Rule<InstallFacts> = {
  name: 'install.before-pictures',
  title: 'The work begins, and there are no pictures of before',
  numbers:
    'From three days before the first task on, or once a task is done: one picture of every wall and every corner. Silent where a reason for none is given.',
  source: 'common practice',
  schools: 'all',
  check: ({ plan, today, standpointsOpen, standpointsAll }) => {
    if (standpointsOpen.length === 0) return []
    const begun = plan.tasks.some((t) => t.task.doneOn !== null)
    const days = plan.tasks
      .filter((t) => !t.unplaced && t.task.row?.leftOut !== true)
      .map((t) => t.start.day)
      .sort()
    const first = days[0]
    if (!begun && (first === undefined || today < addDays(first, -DAYS_BEFORE))) return []
    return [
      {
        rule: 'install.before-pictures',
        severity: 'stop',
        about: [{ kind: 'job', id: 'before', name: 'Before pictures' }],
        title: begun
          ? 'The work has begun without pictures of before'
          : 'The work begins without pictures of before',
        measured: `${standpointsAll - standpointsOpen.length} of ${standpointsAll}; missing: ${standpointsOpen.join(', ')}`,
        wanted: 'all of them before anything is moved',
        because: 'The one thing that cannot be made good later, and regretted for good.',
        fixes: [],
        quantity: { value: standpointsOpen.length, better: 'less' },
      },
    ]
  },
}

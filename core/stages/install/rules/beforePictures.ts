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
      .filter((t) => !t.unplaced)
      .map((t) => t.start.day)
      .sort()
    const first = days[0]
    if (!begun && (first === undefined || today < addDays(first, -DAYS_BEFORE))) return []
    return [
      {
        rule: 'install.before-pictures',
        // None at all is regretted for good; some of them tell most of it.
        severity: standpointsOpen.length === standpointsAll ? 'stop' : 'look',
        about: [{ kind: 'job', id: 'before', name: 'Before pictures' }],
        title: `The work ${begun ? 'has begun' : 'begins'} without ${standpointsOpen.length === standpointsAll ? '' : 'all '}pictures of before`,
        measured: `${standpointsAll - standpointsOpen.length} of ${standpointsAll}; missing: ${standpointsOpen.join(', ')}`,
        wanted: 'all of them before anything is moved',
        because: 'The one thing that cannot be made good later, and regretted for good.',
        fixes: [],
        quantity: { value: standpointsOpen.length, better: 'less' },
      },
    ]
  },
}

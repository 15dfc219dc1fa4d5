import type { Finding, Rule } from '../../../findings/finding.js'
import { hasHours } from '../crewTime.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.nobody-works'

/** Somebody without hours, or work that nobody has a day for. */
export const nobodyWorks: Rule<InstallFacts> = {
  name: NAME,
  title: 'Nobody works at it',
  numbers:
    'Somebody entered who works on no day of the week, or ends before beginning; a task for which no hours are left in two years.',
  source: 'common practice',
  schools: 'all',
  check: ({ workers, plan, about }) => [
    ...workers
      .filter((w) => !hasHours(w))
      .map((w): Finding => ({
        rule: NAME,
        severity: 'look',
        about: [{ kind: 'crew', id: w.id ?? '', name: w.name }],
        title: `${w.name} has no hours`,
        measured: w.weekdays.length === 0 ? 'no day of the week' : 'the end is not after the beginning',
        wanted: 'days of the week, and an end after the beginning',
        because: 'The plan gives the work to somebody else until then.',
        fixes: [],
      })),
    ...plan.tasks
      .filter((t) => t.unplaced)
      .map((t): Finding => ({
        rule: NAME,
        severity: 'stop',
        about: about(t),
        title: `${t.task.name}: no day for it`,
        measured: `${t.worker.name || 'nobody'} is away all the time`,
        wanted: 'somebody who is there, or fewer days off',
        because: 'What nobody has time for is not done, and holds up all after it.',
        fixes: [],
      })),
  ],
}

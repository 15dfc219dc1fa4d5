import type { Finding, Rule } from '../../../findings/finding.js'
import { daysBetween } from '../../../kernel/units/days.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.unanswered'
/** Common practice: in time to have a sample of old paint tested. */
const WARNING_DAYS = 7

/** What must be asked before a task is begun, and nobody has answered. */
export const unanswered: Rule<InstallFacts> = {
  name: NAME,
  title: 'Begun without its answer',
  numbers: `A task that asks something first, without an answer, from ${WARNING_DAYS} days before it begins; a stop once it is done. An answer closes the question; it makes nothing safe.`,
  source: 'common practice; follow the maker’s instructions and local code',
  schools: 'all',
  caution: true,
  check: ({ plan, today, about, says }) =>
    plan.tasks
      .filter((t) => t.task.asks !== undefined && (t.task.row?.answer ?? '').trim() === '')
      .filter((t) => t.task.doneOn !== null || daysBetween(today, t.start.day) <= WARNING_DAYS)
      .map((t): Finding => ({
        rule: NAME,
        severity: t.task.doneOn === null ? 'look' : 'stop',
        about: about(t),
        title: `${t.task.name}: not answered`,
        measured:
          t.task.doneOn === null
            ? `begins on ${says.day(t.start.day, today)}`
            : `done on ${says.day(t.task.doneOn, today)}`,
        wanted: 'an answer before the work, not after it',
        because: t.task.asks ?? '',
        fixes: [],
      })),
}

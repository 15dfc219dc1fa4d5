import type { Finding, Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.licensed'

/** Work for a licensed trade, and nobody of that trade is entered. */
export const unstaffed: Rule<InstallFacts> = {
  name: NAME,
  title: 'Work for a licensed trade that nobody is named for',
  numbers:
    'Wired or plumbed in, or pipe or cable in a wall; nobody who can do it among the people of the job.',
  source: 'common practice; local code says who may do it',
  schools: 'all',
  caution: true,
  check: ({ plan, about }) =>
    plan.tasks
      .filter((t) => t.unstaffed && t.task.doneOn === null)
      .map((t): Finding => ({
        rule: NAME,
        severity: 'look',
        about: about(t),
        title: `${t.task.name}: for a licensed ${t.task.skill}`,
        measured: 'nobody of that trade is named',
        wanted: `a licensed ${t.task.skill}, with a day`,
        because: 'Local code says who may do it and who looks at it before the wall is closed.',
        fixes: [],
      })),
}

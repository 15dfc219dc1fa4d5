import { listed } from '../../../kernel/listed.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.naps'

/** Somebody sleeps by day, and nobody said when. */
export const naps: Rule<InstallFacts> = {
  name: NAME,
  title: 'Loud work, and somebody sleeps by day',
  numbers: 'Somebody of the household naps by day, loud work is planned, and no quiet hours are entered.',
  source: 'common practice',
  schools: 'all',
  check: ({ napping, plan }) => {
    const loud = plan.tasks.filter((t) => t.task.loud && !t.task.elsewhere && t.task.doneOn === null)
    if (napping.length === 0 || loud.length === 0) return []
    const finding: Finding = {
      rule: NAME,
      severity: 'look',
      about: [{ kind: 'job', id: 'quiet', name: 'Quiet hours' }],
      title: `When does ${listed(napping)} sleep?`,
      measured: `${loud.length === 1 ? 'one loud task' : `${loud.length} loud tasks`}, no quiet hours entered`,
      wanted: 'quiet hours, so that nothing is drilled or sanded then',
      because: 'The plan keeps loud work out of them.',
      fixes: [],
    }
    return [finding]
  },
}

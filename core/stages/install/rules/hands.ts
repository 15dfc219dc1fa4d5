import type { Finding, Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.second-pair'

/** More hands than come. */
export const hands: Rule<InstallFacts> = {
  name: NAME,
  title: 'Heavy or long work for one pair of hands',
  numbers:
    'From 25 kg on, large pieces of unknown weight, rails, boards and moldings: two people. Fewer are entered.',
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: ({ plan, about }) =>
    plan.tasks
      .filter((t) => t.task.doneOn === null && t.task.hands > t.worker.hands)
      .map((t): Finding => ({
        rule: NAME,
        severity: 'look',
        about: about(t),
        title: `${t.task.name}: a second pair of hands`,
        measured: `${t.worker.name || 'Whoever does it'} comes with ${t.worker.hands}`,
        wanted: `${t.task.hands} people`,
        because: 'What is heavy, tall or overhead is neither carried nor held by one.',
        fixes: [],
        quantity: { value: t.task.hands - t.worker.hands, better: 'less' },
      })),
}

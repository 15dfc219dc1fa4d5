import type { Finding, Rule } from '../../../findings/finding.js'
import { listed } from '../../../kernel/listed.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.unmeasured'

/** What is to be painted in a room nobody measured: the plan has no hours for it, and says too early a day. */
export const unmeasured: Rule<InstallFacts> = {
  name: NAME,
  title: 'Painting that is not planned',
  numbers: 'Paint chosen for surfaces of a room whose walls do not close, or whose height is not known.',
  source: 'common practice',
  schools: 'all',
  check: ({ unmeasured: names }): Finding[] =>
    names.length === 0
      ? []
      : [
          {
            rule: NAME,
            severity: 'look',
            about: [{ kind: 'job', id: 'unmeasured', name: 'The room' }],
            title: 'Painting is not in the plan',
            measured: `${listed(names)}: no area is known`,
            wanted: 'the walls closed and the height of the ceiling, in Measure',
            because: 'Without areas there are no hours and no drying: the plan says a day that is too early.',
            fixes: [],
          },
        ],
}

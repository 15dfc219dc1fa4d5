import type { ItemFacts, SourceFacts } from '../sourceFacts.js'
import type { Fix, Rule, Finding } from '../../../findings/finding.js'
import { choose, chosenOf, about } from './chosen.js'
import type { Formatter } from '../../../kernel/units/formatter.js'

/** Others that may be taken, the cheapest first, as ways out. */
const runnersUp = (i: ItemFacts, says: Formatter): Fix[] =>
  i.options
    .filter((o) => !o.chosen && o.against.length === 0)
    .slice(0, 2)
    .map((o) => choose(i, o, `Take ${o.name}, ${says.money(o.landedMinor)}`))

/** A chosen option that cannot be taken. */
export const struckOut: Rule<SourceFacts> = {
  name: 'source.struck-out',
  title: 'A chosen option cannot be taken',
  numbers:
    'Limits of size, the way in, the day it is needed, stock, what the place demands, what a lease forbids.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, says }) =>
    items.flatMap((i) => {
      const o = chosenOf(i)
      if (!o || !i.undecided || o.against.length === 0) return []
      const finding: Finding = {
        rule: 'source.struck-out',
        severity: 'stop',
        about: about(i, o),
        title: `${o.name} cannot be taken for ${i.name}`,
        measured: o.against.map((r) => r.says).join('; '),
        wanted: 'an option that nothing strikes out',
        because: 'What does not fit, comes too late or is gone is found out now or at the door.',
        fixes: [...runnersUp(i, says), choose(i, undefined, 'Leave it open')],
      }
      return [finding]
    }),
}

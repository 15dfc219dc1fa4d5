import type { Finding, Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.out-of-use'

/** Days without a thing the household uses, told before it is agreed. */
export const outOfUse: Rule<InstallFacts> = {
  name: NAME,
  title: 'A thing in use is taken apart for days',
  numbers: 'Fronts that are taken off, sanded, lacquered and left to harden, on a thing that serves a use.',
  source: 'common practice',
  schools: 'all',
  check: ({ outOfUse: things, says, today }) =>
    things
      .filter((t) => t.uses.length > 0 && t.fromOn >= today)
      .map((t): Finding => ({
        rule: NAME,
        severity: 'look',
        about: [{ kind: 'piece', id: t.pieceId, name: t.name }],
        title: `${t.name}: out of use for ${says.count(t.days, 'day')}`,
        measured: `from ${says.day(t.fromOn, today)} to ${says.day(t.untilOn, today)}; it serves: ${t.uses.join(', ')}`,
        wanted: 'the client knows it before it is agreed, and has something else meanwhile',
        because:
          'Off, sanded, lacquered, hard, back on: not a day’s painting. Brushed in place it chips and peels.',
        fixes: [],
        quantity: { value: t.days, better: 'less' },
      })),
}

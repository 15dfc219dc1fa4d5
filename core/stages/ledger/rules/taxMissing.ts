import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { about } from './money.js'

/** A line without tax in a job that has tax. */
export const taxMissing: Rule<LedgerFacts> = {
  name: 'ledger.tax-missing',
  title: 'A line carries no tax',
  numbers: 'The job has a rate of tax, the line costs something and has none in it.',
  source: 'common practice',
  schools: 'all',
  check: ({ lines, taxPpm, says }) =>
    lines.flatMap((l): Finding[] => {
      if (taxPpm === 0 || l.given || l.state.dueMinor <= 0 || l.state.taxMinor > 0) return []
      return [
        {
          rule: 'ledger.tax-missing',
          severity: 'look',
          about: about(l),
          title: `${l.itemName} carries no tax`,
          measured: `${says.money(l.state.dueMinor)} with no tax inside`,
          wanted: `tax at ${taxPpm / 10_000} %, or a seller who charges none, accepted with that reason`,
          because: 'The tax summary goes to the bookkeeper; a line bought privately has none, a shop’s has.',
          fixes: [],
        },
      ]
    }),
}

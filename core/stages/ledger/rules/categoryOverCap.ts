import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { put } from '../../../model/changes.js'

/** A category past its share, while the whole is not. */
export const categoryOverCap: Rule<LedgerFacts> = {
  name: 'ledger.category-over-cap',
  title: 'A category runs past its share while the whole is within the budget',
  numbers:
    'Forecast of the category above its share, forecast of the job within what is agreed less the reserve.',
  source: 'common practice',
  schools: 'all',
  check: ({ caps, position: p, says }) =>
    p.forecastMinor > p.agreedMinor - p.reserveMinor
      ? []
      : caps
          .filter((c) => c.capMinor > 0 && c.forecastMinor > c.capMinor)
          .map((c): Finding => ({
            rule: 'ledger.category-over-cap',
            severity: 'note',
            about: [{ kind: 'job', id: c.category, name: c.category }],
            title: `${c.category[0]?.toUpperCase() ?? ''}${c.category.slice(1)} comes to ${says.money(c.forecastMinor - c.capMinor)} more than its share`,
            measured: `Forecast ${says.money(c.forecastMinor)}`,
            wanted: `at most ${says.money(c.capMinor)}, or a larger share`,
            because:
              'The whole still holds, so another category gives; say which, before it is needed there.',
            fixes: [
              {
                label: `Raise the share to ${says.money(c.forecastMinor)}`,
                changes: [put('budgetShares', c.id, { amountMinor: c.forecastMinor })],
              },
            ],
          })),
}

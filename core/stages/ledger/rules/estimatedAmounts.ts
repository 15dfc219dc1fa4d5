import type { Rule } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'

/** Amounts from memory. */
export const estimatedAmounts: Rule<LedgerFacts> = {
  name: 'ledger.estimated',
  title: 'Amounts are estimated',
  numbers:
    'A payment is marked as an estimate and no receipt or invoice of its order comes to what was paid.',
  source: 'common practice',
  schools: 'all',
  check: ({ estimates, installOn, today, says }) => {
    if (estimates.length === 0) return []
    const total = estimates.reduce((sum, g) => sum + g.amountMinor, 0)
    const closing = installOn !== null && today >= installOn
    return [
      {
        rule: 'ledger.estimated',
        severity: closing ? 'look' : 'note',
        about: [{ kind: 'job', id: 'job', name: 'the job' }],
        title: `${says.money(total)} of what is paid is an estimate`,
        measured: estimates.map((g) => `${g.orderName} ${says.money(g.amountMinor)}`).join(', '),
        wanted: closing ? 'a receipt for each before the job is closed' : 'a receipt for each',
        because: 'Prices are rounded in memory: “about” is not an amount.',
        fixes: [],
      },
    ]
  },
}

import type { Rule } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'

/** Amounts from memory. */
export const guessedAmounts: Rule<LedgerFacts> = {
  name: 'ledger.guessed',
  title: 'Amounts are guessed',
  numbers: 'A payment is marked as a guess and no receipt or invoice of its order comes to what was paid.',
  source: 'common practice',
  schools: 'all',
  check: ({ guesses, installOn, today, money }) => {
    if (guesses.length === 0) return []
    const total = guesses.reduce((sum, g) => sum + g.amountMinor, 0)
    const closing = installOn !== null && today >= installOn
    return [
      {
        rule: 'ledger.guessed',
        severity: closing ? 'look' : 'note',
        about: [{ kind: 'job', id: 'job', name: 'the job' }],
        title: `${money(total)} of what is paid is a guess`,
        measured: guesses.map((g) => `${g.orderName} ${money(g.amountMinor)}`).join(', '),
        wanted: closing ? 'a receipt for each before the job is closed' : 'a receipt for each',
        because: 'Prices are rounded in memory: “about” is not an amount.',
        fixes: [],
      },
    ]
  },
}

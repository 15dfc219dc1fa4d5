import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { put } from '../../../model/changes.js'

/** Borrowed, and still here. */
export const loanOverdue: Rule<LedgerFacts> = {
  name: 'ledger.loan-overdue',
  title: 'Something borrowed should have gone back',
  numbers:
    'Its day is past and it is still here; what was fetched for the photograph goes back on the day after the install date at the latest.',
  source: 'common practice',
  schools: 'all',
  check: ({ loans, installOn, today, says }) =>
    loans.flatMap((l): Finding[] => {
      const by = l.backOn ?? (l.reason === 'for the photograph' ? installOn : null)
      if (l.returnedOn || !by || by >= today) return []
      return [
        {
          rule: 'ledger.loan-overdue',
          severity: 'look',
          about: [{ kind: 'loan', id: l.id, name: l.name }],
          title: `${l.name}${l.owner ? ` of ${l.owner}` : ''} should have gone back`,
          measured: `${l.reason}, due ${says.day(by, today)}`,
          wanted: 'back where it belongs, or bought',
          because: 'What is borrowed leaves a gap where it came from, and “for now” becomes for good.',
          fixes: [
            {
              label: 'It went back today',
              changes: [put('loans', l.id, { returnedOn: today })],
            },
          ],
        },
      ]
    }),
}

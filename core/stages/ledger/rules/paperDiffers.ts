import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { put } from '../../../model/changes.js'

/** A receipt or invoice that says something else than the ledger. */
export const paperDiffers: Rule<LedgerFacts> = {
  name: 'ledger.paper-differs',
  title: 'A receipt or invoice says something else than the ledger',
  numbers:
    'The papers of one kind come to more than the order, the payments or the credits they belong to; or the tax on one is off by more than a minor unit for each line of the order.',
  source: 'common practice',
  schools: 'all',
  check: ({ papers }) =>
    papers.flatMap((p): Finding[] =>
      p.verdict !== 'differs'
        ? []
        : [
            {
              rule: 'ledger.paper-differs',
              severity: 'look',
              about: [{ kind: 'receipt', id: p.id, name: p.name }],
              title: `${p.name} does not agree with ${p.orderName}`,
              measured: p.says.join('; '),
              wanted: 'the same sum and tax in both',
              because:
                'A charge nobody entered, a slip of a digit or a paper of another order: each is cheaper found now than by the bookkeeper.',
              fixes: [
                {
                  label: 'It belongs to another order',
                  changes: [put('receipts', p.id, { orderId: null })],
                },
              ],
            },
          ],
    ),
}

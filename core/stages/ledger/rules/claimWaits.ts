import type { Rule, Finding } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'
import { daysBetween } from '../../../kernel/units/days.js'
import { ROWS } from '../../../model/registry.js'

/** A claim on a seller that waits past its day, or that nobody made. */
export const claimWaits: Rule<LedgerFacts> = {
  name: 'ledger.claim-waits',
  title: 'A claim waits for its answer, or for being made',
  numbers:
    'The day an answer was promised for is past; or a thing is noted as damaged and nothing is claimed.',
  source: 'common practice',
  schools: 'all',
  check: ({ claims, unclaimed, today, says }) => [
    ...claims.flatMap((c): Finding[] => {
      if (c.answer !== 'waiting' || !c.answerByOn || c.answerByOn >= today) return []
      const late = daysBetween(c.answerByOn, today)
      return [
        {
          rule: 'ledger.claim-waits',
          severity: 'look',
          about: [{ kind: 'claim', id: c.id, name: c.itemName }],
          title: `${c.itemName}: the answer to the claim is ${late} ${late === 1 ? 'day' : 'days'} late`,
          measured: `${c.asks}${c.amountMinor ? `, ${says.money(c.amountMinor)}` : ''}; answer by ${says.day(c.answerByOn, today)}`,
          wanted: 'an answer, or a reminder sent',
          because: 'A seller’s days run on; a claim that is not followed up is taken as dropped.',
          fixes: [],
        },
      ]
    }),
    ...unclaimed.map((u): Finding => ({
      rule: 'ledger.claim-waits',
      severity: 'look',
      about: [{ kind: 'item', id: u.itemId, name: u.itemName }],
      title: `${u.itemName} came damaged and nothing is claimed`,
      measured: `noted ${says.day(u.on, today)}`,
      wanted: 'a claim with photos, or the damage accepted with a reason',
      because: 'Damage is claimed within the seller’s days, photographed before it is touched.',
      fixes: [
        {
          label: 'Claim it',
          changes: [
            {
              collection: 'claims',
              add: { ...ROWS.claims.blank(), lineId: u.lineId, madeOn: today, note: u.note },
            },
          ],
        },
      ],
    })),
  ],
}

import type { Rule } from '../../../findings/finding.js'
import type { LedgerFacts } from '../ledgerFacts.js'

/** The reserve goes while most is still to be ordered. */
export const reserveEarly: Rule<LedgerFacts> = {
  name: 'ledger.reserve-early',
  title: 'The reserve is eaten before half is ordered',
  numbers: 'The forecast reaches into the reserve while less than half of it is ordered or paid.',
  source: 'common practice',
  schools: 'all',
  check: ({ position: p, says }) => {
    const into = p.forecastMinor + (p.feeInside ? p.feeMinor : 0) - (p.agreedMinor - p.reserveMinor)
    const bound = p.paidMinor + p.orderedMinor
    if (p.reserveMinor <= 0 || into <= 0 || 2 * bound >= p.forecastMinor) return []
    return [
      {
        rule: 'ledger.reserve-early',
        severity: 'look',
        about: [{ kind: 'job', id: 'reserve', name: 'Reserve' }],
        title: `The forecast takes ${says.money(Math.min(into, p.reserveMinor))} of the reserve, and only ${Math.round((100 * bound) / p.forecastMinor)} % is ordered`,
        measured: `Forecast ${says.money(p.forecastMinor)}, ordered and paid ${says.money(bound)}`,
        wanted: `at most ${says.money(p.agreedMinor - p.reserveMinor)} planned until half is ordered`,
        because:
          'What nobody foresaw comes late; the reserve is for then. Lower a target, or let something wait.',
        fixes: [],
      },
    ]
  },
}

import { type LedgerFacts, QUIET } from '../../stages/ledger/ledgerFacts.js'
import { budgetPosition } from '../../stages/ledger/budgetPosition.js'

const example = (chosenMinor: number): LedgerFacts => ({
  ...QUIET,
  position: budgetPosition(100_000, 100_000, [
    { id: 'rug', name: 'Rug', category: 'textiles', targetMinor: 90_000, chosenMinor, lines: [] },
  ]),
  cheaper: [
    { itemId: 'rug', itemName: 'Rug', optionId: 'flat', optionName: 'Flatweave', savesMinor: 20_000 },
  ],
})

/** Breaks the rule `ledger.over-budget`. */
export const violates = (): LedgerFacts => example(105_000)

/** Keeps it, by as little as matters. */
export const complies = (): LedgerFacts => example(85_000)

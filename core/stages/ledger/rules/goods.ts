import type { LineFacts } from '../ledgerFacts.js'

export const about = (l: LineFacts) => [{ kind: 'item' as const, id: l.itemId, name: l.itemName }]

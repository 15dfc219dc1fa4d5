import { room } from './example.js'
import { STRIPE, example, PLAID } from './patternsRooms.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.patterns-alike`. */
export const violates = (): PaletteFacts => room([STRIPE, example('Stripe cushion', '#B8A06A', 'stripe', 95)])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts => room([PLAID, STRIPE])

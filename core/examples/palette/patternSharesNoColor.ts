import { room } from './example.js'
import { PLAID, STRIPE, example } from './patternsRooms.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.pattern-shares-no-color`. */
export const violates = (): PaletteFacts =>
  room([PLAID, STRIPE, example('Loud floral', '#D63A78', 'floral', 300)])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts => room([PLAID, STRIPE])

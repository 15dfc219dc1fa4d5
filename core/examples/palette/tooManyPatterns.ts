import { room } from './example.js'
import { PLAID, STRIPE, example } from './patternsRooms.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.too-many-patterns`. */
export const violates = (): PaletteFacts =>
  room([PLAID, STRIPE, example('Dots', '#B09A60', 'dots', 40), example('Damask', '#BCA66E', 'damask', 600)])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts => room([PLAID, STRIPE, example('Dots', '#B09A60', 'dots', 40)])

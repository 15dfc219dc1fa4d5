import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

const plaid = {
  name: 'Plaid',
  hex: '#9C9A94',
  patternKind: 'plaid' as const,
  colors: [{ l: 66, a: 12, b: 58, share: 0.08 }],
}
const cushion = (hex: string) =>
  room([
    plaid,
    { name: 'Velvet', hex, role: 'accent' },
    { name: 'Gold velvet', hex: '#C79A33', role: 'accent', placed: false },
  ])

/** Breaks the rule `palette.accent-nowhere`. */
export const violates = (): PaletteFacts => cushion('#2F7D6B')

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts => cushion('#C79A33')

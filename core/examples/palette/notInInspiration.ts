import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.not-in-inspiration`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Navy', hex: '#26324A' },
      { name: 'Turquoise', hex: '#2FA3A0' },
    ],
    {
      schools: { colorScheme: 'drawn from one piece' },
      sampledColors: [{ name: 'navy', hex: '#27344c' }],
    },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([{ name: 'Navy', hex: '#26324A' }], {
    schools: { colorScheme: 'drawn from one piece' },
    sampledColors: [{ name: 'navy', hex: '#27344c' }],
  })

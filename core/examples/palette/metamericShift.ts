import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.metameric-shift`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Slate wool', hex: '#647877' },
    { name: 'Pale shade', hex: '#BAC3C9', piece: { kind: 'lamp', lampType: 'LED, 2 700 K' } },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Oat', hex: '#D9D1C4' },
    {
      name: 'Lamp',
      hex: '#232020',
      material: 'metal',
      piece: { kind: 'lamp', lampType: 'LED, 2 700 K' },
    },
  ])

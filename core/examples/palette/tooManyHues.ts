import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.too-many-hues`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Navy', hex: '#26324A' },
    { name: 'Ochre', hex: '#C08A2E' },
    { name: 'Plum', hex: '#6B3550' },
    { name: 'Moss', hex: '#66703F' },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Navy', hex: '#26324A' },
    { name: 'Slate blue', hex: '#4A5F82' },
    { name: 'Cream', hex: '#EFEAE0' },
  ])

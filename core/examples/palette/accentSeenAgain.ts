import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.accent-seen-again`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Oat', hex: '#D9D1C4' },
    { name: 'Madder', hex: '#A4462F', role: 'accent' },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Oat', hex: '#D9D1C4' },
    { name: 'Madder', hex: '#A4462F', role: 'accent', piece: { wallId: 'north' } },
    { name: 'Rust', hex: '#B5603C', role: 'accent', piece: { wallId: 'south' } },
    { name: 'Brick', hex: '#9C4A33', role: 'accent', piece: { wallId: 'east' } },
  ])

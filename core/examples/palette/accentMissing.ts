import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.accent-missing`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'White', hex: '#EDEBE6', role: 'main' },
    { name: 'Plum', hex: '#6B3550', piece: { widthMm: 300, depthMm: 100, heightMm: 300 } },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'White', hex: '#EDEBE6', role: 'main' },
    { name: 'Plum', hex: '#6B3550', role: 'accent' },
  ])

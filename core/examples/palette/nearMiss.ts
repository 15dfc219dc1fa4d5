import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.near-miss`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Curtain', hex: '#6A7D80' },
    { name: 'Seat', hex: '#5C7176' },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Curtain', hex: '#6A7D80' },
    { name: 'Seat', hex: '#A4462F' },
  ])

import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.orphan-color`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Rug', hex: '#E6E0D2', colors: [{ l: 47.5, a: 36.9, b: 39.5, share: 0.15 }] },
    { name: 'Rust', hex: '#B5542F', placed: false },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Rug', hex: '#E6E0D2', colors: [{ l: 47.5, a: 36.9, b: 39.5, share: 0.15 }] },
    { name: 'Rust', hex: '#B5542F' },
  ])

import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.large-neighbors`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Blue white', hex: '#E3E9F2' },
    { name: 'Brown grey', hex: '#B5A99F' },
    { name: 'Warm white', hex: '#F0E9DD', placed: false },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Warm white', hex: '#F0E9DD' },
    { name: 'Brown grey', hex: '#B5A99F' },
  ])

import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.foliage-follows`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Rug', hex: '#8698A7' },
    { name: 'Stems', hex: '#6F8352', material: 'foliage', role: 'foliage' },
    { name: 'Eucalyptus', hex: '#558484', material: 'foliage', role: 'foliage', placed: false },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Rug', hex: '#8698A7' },
    { name: 'Stems', hex: '#558484', material: 'foliage', role: 'foliage' },
  ])

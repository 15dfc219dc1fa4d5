import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.accent-scarce`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'White', hex: '#EDEBE6', role: 'main', on: ['ceiling', 'trim'] },
    { name: 'Green paper', hex: '#5E8A5A', material: 'wallpaper', role: 'accent', on: ['walls'] },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'White', hex: '#EDEBE6', role: 'main', on: ['ceiling', 'trim', 'walls'] },
    { name: 'Green', hex: '#5E8A5A', role: 'accent' },
  ])

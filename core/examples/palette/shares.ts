import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.shares`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Oat', hex: '#D9D1C4', role: 'second', on: ['walls', 'ceiling'] },
    { name: 'Tarn', hex: '#4C6768', role: 'second', on: ['floor', 'lower'] },
    {
      name: 'Madder',
      hex: '#A4462F',
      role: 'accent',
      piece: { widthMm: 2500, heightMm: 2200, depthMm: 800 },
    },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Oat', hex: '#D9D1C4', role: 'main', on: ['walls', 'ceiling'] },
    { name: 'Tarn', hex: '#4C6768', role: 'second', on: ['floor', 'lower'] },
    {
      name: 'Madder',
      hex: '#A4462F',
      role: 'accent',
      piece: { widthMm: 2500, heightMm: 2200, depthMm: 800 },
    },
  ])

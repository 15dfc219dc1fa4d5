import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.cloth-near-wall`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Oat', hex: '#D9D1C4', material: 'paint', on: ['walls'] },
    {
      name: 'Linen',
      hex: '#CFC2A8',
      piece: { kind: 'curtains', widthMm: 2400, heightMm: 2300, depthMm: 150 },
    },
    { name: 'Wall linen', hex: '#D8CFC0', placed: false },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Oat', hex: '#D9D1C4', material: 'paint', on: ['walls'] },
    {
      name: 'Linen',
      hex: '#D8CFC0',
      piece: { kind: 'curtains', widthMm: 2400, heightMm: 2300, depthMm: 150 },
    },
  ])

import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.rug-against-floor`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Oak', hex: '#B08D62', material: 'timber', on: ['floor'] },
    { name: 'Jute', hex: '#B99C75', piece: { kind: 'rug', widthMm: 2400, depthMm: 1700, heightMm: 10 } },
    { name: 'Wool', hex: '#7D8D88', placed: false },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Oak', hex: '#B08D62', material: 'timber', on: ['floor'] },
    { name: 'Wool', hex: '#7D8D88', piece: { kind: 'rug', widthMm: 2400, depthMm: 1700, heightMm: 10 } },
  ])

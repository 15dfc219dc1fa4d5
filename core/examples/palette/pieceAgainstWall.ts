import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.piece-against-wall`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Sand', hex: '#D5C4AD', material: 'paint', on: ['walls'] },
      {
        name: 'Bench cloth',
        hex: '#D2C1AC',
        piece: { kind: 'bench', widthMm: 1500, heightMm: 800, depthMm: 700 },
      },
      { name: 'Slate cloth', hex: '#4C6768', placed: false },
    ],
    { schools: { pieceAgainstWall: 'stand out' } },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room(
    [
      { name: 'Sand', hex: '#D5C4AD', material: 'paint', on: ['walls'] },
      {
        name: 'Bench cloth',
        hex: '#5A4A3C',
        piece: { kind: 'bench', widthMm: 1500, heightMm: 800, depthMm: 700 },
      },
    ],
    { schools: { pieceAgainstWall: 'stand out' } },
  )

import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.inspiration-unused`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Oat', hex: '#D9D1C4' },
      { name: 'Plum wool', hex: '#6D3852', placed: false },
    ],
    { sampledColors: [{ name: 'Plum', hex: '#6B3550' }] },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([{ name: 'Plum wool', hex: '#6D3852' }], { sampledColors: [{ name: 'Plum', hex: '#6B3550' }] })

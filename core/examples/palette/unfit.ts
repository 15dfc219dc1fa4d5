import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.unfit`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Indoor cotton', hex: '#31689A', piece: { kind: 'cushion' } },
      { name: 'Outdoor acrylic', hex: '#31689A', outdoor: true, placed: false },
    ],
    { kind: 'outdoors' },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([{ name: 'Outdoor acrylic', hex: '#31689A', outdoor: true, piece: { kind: 'cushion' } }], {
    kind: 'outdoors',
  })

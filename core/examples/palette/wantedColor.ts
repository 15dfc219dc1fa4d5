import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

const blue = (things: number) =>
  room(
    [
      { name: 'Chalk', hex: '#E8E4DA', material: 'paint', on: ['walls'] },
      ...(['cushion', 'throw', 'object'] as const)
        .slice(0, things)
        .map((kind) => ({ name: `Blue of the ${kind}`, hex: '#2F5C8F', piece: { kind } })),
      { name: 'Blue linen', hex: '#3A6A9A', placed: false },
    ],
    { wantedHue: 'blue' },
  )

/** Breaks the rule `palette.wanted-color`. */
export const violates = (): PaletteFacts => blue(2)

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts => blue(3)

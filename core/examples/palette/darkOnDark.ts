import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

const sofa = (hex: string) =>
  room(
    [
      { name: 'Ink', hex: '#26303A', material: 'paint', on: ['walls'] },
      { name: 'Cloth', hex, piece: { name: 'Sofa', kind: 'sofa' } },
      { name: 'Oat', hex: '#D8CFBF', placed: false },
    ],
    { schools: { trimAndCeiling: 'one envelope, dark' } },
  )

/** Breaks the rule `palette.dark-on-dark`. */
export const violates = (): PaletteFacts => sofa('#2B2B33')

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts => sofa('#7D756A')

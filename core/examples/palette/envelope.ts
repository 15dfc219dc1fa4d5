import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.envelope`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Oat', hex: '#E9E2D2', material: 'paint', on: ['walls'] },
      { name: 'White', hex: '#FFFFFF', material: 'paint', on: ['trim', 'doors', 'ceiling'] },
    ],
    { schools: { trimAndCeiling: 'one envelope, light' } },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([{ name: 'Oat', hex: '#E9E2D2', material: 'paint', on: ['walls', 'trim', 'doors', 'ceiling'] }], {
    schools: { trimAndCeiling: 'one envelope, light' },
  })

import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.envelope-depth`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Half dark', hex: '#7F8A8C', material: 'paint', on: ['walls'] },
      { name: 'Ink', hex: '#26303A', material: 'paint', placed: false },
    ],
    { schools: { trimAndCeiling: 'one envelope, dark' } },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([{ name: 'Ink', hex: '#26303A', material: 'paint', on: ['walls'] }], {
    schools: { trimAndCeiling: 'one envelope, dark' },
  })

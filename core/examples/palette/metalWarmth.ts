import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.metal-warmth`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Kept tile', hex: '#AE9E8D', material: 'tile', role: 'stays', on: ['walls'] },
    { name: 'Chrome', hex: '#C2C7CD', material: 'metal', role: 'metal' },
    { name: 'Nickel', hex: '#C6C0B9', material: 'metal', role: 'metal', placed: false },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Kept tile', hex: '#9AA3AB', material: 'tile', role: 'stays', on: ['walls'] },
    { name: 'Chrome', hex: '#C2C7CD', material: 'metal', role: 'metal' },
    { name: 'Nickel', hex: '#C6C0B9', material: 'metal', role: 'metal', placed: false },
  ])

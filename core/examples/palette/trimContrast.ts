import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.trim-contrast`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Oat', hex: '#D9D1C4', material: 'paint', on: ['walls'] },
      { name: 'Oak', hex: '#8A5536', material: 'timber', on: ['floor'] },
      { name: 'Putty', hex: '#D2C9B8', material: 'paint', on: ['trim', 'doors'] },
      { name: 'Chalk white', hex: '#F6F3EC', material: 'paint', placed: false },
    ],
    { schools: { trimAndCeiling: 'contrast' } },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room(
    [
      { name: 'Oat', hex: '#D9D1C4', material: 'paint', on: ['walls'] },
      { name: 'Oak', hex: '#8A5536', material: 'timber', on: ['floor'] },
      { name: 'Chalk white', hex: '#F6F3EC', material: 'paint', on: ['trim', 'doors'] },
    ],
    { schools: { trimAndCeiling: 'contrast' } },
  )

import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.mood`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Ink', hex: '#26324A' },
      { name: 'Bone', hex: '#EDE7DC' },
      { name: 'Moss', hex: '#66703F' },
      { name: 'White', hex: '#F1EEE8', placed: false },
    ],
    { schools: { mood: 'bright and airy' } },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room(
    [
      { name: 'White', hex: '#F1EEE8' },
      { name: 'Oat', hex: '#D9D1C4' },
      { name: 'Bone', hex: '#EDE7DC' },
    ],
    { schools: { mood: 'bright and airy' } },
  )

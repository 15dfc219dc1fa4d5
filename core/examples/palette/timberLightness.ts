import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.timber-lightness`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Whitewashed', hex: '#CDC2B0', material: 'timber' },
      { name: 'Black unit', hex: '#232020', material: 'timber' },
    ],
    { schools: { timber: 'one lightness' } },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room(
    [
      { name: 'Whitewashed', hex: '#CDC2B0', material: 'timber' },
      { name: 'Pale unit', hex: '#CBC3B3', material: 'timber' },
    ],
    { schools: { timber: 'one lightness' } },
  )

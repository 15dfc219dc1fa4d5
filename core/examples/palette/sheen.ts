import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.sheen`. */
export const violates = (): PaletteFacts =>
  room([{ name: 'Chalk', hex: '#EFEAE0', material: 'paint', sheen: 'flat', on: ['doors'] }])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([{ name: 'Chalk', hex: '#EFEAE0', material: 'paint', sheen: 'satin', on: ['doors'] }])

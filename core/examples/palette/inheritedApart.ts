import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.inherited-apart`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Sideboard', hex: '#5A2E22', material: 'timber', piece: { sentimental: true } },
    { name: 'Ash', hex: '#C9A76C', material: 'timber' },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Sideboard', hex: '#5A2E22', material: 'timber', piece: { sentimental: true } },
    { name: 'Cherry', hex: '#8A4A36', material: 'timber' },
  ])

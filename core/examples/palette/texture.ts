import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.texture`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Bone', hex: '#EDE7DC' },
    { name: 'Sand', hex: '#C9BFAF' },
    { name: 'Stone', hex: '#8D877C', texture: 'grain' },
    { name: 'Boucle', hex: '#E6E0D4', texture: 'nubby', placed: false },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Bone', hex: '#EDE7DC', texture: 'nubby' },
    { name: 'Sand', hex: '#C9BFAF', texture: 'pile' },
    { name: 'Stone', hex: '#8D877C', texture: 'rough' },
  ])

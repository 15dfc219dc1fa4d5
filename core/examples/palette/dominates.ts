import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.dominates`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Bone', hex: '#EDE7DC' },
      { name: 'Orange', hex: '#E2711D', piece: { kind: 'object', there: true } },
    ],
    'quiet neutral',
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room(
    [
      { name: 'Bone', hex: '#EDE7DC' },
      { name: 'Black', hex: '#32312F', piece: { kind: 'object', there: true } },
    ],
    'quiet neutral',
  )

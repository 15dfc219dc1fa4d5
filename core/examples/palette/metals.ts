import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.metals`. */
export const violates = (): PaletteFacts =>
  room(
    [
      { name: 'Aged brass', hex: '#A3884C', material: 'metal', role: 'metal', piece: { kind: 'lamp' } },
      { name: 'Chrome', hex: '#C2C7CD', material: 'metal', role: 'metal', piece: { kind: 'lamp' } },
    ],
    { schools: { metals: 'one finish per group' } },
  )

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room(
    [
      { name: 'Aged brass', hex: '#A3884C', material: 'metal', role: 'metal', piece: { kind: 'lamp' } },
      { name: 'Black', hex: '#232020', material: 'metal', role: 'metal', piece: { kind: 'sanitary' } },
    ],
    { schools: { metals: 'one finish per group' } },
  )

import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.undertone-clash`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Lamp brass', material: 'metal', hex: '#A89A62', role: 'metal' },
    { name: 'Candlestick', material: 'metal', hex: '#C39A84', role: 'metal' },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Lamp brass', material: 'metal', hex: '#A89A62', role: 'metal' },
    { name: 'Curtain pole', material: 'metal', hex: '#232020', role: 'metal' },
  ])

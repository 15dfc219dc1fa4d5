import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.stays-ignored`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Red parquet', hex: '#8A5536', material: 'timber', role: 'stays', on: ['floor'] },
    { name: 'Grey', hex: '#A4ACB4' },
    { name: 'Rust', hex: '#A4623F', placed: false },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Red parquet', hex: '#8A5536', material: 'timber', role: 'stays', on: ['floor'] },
    { name: 'Rust', hex: '#A4623F' },
  ])

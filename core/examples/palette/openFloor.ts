import { room } from './example.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

/** Breaks the rule `palette.open-floor`. */
export const violates = (): PaletteFacts =>
  room([
    { name: 'Table', hex: '#C9A76C', material: 'timber' },
    { name: 'Red parquet', hex: '#7A3B2B', material: 'timber', on: ['floor'], open: true },
    { name: 'Pale oak', hex: '#CBB48C', material: 'timber', on: ['floor'], open: true },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  room([
    { name: 'Table', hex: '#C9A76C', material: 'timber' },
    { name: 'Pale oak', hex: '#CBB48C', material: 'timber', on: ['floor'], open: true },
  ])

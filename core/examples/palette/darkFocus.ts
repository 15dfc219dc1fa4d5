import { type ExampleFinish, room } from './example.js'
import { SCHOOL } from '../../stages/palette/rules/darkFocus.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

const dark = (things: readonly ExampleFinish[]) =>
  room([{ name: 'Ink', hex: '#26303A', material: 'paint', on: ['walls'] }, ...things], {
    schools: { trimAndCeiling: SCHOOL },
  })

/** Breaks the rule `palette.dark-focus`. */
export const violates = (): PaletteFacts =>
  dark([
    { name: 'Pale picture', hex: '#F4F0E6', piece: { kind: 'picture', focal: true, lit: true } },
    { name: 'Neon', hex: '#F08080', piece: { kind: 'object', focal: true, lit: true } },
  ])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts =>
  dark([{ name: 'Pale picture', hex: '#F4F0E6', piece: { kind: 'picture', focal: true, lit: true } }])

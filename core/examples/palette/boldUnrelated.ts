import { type ExampleFinish, room } from './example.js'
import { hexToLab } from '../../kernel/color/lab.js'
import type { PaletteFacts } from '../../stages/palette/paletteFacts.js'

const TILE: ExampleFinish = {
  name: 'Tile',
  hex: '#AE9E8D',
  material: 'tile',
  role: 'stays',
  on: ['floor'],
}

const paper = (name: string, third: string): ExampleFinish => ({
  name,
  hex: '#1C1C1E',
  material: 'wallpaper',
  patternKind: 'floral',
  on: ['walls'],
  colors: ['#F1EDE6', third].map((hex) => ({ ...hexToLab(hex), share: 0.3 })),
})

/** Breaks the rule `palette.bold-unrelated`. */
export const violates = (): PaletteFacts =>
  room([TILE, paper('Blue paper', '#8FA3B5'), { ...paper('Sand paper', '#AC9C8B'), on: [] }])

/** Keeps it, by as little as matters. */
export const complies = (): PaletteFacts => room([TILE, paper('Sand paper', '#AC9C8B')])

import type { Weight } from './lettering.js'

/** How a paragraph is set, in points. */
export interface Setting {
  readonly size: number
  readonly leading: number
  readonly weight: Weight
  readonly color: string
}

const INK = '#1a1a1a'
const SECOND = '#4d4d4d'
export const BODY: Setting = { size: 9.5, leading: 13.5, weight: 400, color: INK }
export const SMALL: Setting = { size: 8, leading: 11, weight: 400, color: SECOND }
export const CELL: Setting = { size: 8.5, leading: 11.5, weight: 400, color: INK }
export const CELL_HEAD: Setting = { ...CELL, weight: 600 }
export const TITLE: Setting = { size: 22, leading: 27, weight: 600, color: INK }
export const HEADING: Setting = { size: 12, leading: 16, weight: 600, color: INK }

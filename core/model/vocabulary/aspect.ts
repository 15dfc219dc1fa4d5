/** What counts when options of one item are held against each other. */
export const ASPECTS = [
  'size',
  'way in',
  'date',
  'stock',
  'color',
  'wear',
  'liking',
  'years',
  'safety',
] as const

export type Aspect = (typeof ASPECTS)[number]

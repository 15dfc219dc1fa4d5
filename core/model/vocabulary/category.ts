// Words that more than one stage uses.

export const CATEGORIES = [
  'surfaces',
  'furniture',
  'textiles',
  'light',
  'decor',
  'fixtures',
  'services',
] as const

export type Category = (typeof CATEGORIES)[number]

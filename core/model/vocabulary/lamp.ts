/** What a lamp gives: its spectrum decides how every finish looks at night. */
export const LAMP_TYPES = [
  'filament, 2 856 K',
  'LED, 2 700 K',
  'LED, 3 000 K',
  'LED, 3 500 K',
  'LED, 4 000 K',
  'LED, 5 000 K',
] as const

export type LampType = (typeof LAMP_TYPES)[number]

export const AIMS = ['down', 'up', 'up and down', 'all round'] as const

export type Aim = (typeof AIMS)[number]

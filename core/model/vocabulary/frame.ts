export const PROFILES = ['flat', 'molded', 'ornate'] as const

export const FRAME_COATS = [
  'natural timber',
  'dark timber',
  'black',
  'white',
  'gilt',
  'silver',
  'color',
] as const

export const GLAZINGS = ['none', 'glass', 'acrylic', 'UV-filtering glass', 'UV-filtering acrylic'] as const

export type Glazing = (typeof GLAZINGS)[number]

export const BOARDS = ['not known', 'none', 'conservation board', 'plain paper board'] as const

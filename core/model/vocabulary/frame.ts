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

/** Against ultraviolet and against reflections are two things: a glass may do one, both or neither. */
export const GLAZINGS = [
  'none',
  'glass',
  'acrylic',
  'low-reflection glass',
  'UV-filtering glass',
  'UV-filtering acrylic',
  'UV-filtering low-reflection glass',
] as const

export type Glazing = (typeof GLAZINGS)[number]

export const BOARDS = ['not known', 'none', 'conservation board', 'plain paper board'] as const

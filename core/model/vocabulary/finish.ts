export const MATERIALS = [
  'paint',
  'primer',
  'wallpaper',
  'timber',
  'metal',
  'textile',
  'leather',
  'tile',
  'stone',
  'glass',
  'foliage',
] as const

export type Material = (typeof MATERIALS)[number]

export const SHEENS = ['flat', 'eggshell', 'satin', 'gloss', 'none'] as const

/** How a surface feels and throws light: rough beside smooth is what keeps a quiet palette from going flat. */
export const TEXTURES = [
  'smooth',
  'fine weave',
  'coarse weave',
  'nubby',
  'pile',
  'grain',
  'rough',
  'polished',
] as const

export const PATTERN_KINDS = [
  'none',
  'stripe',
  'plaid',
  'check',
  'dots',
  'geometric',
  'floral',
  'figures',
  'damask',
] as const

/** What it stands up to. */
export const WEARS = ['not known', 'delicate', 'washable', 'hard-wearing'] as const

export const ROLES = ['main', 'second', 'accent', 'stays', 'metal', 'foliage'] as const

export type Role = (typeof ROLES)[number]

export const SUBSTRATES = [
  'sound paint',
  'new plaster',
  'bare timber',
  'glossy or stained',
  'not painted',
] as const

/** How a finish is held: applied for good, or laid so that it comes off again without a trace. */
export const HOLDS = ['applied', 'removable'] as const

/** Surfaces a finish can be laid on, beside single walls. */
export const SURFACES = ['walls', 'lower', 'ceiling', 'floor', 'trim', 'doors'] as const

/** One wall, a part of a wall or one opening may differ from the rest: it is named by its id. */
export type Surface = (typeof SURFACES)[number] | `${'wall' | 'part' | 'opening'}:${string}`

const SURFACE = new RegExp(
  `^(${SURFACES.join('|')}|(wall|part|opening):[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12})$`,
)

/** Text that names a surface. */
export const isSurface = (text: string): text is Surface => SURFACE.test(text)

/** A part of a wall with a finish of its own: panel fields, a band, the back of an alcove. */
export const PART_KINDS = ['panel fields', 'band', 'alcove', 'feature', 'other'] as const

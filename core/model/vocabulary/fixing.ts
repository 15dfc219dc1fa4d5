/** How a thing is held where it stands or hangs. */
export const FIXINGS = [
  'stands free',
  'leans',
  'over a door',
  'clipped on',
  'on what is there',
  'adhesive strips',
  /** Decals, stickers and film: they weigh nothing and peel off. */
  'sticks by itself',
  'tension rod',
  'screwed to the wall',
  'screwed to the ceiling',
  'glued down',
  'wired in',
  'plumbed in',
] as const

/** Held by what is stuck to the surface: it waits for paint to be hard, and what is stuck to young paint lifts it. */
export const STUCK_ON: ReadonlySet<string> = new Set<Fixing>([
  'adhesive strips',
  'sticks by itself',
  'glued down',
])

export type Fixing = (typeof FIXINGS)[number]

/** Taken off again, it leaves something to make good. */
export const LEAVES_A_MARK: ReadonlySet<Fixing> = new Set<Fixing>([
  'screwed to the wall',
  'screwed to the ceiling',
  'glued down',
  'wired in',
  'plumbed in',
])

/** How a thing is held where it stands or hangs. */
export const FIXINGS = [
  'stands free',
  'leans',
  'over a door',
  'clipped on',
  'on what is there',
  'adhesive strips',
  'tension rod',
  'screwed to the wall',
  'screwed to the ceiling',
  'glued down',
  'wired in',
  'plumbed in',
] as const

export type Fixing = (typeof FIXINGS)[number]

/** Taken off again, it leaves something to make good. */
export const LEAVES_A_MARK: ReadonlySet<Fixing> = new Set<Fixing>([
  'screwed to the wall',
  'screwed to the ceiling',
  'glued down',
  'wired in',
  'plumbed in',
])

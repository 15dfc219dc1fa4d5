/** Where a thing of the room came from. */
export const ORIGINS = [
  'bought new',
  'bought second-hand',
  'made',
  'owned before',
  'gift',
  'borrowed',
  'hired',
] as const
export type Origin = (typeof ORIGINS)[number]

/** What the last edit did with a thing. */
export const EDITS = ['taken away', 'kept'] as const
export type Edited = (typeof EDITS)[number]

/** What a thing in a picture is, that is no piece of the room. */
export const SEEN_AS = ['bought', 'owned before', 'gift', 'borrowed', 'part of the building'] as const

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

/** What may be open when a job is closed. */
export const GAP_KINDS = [
  'money',
  'goods',
  'papers',
  'snags',
  'brief',
  'records',
  'pictures',
  'cautions',
] as const
export type GapKind = (typeof GAP_KINDS)[number]

/** The parts of the book the client keeps, in their order; each begins with words of the studio. */
export const BOOK_SECTIONS = [
  'opening',
  'palette',
  'room',
  'before and after',
  'things',
  'finishes',
  'care',
  'how it comes off',
  'cautions',
  'closing',
] as const
export type BookSection = (typeof BOOK_SECTIONS)[number]

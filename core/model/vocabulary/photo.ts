export const PHOTO_KINDS = [
  'inspiration',
  'before',
  'after',
  'letter',
  'piece',
  'find',
  'paper',
  'damage',
  'work',
] as const

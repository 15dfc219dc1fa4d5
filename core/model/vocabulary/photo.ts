export const PHOTO_KINDS = [
  'inspiration',
  'before',
  'letter',
  'piece',
  'find',
  'paper',
  'damage',
  'work',
] as const

export const HANG_FIXINGS = [
  'picture hook',
  'screw and plug',
  'hollow-wall anchor',
  'screw into a stud',
  'adhesive strips',
  'rail and cord',
  'string on a nail',
] as const

export type HangFixing = (typeof HANG_FIXINGS)[number]

export const WALL_MAKES = ['not known', 'masonry', 'plasterboard', 'timber'] as const

export type WallMake = (typeof WALL_MAKES)[number]

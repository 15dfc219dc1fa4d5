/** What somebody can do. The last two are licensed trades in most places: local code says where. */
export const SKILLS = [
  'decorator',
  'carrier',
  'painter',
  'paperhanger',
  'tiler',
  'floor layer',
  'fitter',
  'upholsterer',
  'photographer',
  'electrician',
  'plumber',
] as const
export type Skill = (typeof SKILLS)[number]
export const LICENSED: ReadonlySet<Skill> = new Set<Skill>(['electrician', 'plumber'])

export const WEEKDAYS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const
export type Weekday = (typeof WEEKDAYS)[number]
export const MONDAY_TO_FRIDAY: readonly Weekday[] = WEEKDAYS.slice(0, 5)

/** The steps of the work, in the order in which they are done. */
export const STEPS = [
  'clear',
  'protect',
  'take off',
  'strip',
  'hidden work',
  'patch',
  'moldings',
  'fill',
  'sand',
  'prime',
  'tile',
  'coat',
  'paper',
  'floor',
  'workshop',
  'put back on',
  'fit',
  'connect',
  'curtains',
  'hang',
  'furnish',
  'style',
  'second look',
  'photographs',
  'snag list',
] as const
export type Step = (typeof STEPS)[number]

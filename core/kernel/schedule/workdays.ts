import { addDays, daysBetween } from '../units/days.js'

/** When work is done: the days of the week, Monday first, less the days on which nobody works. */
export interface WorkCalendar {
  readonly week: readonly [boolean, boolean, boolean, boolean, boolean, boolean, boolean]
  /** ISO days: holidays and closures. */
  readonly closed: ReadonlySet<string>
}

/** Monday to Friday, all year. */
export const WEEKDAYS: WorkCalendar['week'] = [true, true, true, true, true, false, false]

/** 0 on a Monday, 6 on a Sunday: 5 January 1970 was a Monday. */
export const weekdayIndex = (day: string): number => ((daysBetween('1970-01-05', day) % 7) + 7) % 7

export const isWorkday = ({ week, closed }: WorkCalendar, day: string): boolean =>
  (week[weekdayIndex(day)] ?? false) && !closed.has(day)

/** No calendar closes for longer: a search that goes on is one for a calendar on which nobody ever works. */
const MOST_CLOSED = 366

/** The working day itself, or the next one in a direction; undefined where nobody works for a year. */
export function nearestWorkday(
  calendar: WorkCalendar,
  day: string,
  direction: 1 | -1 = 1,
): string | undefined {
  for (let i = 0, at = day; i <= MOST_CLOSED; i++, at = addDays(at, direction))
    if (isWorkday(calendar, at)) return at
  return undefined
}

function someWorkday(calendar: WorkCalendar, day: string, direction: 1 | -1): string {
  const found = nearestWorkday(calendar, day, direction)
  if (found === undefined) throw new RangeError('a calendar on which somebody works')
  return found
}

/**
 * So many working days later, or earlier where they are negative. A start on a day off counts from the next working day, or
 * from the one before when it is counted back.
 * @throws RangeError where nobody works for a year
 */
export function addWorkdays(calendar: WorkCalendar, day: string, workdays: number): string {
  const step = workdays < 0 ? -1 : 1
  let at = someWorkday(calendar, day, step)
  for (let left = Math.abs(workdays); left > 0; left--) at = someWorkday(calendar, addDays(at, step), step)
  return at
}

/** Working days from one day up to another, which is not counted; negative when it lies before. */
export function workdaysBetween(calendar: WorkCalendar, from: string, until: string): number {
  if (until < from) return -workdaysBetween(calendar, until, from)
  let count = 0
  for (let at = from; at < until; at = addDays(at, 1)) if (isWorkday(calendar, at)) count++
  return count
}

/** The last day to order what takes so many working days, with so many to spare, and is wanted on a day. */
export const lastDayToOrder = (
  calendar: WorkCalendar,
  wantedOn: string,
  leadWorkdays: number,
  spareWorkdays: number,
): string => addWorkdays(calendar, wantedOn, -(leadWorkdays + spareWorkdays))

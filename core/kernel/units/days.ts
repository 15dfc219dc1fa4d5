const DAY_MS = 86_400_000

/** Days from one ISO day to another, negative when it lies before. Calendar days in UTC, so no summer time bends them. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS)
}

/** The ISO day some days later (or earlier). */
export function addDays(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/** A day for people: 9 Jan, or 9 Jan 2027 when the year is not the one given. */
export function dayText(day: string, thisYear?: string): string {
  const text = `${Number(day.slice(8, 10))} ${MONTHS[Number(day.slice(5, 7)) - 1] ?? ''}`
  return thisYear?.slice(0, 4) === day.slice(0, 4) ? text : `${text} ${day.slice(0, 4)}`
}

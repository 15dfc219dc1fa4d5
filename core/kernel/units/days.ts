const DAY_MS = 86_400_000

/** Whether a text is an ISO day of the calendar: 2026-02-28, and not 2026-02-31. */
export function isDay(text: string): boolean {
  const time = Date.parse(`${text}T00:00:00Z`)
  return text.length === 10 && !Number.isNaN(time) && new Date(time).toISOString().slice(0, 10) === text
}

/** Days from one ISO day to another, negative when it lies before. Calendar days in UTC, so no summer time bends them. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS)
}

/** The ISO day some days later (or earlier). */
export function addDays(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)
}

/** The ISO day it is at a moment in a time zone of the IANA database. */
export function dayIn(timeZone: string, at: Date): string {
  const parts = new Intl.DateTimeFormat('en', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  }).formatToParts(at)
  const part = (type: string) => parts.find((p) => p.type === type)?.value ?? ''
  return `${part('year')}-${part('month')}-${part('day')}`
}

const formats = new Map<string, Intl.DateTimeFormat>()

/** A day for people, as the country writes it: 9 Jan, Jan 9, 9. Jan., jan. 9.; with its year when it is not the one given. What is no day stays as it is. */
export function dayText(day: string, thisYear?: string, locale = 'en-IE'): string {
  if (!isDay(day)) return day
  const year = thisYear?.slice(0, 4) !== day.slice(0, 4)
  const key = `${locale} ${String(year)}`
  let format = formats.get(key)
  if (!format) {
    format = new Intl.DateTimeFormat(locale, {
      day: 'numeric',
      month: 'short',
      ...(year ? { year: 'numeric' } : {}),
      timeZone: 'UTC',
    })
    formats.set(key, format)
  }
  return format.format(Date.parse(`${day}T00:00:00Z`))
}

/** A month of the year, 1 to 12, by its name in the language of a locale. */
export const monthText = (month: number, locale = 'en-IE'): string =>
  new Intl.DateTimeFormat(locale, { month: 'long', timeZone: 'UTC' }).format(Date.UTC(2026, month - 1, 15))

import { InputError } from '../errors/InputError.js'

const formats = new Map<string, Intl.DateTimeFormat>()

/** A time of day as the country writes it: 08:30, 8:30 AM; the end of the day is 24:00. */
export function clockText(minutes: number, locale: string): string {
  if (minutes >= 1440) return '24:00'
  let format = formats.get(locale)
  if (!format) {
    format = new Intl.DateTimeFormat(locale, { hour: 'numeric', minute: '2-digit', timeZone: 'UTC' })
    formats.set(locale, format)
  }
  return format.format(minutes * 60_000)
}

/**
 * Reads a time of day: `8`, `8:30`, `8.30`, `830`, `8h30`, `8:30 pm`, `noon`, `24:00`.
 * @returns minutes after midnight
 * @throws {InputError} with the label of the field
 */
export function readClock(text: string, label: string): number {
  const typed = text.trim().toLowerCase()
  if (typed === 'noon' || typed === 'midday') return 720
  if (typed === 'midnight') return 1440
  const found = /^(\d{1,2})(?:\s*[:.h]\s*(\d{2})|(\d{2})|\s*h)?\s*(?:uhr|óra)?\s*([ap])?\.?\s?(m)?\.?$/.exec(
    typed.replaceAll(/[\u00a0\u202f]/g, ' '),
  )
  if (found) {
    const [, hour = '', colon, bare, half] = found
    const rest = Number(colon ?? bare ?? 0)
    const whole = Number(hour)
    const twelve = half === undefined ? whole : (whole % 12) + (half === 'p' ? 12 : 0)
    const minutes = twelve * 60 + rest
    if (rest < 60 && minutes <= 1440 && (half === undefined || (whole >= 1 && whole <= 12))) return minutes
  }
  throw new InputError('CLOCK_NOT_READ', {
    where: label,
    what: 'is not a time of day',
    fix: 'Write it like 8:30, 14.15 or 2 pm.',
  })
}

const MOST_DAYS = 1000

/** Days that so many working days take at the most, Monday to Friday, begun on the worst day of the week. */
const ofWorkdays = (n: number): number => n + 2 * Math.ceil(n / 5)

/**
 * Reads a lead time as suppliers write it: `14 days`, `4w`, `4-6 weeks` (the later end), `15 working days`, `2 months`,
 * `in stock`.
 * @param unit what a bare number means; days where nothing is said
 * @returns days of the calendar, a month as 30; null when nothing can be read or it is longer than 1 000 days
 */
export function readLeadDays(text: string, unit = 'd'): number | null {
  const found =
    /(\d{1,3})(?:\s*[-–]\s*(\d{1,3}))?\s*((?:working|business|work|week)[\s-]*days?\b|(?:d|days?|w|wks?|weeks?|mo|months?)\b)?/i.exec(
      text,
    )
  if (!found) return /stock|immediate|now/i.test(text) ? 0 : null
  const n = Number(found[2] ?? found[1])
  const word = found[3] ?? unit
  const days = /.day/i.test(word) ? ofWorkdays(n) : /^w/i.test(word) ? n * 7 : /^mo/i.test(word) ? n * 30 : n
  return days <= MOST_DAYS ? days : null
}

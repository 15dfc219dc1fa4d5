const MOST_DAYS = 1000

/**
 * Reads a lead time as suppliers write it: `14 days`, `4w`, `4-6 weeks` (the later end), `2 months`, `in stock`.
 * @param unit what a bare number means; days where nothing is said
 * @returns days, a month as 30; null when nothing can be read or it is longer than 1 000 days
 */
export function readLeadDays(text: string, unit = 'd'): number | null {
  const found = /(\d{1,3})(?:\s*[-–]\s*(\d{1,3}))?\s*(d|days?|w|wks?|weeks?|mo|months?)?/i.exec(text)
  if (!found) return /stock|immediate|now/i.test(text) ? 0 : null
  const n = Number(found[2] ?? found[1])
  const word = found[3] ?? unit
  const days = /^w/i.test(word) ? n * 7 : /^mo/i.test(word) ? n * 30 : n
  return days <= MOST_DAYS ? days : null
}

import { InputError } from '../errors/InputError.js'
import { isDay } from './days.js'

type Part = 'day' | 'month' | 'year'

/** Day, month and year in the order the locale writes them. */
function orderOf(locale: string): readonly Part[] {
  return new Intl.DateTimeFormat(locale, { day: '2-digit', month: '2-digit', year: 'numeric' })
    .formatToParts(0)
    .flatMap((p) => (p.type === 'day' || p.type === 'month' || p.type === 'year' ? [p.type] : []))
}

/** An ISO day as the locale writes it in figures: 14/03/2026, 03/14/2026, 2026. 03. 14. What is no day is given back. */
export function dayFigures(day: string, locale: string): string {
  if (!isDay(day)) return day
  return new Date(`${day}T00:00:00Z`).toLocaleDateString(locale, {
    day: '2-digit',
    month: '2-digit',
    year: 'numeric',
    timeZone: 'UTC',
  })
}

/** The month a word names, in the locale or in English: three letters are enough, if no other month begins so. */
function monthOf(word: string, locale: string): number {
  const written = word.toLocaleLowerCase(locale)
  if (written.length < 3) return NaN
  const found = new Set<number>()
  for (const each of [locale, 'en'])
    for (const month of ['long', 'short'] as const)
      for (let m = 1; m <= 12; m++) {
        const name = new Date(Date.UTC(2000, m - 1, 1)).toLocaleDateString(each, { month, timeZone: 'UTC' })
        if (name.toLocaleLowerCase(locale).startsWith(written)) found.add(m)
      }
  return found.size === 1 ? ([...found][0] ?? NaN) : NaN
}

/** Which figure is day, month and year; undefined when they are too many or too few. */
function partsOf(numbers: readonly string[], month: boolean, locale: string): readonly Part[] | undefined {
  const usual = orderOf(locale)
  const dayAndMonth = usual.filter((p) => p !== 'year' && (p !== 'month' || !month))
  if (numbers.length === dayAndMonth.length) return dayAndMonth
  if (numbers.length !== dayAndMonth.length + 1) return undefined
  const fourDigits = numbers.findIndex((n) => n.length === 4)
  if (fourDigits > 0 && fourDigits < numbers.length - 1) return undefined
  // A year that leads is followed by month and day in every country.
  const yearFirst = fourDigits === 0 || (fourDigits < 0 && usual[0] === 'year')
  return yearFirst ? ['year', ...(month ? [] : ['month' as const]), 'day'] : [...dayAndMonth, 'year']
}

/**
 * A day as it is typed: 2026-03-14 anywhere; 14/3/26, 14.3. or 3/14/26 in the order of the locale; 14 March, March 14.
 * Without a year it is the next such day, today included. Two figures of a year are of this century.
 * @param locale a language tag, which decides the order and the names of months
 * @param today the ISO day it is for the reader
 * @returns the ISO day
 * @throws {InputError} naming the field, when it is no day of the calendar or could be two
 */
export function readDay(text: string, locale: string, today: string, label: string): string {
  const wrong = new InputError('DAY_NOT_READ', {
    what: 'is not a day',
    where: label,
    fix: `Write it as ${dayFigures(today, locale)} or ${today}.`,
  })
  const pieces = text.trim().match(/\d+|\p{L}+/gu) ?? []
  const words = pieces.filter((p) => /\p{L}/u.test(p) && !/^(st|nd|rd|th|of|de)$/i.test(p))
  const numbers = pieces.filter((p) => /^\d+$/.test(p))
  const order = partsOf(numbers, words.length > 0, locale)
  if (words.length > 1 || !order || numbers.some((n) => n.length > 4 || n.length === 3)) throw wrong
  const of = (part: Part) => Number(numbers[order.indexOf(part)])
  const month = words[0] ? monthOf(words[0], locale) : of('month')
  const dayOf = (year: number) =>
    `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(of('day')).padStart(2, '0')}`
  const thisYear = Number(today.slice(0, 4))
  if (order.includes('year')) {
    const year = of('year') < 100 ? Math.floor(thisYear / 100) * 100 + of('year') : of('year')
    if (!isDay(dayOf(year))) throw wrong
    return dayOf(year)
  }
  // The twenty-ninth of February waits for a year that has one.
  for (let year = thisYear; year <= thisYear + 8; year++)
    if (dayOf(year) >= today && isDay(dayOf(year))) return dayOf(year)
  throw wrong
}

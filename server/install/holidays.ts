import type Holidays from 'date-holidays'
import { addDays } from '@bonitas/core/kernel/units/days'

/** A public holiday as days off. */
export interface Holiday {
  readonly uid: string
  readonly what: string
  readonly fromOn: string
  readonly untilOn: string
}

/** The list is large and seldom asked for. */
let known: typeof Holidays | undefined
async function lists(): Promise<typeof Holidays> {
  known ??= (await import('date-holidays')).default
  return known
}

/**
 * Public holidays of a country for this year and the next, of the whole country: what only some of its parts keep is typed.
 * @param country two letters, as ISO 3166 has them
 * @returns none for a country that is not known
 */
export async function publicHolidays(country: string, today: string, language: string): Promise<Holiday[]> {
  const List = await lists()
  const list = new List(country, { languages: [language], types: ['public'] })
  const year = Number(today.slice(0, 4))
  return [year, year + 1].flatMap((y) =>
    list.getHolidays(y).flatMap((h): Holiday[] => {
      const fromOn = h.date.slice(0, 10)
      if (fromOn < today || fromOn > addDays(today, 800)) return []
      return [{ uid: `${country} ${h.rule} ${fromOn}`, what: h.name, fromOn, untilOn: fromOn }]
    }),
  )
}

/** The country of a locale: `HU` of `hu-HU`. */
export const countryOf = (locale: string): string => new Intl.Locale(locale).maximize().region ?? 'IE'

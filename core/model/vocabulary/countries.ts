import type { UnitSystem } from '../../kernel/units/length.js'

export const PAPERS_OF_OFFICE = ['A4', 'LETTER'] as const
export type OfficePaper = (typeof PAPERS_OF_OFFICE)[number]

/** What a studio in a country takes as given: how it writes and measures, what it is paid in, what it prints on. */
export interface Country {
  /** ISO 3166-1. */
  readonly code: string
  readonly name: string
  /** BCP 47, of the language most write in. */
  readonly locale: string
  /** ISO 4217. */
  readonly currency: string
  readonly system: UnitSystem
  readonly paper: OfficePaper
  /** IANA, where most of the country is. */
  readonly timeZone: string
}

const country = (
  code: string,
  name: string,
  locale: string,
  currency: string,
  timeZone: string,
  more: Partial<Pick<Country, 'system' | 'paper'>> = {},
): Country => ({ code, name, locale, currency, timeZone, system: 'metric', paper: 'A4', ...more })

/**
 * Countries by name. Currencies are those of ISO 4217, languages and zones those of Unicode CLDR and the IANA database;
 * letter paper in North America and the Philippines, feet and inches in the United States (CLDR measurement data).
 */
export const COUNTRIES: readonly Country[] = [
  country('AR', 'Argentina', 'es-AR', 'ARS', 'America/Argentina/Buenos_Aires'),
  country('AU', 'Australia', 'en-AU', 'AUD', 'Australia/Sydney'),
  country('AT', 'Austria', 'de-AT', 'EUR', 'Europe/Vienna'),
  country('BE', 'Belgium (Dutch)', 'nl-BE', 'EUR', 'Europe/Brussels'),
  country('BE', 'Belgium (French)', 'fr-BE', 'EUR', 'Europe/Brussels'),
  country('BR', 'Brazil', 'pt-BR', 'BRL', 'America/Sao_Paulo'),
  country('BG', 'Bulgaria', 'bg-BG', 'EUR', 'Europe/Sofia'),
  country('CA', 'Canada (English)', 'en-CA', 'CAD', 'America/Toronto', { paper: 'LETTER' }),
  country('CA', 'Canada (French)', 'fr-CA', 'CAD', 'America/Toronto', { paper: 'LETTER' }),
  country('HR', 'Croatia', 'hr-HR', 'EUR', 'Europe/Zagreb'),
  country('CZ', 'Czechia', 'cs-CZ', 'CZK', 'Europe/Prague'),
  country('DK', 'Denmark', 'da-DK', 'DKK', 'Europe/Copenhagen'),
  country('EE', 'Estonia', 'et-EE', 'EUR', 'Europe/Tallinn'),
  country('FI', 'Finland', 'fi-FI', 'EUR', 'Europe/Helsinki'),
  country('FR', 'France', 'fr-FR', 'EUR', 'Europe/Paris'),
  country('DE', 'Germany', 'de-DE', 'EUR', 'Europe/Berlin'),
  country('GR', 'Greece', 'el-GR', 'EUR', 'Europe/Athens'),
  country('HU', 'Hungary', 'hu-HU', 'HUF', 'Europe/Budapest'),
  country('IS', 'Iceland', 'is-IS', 'ISK', 'Atlantic/Reykjavik'),
  country('IN', 'India', 'en-IN', 'INR', 'Asia/Kolkata'),
  country('IE', 'Ireland', 'en-IE', 'EUR', 'Europe/Dublin'),
  country('IT', 'Italy', 'it-IT', 'EUR', 'Europe/Rome'),
  country('JP', 'Japan', 'ja-JP', 'JPY', 'Asia/Tokyo'),
  country('LV', 'Latvia', 'lv-LV', 'EUR', 'Europe/Riga'),
  country('LT', 'Lithuania', 'lt-LT', 'EUR', 'Europe/Vilnius'),
  country('LU', 'Luxembourg', 'fr-LU', 'EUR', 'Europe/Luxembourg'),
  country('MX', 'Mexico', 'es-MX', 'MXN', 'America/Mexico_City', { paper: 'LETTER' }),
  country('NL', 'Netherlands', 'nl-NL', 'EUR', 'Europe/Amsterdam'),
  country('NZ', 'New Zealand', 'en-NZ', 'NZD', 'Pacific/Auckland'),
  country('NO', 'Norway', 'nb-NO', 'NOK', 'Europe/Oslo'),
  country('PH', 'Philippines', 'en-PH', 'PHP', 'Asia/Manila', { paper: 'LETTER' }),
  country('PL', 'Poland', 'pl-PL', 'PLN', 'Europe/Warsaw'),
  country('PT', 'Portugal', 'pt-PT', 'EUR', 'Europe/Lisbon'),
  country('RO', 'Romania', 'ro-RO', 'RON', 'Europe/Bucharest'),
  country('SG', 'Singapore', 'en-SG', 'SGD', 'Asia/Singapore'),
  country('SK', 'Slovakia', 'sk-SK', 'EUR', 'Europe/Bratislava'),
  country('SI', 'Slovenia', 'sl-SI', 'EUR', 'Europe/Ljubljana'),
  country('ZA', 'South Africa', 'en-ZA', 'ZAR', 'Africa/Johannesburg'),
  country('KR', 'South Korea', 'ko-KR', 'KRW', 'Asia/Seoul'),
  country('ES', 'Spain', 'es-ES', 'EUR', 'Europe/Madrid'),
  country('SE', 'Sweden', 'sv-SE', 'SEK', 'Europe/Stockholm'),
  country('CH', 'Switzerland (French)', 'fr-CH', 'CHF', 'Europe/Zurich'),
  country('CH', 'Switzerland (German)', 'de-CH', 'CHF', 'Europe/Zurich'),
  country('CH', 'Switzerland (Italian)', 'it-CH', 'CHF', 'Europe/Zurich'),
  country('TR', 'Turkey', 'tr-TR', 'TRY', 'Europe/Istanbul'),
  country('GB', 'United Kingdom', 'en-GB', 'GBP', 'Europe/London'),
  country('US', 'United States', 'en-US', 'USD', 'America/New_York', { system: 'imperial', paper: 'LETTER' }),
]

/** The country whose habits a browser's languages tell, or the first that speaks its language; Ireland otherwise. */
export function countryOf(languages: readonly string[]): Country {
  for (const language of languages) {
    const whole = COUNTRIES.find((c) => c.locale.toLowerCase() === language.toLowerCase())
    const spoken = COUNTRIES.find((c) => c.locale.split('-')[0] === language.split('-')[0])
    const found = whole ?? (language.startsWith('en') ? undefined : spoken)
    if (found) return found
  }
  return COUNTRIES.find((c) => c.locale === 'en-IE') as Country
}

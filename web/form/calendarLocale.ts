/** Words of the calendar and the day its weeks begin with; a language that is not here speaks English. */
export async function calendarLocale(locale: string): Promise<object> {
  const language = locale.slice(0, 2)
  const [words, name] =
    language === 'de'
      ? [
          await import('element-plus/es/locale/lang/de.mjs'),
          (await import('dayjs/locale/de.js')).default.name,
        ]
      : language === 'hu'
        ? [
            await import('element-plus/es/locale/lang/hu.mjs'),
            (await import('dayjs/locale/hu.js')).default.name,
          ]
        : [
            await import('element-plus/es/locale/lang/en.mjs'),
            locale === 'en-US' ? 'en' : (await import('dayjs/locale/en-gb.js')).default.name,
          ]
  // The calendar asks dayjs by the name of these words; 'en' would begin its weeks on Sunday.
  return { ...words.default, name }
}

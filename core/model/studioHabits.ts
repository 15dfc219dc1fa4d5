import { string, type InferType } from 'yup'
import { choiceField, rowSchema, textField } from './checks.js'
import { COUNTRIES, PAPERS_OF_OFFICE } from './vocabulary/countries.js'

const LOCALES = [...new Set(COUNTRIES.map((c) => c.locale))]

/** Every currency by its ISO 4217 code. */
export const CURRENCIES: readonly string[] = Intl.supportedValuesOf('currency')

function isTimeZone(name: string | undefined): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name ?? '' })
    return Boolean(name)
  } catch {
    return false
  }
}

/** How a studio writes, measures, is paid and prints, and when its day begins. */
const habits = {
  locale: choiceField('Country', LOCALES),
  currency: string()
    .typeError('Currency must be text.')
    .required('Currency is missing. Choose one.')
    .test('currency', 'Currency must be an ISO 4217 code such as EUR.', (code) => CURRENCIES.includes(code)),
  system: choiceField('Measures', ['metric', 'imperial'] as const),
  paper: choiceField('Paper', PAPERS_OF_OFFICE),
  timeZone: string()
    .typeError('Time zone must be text.')
    .required('Time zone is missing. Choose one such as Europe/Dublin.')
    .test('zone', 'Time zone is not one that is known. Choose one such as Europe/Dublin.', isTimeZone),
}

export const habitsSchema = rowSchema(() => ({ name: textField('Studio'), ...habits }))

/** A change of them, with what the one who changes them saw. */
export const habitsChangeSchema = rowSchema(() => {
  const seen = () => string().typeError('What was seen must be text.').defined('What was seen is missing.')
  const was = {
    name: seen(),
    locale: seen(),
    currency: seen(),
    system: seen(),
    paper: seen(),
    timeZone: seen(),
  }
  return { was: rowSchema(() => was)(), is: habitsSchema() }
})
export type HabitsSeen = InferType<ReturnType<typeof habitsChangeSchema>>['was']
export type StudioHabits = InferType<ReturnType<typeof habitsSchema>>

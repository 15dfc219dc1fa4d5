/** Languages of the interface. English is complete; the others have the frame, the jobs and the Ledger. */
export const LANGUAGES = [
  { id: 'en', name: 'English' },
  { id: 'de', name: 'Deutsch' },
  { id: 'hu', name: 'Magyar' },
] as const

export type Language = (typeof LANGUAGES)[number]['id']

const KEPT = 'bonitas.language'

/** Outside of a browser, and where one keeps nothing, there is no choice. */
function kept(): string | null {
  try {
    return localStorage.getItem(KEPT)
  } catch {
    return null
  }
}

/** The language chosen in this browser; English until one is. */
export function languageHere(): Language {
  return LANGUAGES.find((l) => l.id === kept())?.id ?? 'en'
}

/** Keeps the choice and opens the page anew in it: what is said once, outside of a page, is said anew as well. */
export function speak(language: Language): void {
  localStorage.setItem(KEPT, language)
  location.reload()
}

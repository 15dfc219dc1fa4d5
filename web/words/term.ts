import { languageHere } from './languages.js'
import { arrives, followArrivals } from './wordsOf.js'

const LISTS = { de: () => import('./terms.de.js'), hu: () => import('./terms.hu.js') }
let terms: Readonly<Record<string, string>> = {}

const language = languageHere()
if (language !== 'en') arrives(LISTS[language](), (list) => (terms = list.default))

/**
 * What the model calls a stage, a field or a state, in the language of the interface; as it is where the list has no
 * word. The model itself speaks English: its words are stored, and rules compare them.
 */
export function term(text: string): string {
  followArrivals()
  return (Object.hasOwn(terms, text) ? terms[text] : undefined) ?? text
}

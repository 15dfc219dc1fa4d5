import { createCoreContext, translate } from '@intlify/core'
import { shallowRef } from 'vue'
import { languageHere, type Language } from './languages.js'

type Messages = Readonly<Record<string, string>>

/** The names in braces of a message: `{n} of {all}` has `n` and `all`. */
type NamesIn<Text> = Text extends `${string}{${infer Name}}${infer Rest}`
  ? (Name extends `'${string}` ? never : Name) | NamesIn<Rest>
  : never

type Filling<Text> = [NamesIn<Text>] extends [never] ? [] : [Readonly<Record<NamesIn<Text>, unknown>>]

/** Says a message in the language of the interface, its braces filled. */
export type Words<M extends Messages> = <Key extends keyof M & string>(
  key: Key,
  ...filling: Filling<M[Key]>
) => string

/** The same messages in another language; left out is said in English. */
export type Translation<M extends Messages> = Readonly<Record<keyof M, string>>

type Fetched<M extends Messages> = () => Promise<{ readonly default: Translation<M> }>

/** What is said, by language and part of the program. */
const messages: Partial<Record<Language, Record<string, Messages>>> = {}

function take(language: Language, part: string, words: Messages): void {
  ;(messages[language] ??= {})[part] = words
}

const context = createCoreContext({
  locale: languageHere(),
  fallbackLocale: 'en',
  missingWarn: false,
  fallbackWarn: false,
  messages,
})

const coming: Promise<void>[] = []
/** How many translations have come: what was said before one of them is said anew. */
const arrivals = shallowRef(0)
/** Whoever says something follows what comes. */
export const followArrivals = (): number => arrivals.value

/**
 * Waits for a translation with the page that needs it; a part of a page that is fetched later is said anew when its
 * words come. One that cannot be fetched is said in English.
 */
export function arrives<T>(fetched: Promise<T>, take: (words: T) => void): void {
  coming.push(
    fetched.then(
      (words) => {
        take(words)
        arrivals.value++
      },
      () => undefined,
    ),
  )
}

/** Waits for the translations of all that was loaded: no page is shown half in one language. */
export async function wordsReady(): Promise<void> {
  await Promise.all(coming.splice(0))
}

/**
 * The words of one part of the program: English at once, another language fetched when it is the one chosen. A message
 * with `|` has its forms by the number `n`: `one row | {n} rows`.
 */
export function wordsOf<const M extends Messages>(
  part: string,
  english: M,
  others: Partial<Record<Exclude<Language, 'en'>, Fetched<M>>> = {},
): Words<M> {
  take('en', part, english)
  const language = languageHere()
  const fetched = language === 'en' ? undefined : others[language]
  if (fetched) arrives(fetched(), (words) => take(language, part, words.default))
  return (key, ...filling) => {
    followArrivals()
    const named: Readonly<Record<string, unknown>> = filling[0] ?? {}
    return String(translate(context, `${part}.${key}`, named, typeof named.n === 'number' ? named.n : 1))
  }
}

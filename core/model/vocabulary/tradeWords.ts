import { capital } from '../../kernel/capital.js'

// Parts of a room are called otherwise from country to country (common practice).
const WORDS = {
  skirting: { american: 'baseboard' },
  cornice: { american: 'crown molding' },
} as const

export type TradeWord = keyof typeof WORDS

/** What a part is called in English in a country: American in the United States and Canada, British elsewhere. */
export const tradeWord = (word: TradeWord, locale: string): string =>
  /-(US|CA)$/.test(locale) ? WORDS[word].american : word

/** The word at the head of a line. */
export const headWord = (word: TradeWord, locale: string): string => capital(tradeWord(word, locale))

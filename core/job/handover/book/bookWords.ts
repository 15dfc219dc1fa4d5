import type { BookText } from '../../../model/rows/bookTexts.js'
import type { BookWords, RichText } from '../../../model/richText.js'
import type { BookSection } from '../../../model/vocabulary/handover.js'
import { firstRow } from '../firstRow.js'

export const CHAPTER_TITLES: Readonly<Record<BookSection, string>> = {
  opening: 'Your room',
  palette: 'Colors and finishes, in their shares',
  room: 'The room drawn',
  'before and after': 'Before and after',
  things: 'What is in the room, and where it came from',
  finishes: 'What is on the walls and woodwork',
  care: 'Care through the year',
  'how it comes off': 'How things come off again',
  cautions: 'What to be careful with',
  closing: 'In the end',
}

/** Words to begin with, while neither the job nor the studio has its own. */
const BEGINNING: Readonly<Partial<Record<BookSection, string>>> = {
  opening:
    'This book belongs to the room. It says what was done and why, where everything came from, and how to keep it as it is today.',
  palette:
    'Each color has the share of the page that it has of the room. No screen or print shows a paint exactly: go by the code, and by a sample held to the wall.',
  things: 'Keep this list with your papers: an insurer, a repair or a second order will ask for it.',
  finishes:
    'A wall is touched up with the same tin, a ceiling or woodwork likewise. Name, code and sheen are what a shop needs.',
  care: 'The label and the maker’s word go before what is said here.',
  closing: 'Thank you for the room. Write when something is not as it should be.',
}

const asWords = (text: string): RichText => [
  { kind: 'paragraph', runs: [{ text, bold: false, italic: false }] },
]

/** Where the words of a part of the book come from. */
export type WordsFrom = 'job' | 'studio' | 'beginning' | 'none'

/** The words at the head of a part: those of the job, else of the studio, else some to begin with. */
export function wordsOf(
  texts: readonly BookText[],
  ofStudio: BookWords | undefined,
  section: BookSection,
): { readonly words: RichText; readonly from: WordsFrom; readonly row: BookText | undefined } {
  const row = firstRow(texts.filter((t) => t.section === section))
  if (row) return { words: row.body, from: 'job', row }
  const own = ofStudio?.[section]
  if (own) return { words: own, from: 'studio', row }
  const beginning = BEGINNING[section]
  return beginning ? { words: asWords(beginning), from: 'beginning', row } : { words: [], from: 'none', row }
}

/** The words without their setting. */
export const plainWords = (words: RichText): string =>
  words.map((b) => b.runs.map((r) => r.text).join('')).join('\n')

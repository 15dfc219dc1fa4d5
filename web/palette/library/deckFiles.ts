import { InputError } from '@bonitas/core/kernel/errors/InputError'
import type { Deck } from '@bonitas/core/stages/palette/library/sample'
import { t } from '../words.js'

export const DECK_FORMATS = ['csv', 'gpl', 'cxf'] as const
export type DeckFormat = (typeof DECK_FORMATS)[number]
const MOST_BYTES = 20e6

// The code of a format is fetched when one is used.
const csv = () => import('@bonitas/core/stages/palette/library/deckCsv')
const gpl = () => import('@bonitas/core/stages/palette/library/deckGpl')
const cxf = () => import('@bonitas/core/stages/palette/library/deckCxf')

/** A deck as text in one of the formats. */
export async function writeDeck(deck: Deck, format: DeckFormat, digits: number): Promise<string> {
  switch (format) {
    case 'csv':
      return (await csv()).deckToCsv(deck, digits)
    case 'gpl':
      return (await gpl()).deckToGpl(deck)
    case 'cxf':
      return (await cxf()).deckToCxf(deck)
  }
}

/**
 * Reads a deck from a file, by the ending of its name; CSV where it says nothing else.
 * @throws {InputError} naming the place and how to fix it
 */
export async function readDeckFile(file: File, digits: number): Promise<Deck> {
  if (file.size > MOST_BYTES)
    throw new InputError('DECK_NOT_READ', {
      what: t('isOver20MB'),
      where: t('theFile'),
      fix: t('splitItIntoSeveralDecks'),
    })
  const text = await file.text()
  const name = file.name.replace(/\.[^.]+$/, '') || t('deck')
  if (/\.gpl$/i.test(file.name)) return (await gpl()).deckFromGpl(text, name)
  if (/\.(cxf|xml)$/i.test(file.name)) return (await cxf()).deckFromCxf(text, name)
  return (await csv()).deckFromCsv(text, name, digits)
}

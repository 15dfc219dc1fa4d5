import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { put, type RowChange } from '@bonitas/core/model/changes'
import type { Collection } from '@bonitas/core/model/registry'
import type { Choices } from '../form/choices.js'
import { limitsOf, readText, shownText, type FieldKind, type Locale } from '../form/fieldText.js'
import type { Row } from './edits.js'
import { faultsOf } from './jobChanges.js'
import { t } from './words.js'

/** A fact that can be set on many rows at once: one of a few words, something typed, or true and false (neither). */
export interface SeveralFact {
  readonly field: string
  /** Another label than the schema's. */
  readonly label?: string
  readonly choices?: Choices
  readonly kind?: FieldKind
}

/** True and false as the lines of a choice. */
export const yesOrNo = (): Choices => [
  { value: 'yes', text: t('yes') },
  { value: '', text: t('no') },
]

/** What a row holds now, as words; a dash where nothing is known. */
export function holdsNow(fact: SeveralFact, value: unknown, locale: Locale): string {
  if (fact.kind) return shownText(fact.kind, value, locale) || '–'
  if (!fact.choices) return value === true ? t('yes') : t('no')
  const line = fact.choices.find((c) => (typeof c === 'string' ? c : c.value) === (value ?? null))
  return line === undefined ? '–' : typeof line === 'string' ? line : line.text
}

/**
 * The value that was given for a fact, as it is kept.
 * @throws {InputError} for what cannot be read as this fact
 */
export function readFact(collection: Collection, fact: SeveralFact, given: string, locale: Locale): unknown {
  if (fact.kind) return readText(fact.kind, given, limitsOf(collection, fact.field), locale)
  if (fact.choices) return given === '' ? null : given
  return given === 'yes'
}

/** The changes that set a fact on rows, those that hold it already left alone; and the rows that cannot take it, with why. */
export function changesOf(
  collection: Collection,
  rows: readonly (Row & { readonly name: string })[],
  field: string,
  value: unknown,
): { readonly changes: readonly RowChange[]; readonly cannot: readonly string[] } {
  const changed = rows.filter((r) => (r[field] ?? null) !== (value ?? null))
  const cannot = changed.flatMap((r) => {
    const before = faultsOf(collection, r)
    const faults = Object.entries(faultsOf(collection, { ...r, [field]: value }))
      .filter(([at, text]) => before[at] !== text)
      .map(([, text]) => text)
    return faults.length > 0 ? [`${r.name}: ${faults.join(' ')}`] : []
  })
  return { changes: changed.map((r) => put(collection, r.id, { [field]: value })), cannot }
}

/** What is wrong with a value, for the person who gave it. */
export const saidOf = (error: unknown): string => {
  if (error instanceof InputError) return error.message
  throw error
}

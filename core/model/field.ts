import { array, type Schema } from 'yup'
import { MAX_MINOR } from '../kernel/money/currency.js'
import * as check from './checks.js'
import { SURFACES, type Surface } from './vocabulary/surface.js'

/** How a field is stored and shown: its column, the cell of a form and the reading of a text follow from it. */
export type Kind =
  | 'id'
  | 'ref'
  | 'refs'
  | 'surface'
  | 'subject'
  | 'finding'
  | 'text'
  | 'choice'
  | 'flag'
  | 'whole'
  | 'real'
  | 'mm'
  | 'minor'
  | 'ppm'
  | 'day'
  | 'clock'
  | 'list'
  | 'data'

/** What becomes of a row when the row it names is removed: it goes too, forgets it, or stands in the way. */
export type OnRemove = 'remove' | 'clear' | 'refuse'

/** That a field names rows of another collection, and how. */
export interface Reference {
  /** The collection named; `orders`, `lines` and `events` are collections of what is only ever added. */
  readonly to: string
  readonly onRemove: OnRemove
  /** The word before the id in a text that names several kinds of row: `wall:` and an id. */
  readonly prefix?: string
  /** The named row must name this one in that field: an item can choose only an option of its own. */
  readonly within?: string
  /** What becomes of the row when a person says that it shall not stand in the way; forgets it where it can, else goes. */
  readonly along?: 'remove'
  /** The named row may be gone since: renewed with the others on import, never a key, in nobody's way. */
  readonly past?: boolean
}

/**
 * One field of a row.
 * @typeParam T what it holds
 * @typeParam Needed whether a new row must be given it; all others begin as `initial`
 */
export interface Field<T, Needed extends boolean = boolean> {
  /** Only for the compiler: nothing is kept here. */
  readonly holds?: T
  readonly needed: Needed
  readonly initial: T | undefined
  readonly kind: Kind
  /** As a person reads it, with the word first in every message about the field. */
  readonly label: string
  readonly nullable: boolean
  readonly unit?: string
  readonly choices?: readonly string[]
  readonly references: readonly Reference[]
  /** The Yup schema of the field by itself; strict, with messages that say how to fix what is wrong. */
  readonly schema: () => Schema
}

/** A field still being described. */
export interface Builder<T, Needed extends boolean> extends Field<T, Needed> {
  /** May be null, and is until it is given. */
  orNone(): Builder<T | null, false>
  /** What a new row begins with. */
  starts(initial: T): Builder<T, false>
}

type Parts = Pick<Field<unknown>, 'kind' | 'label' | 'unit' | 'choices'> & {
  readonly references?: readonly Reference[]
  readonly nullable?: boolean
  readonly initial?: unknown
  readonly needed?: boolean
  readonly of: (nullable: boolean) => Schema
}

function field<T>(parts: Parts): Builder<T, true> {
  const { of, nullable = false, needed = true, ...rest } = parts
  const built = {
    references: [],
    initial: undefined,
    ...rest,
    needed,
    nullable,
    schema: () => of(nullable),
    orNone: () => field<T | null>({ ...parts, nullable: true, needed: false, initial: null }),
    starts: (initial: T) => field<T>({ ...parts, needed: false, initial }),
  }
  return built as unknown as Builder<T, true>
}

const either = (given: () => Schema, optional: () => Schema) => (nullable: boolean) =>
  nullable ? optional() : given()

/** A row's own name for itself: any UUID, made where the row is made. */
export const id = (label = 'Id') => field<string>({ kind: 'id', label, of: () => check.idField(label) })

/** Text that must say something. */
export const text = (label: string, max = 120) =>
  field<string>({ kind: 'text', label, of: () => check.textField(label, max) })

/** Text that may be empty, and is until something is written. */
export const note = (label: string, max = 2000) =>
  field<string>({ kind: 'text', label, of: () => check.noteField(label, max) }).starts('')

export const whole = (label: string, min: number, max: number, unit: string) =>
  field<number>({
    kind: 'whole',
    label,
    unit,
    of: either(
      () => check.wholeField(label, min, max, unit),
      () => check.wholeOrNone(label, min, max, unit),
    ),
  })

export const real = (label: string, min: number, max: number) =>
  field<number>({
    kind: 'real',
    label,
    of: either(
      () => check.realField(label, min, max),
      () => check.realOrNone(label, min, max),
    ),
  })

/** A length in millimeters with six decimals at most, so that sixty-fourths of an inch add up exactly. */
export const mm = (label: string, min: number, max: number) =>
  field<number>({
    kind: 'mm',
    label,
    unit: 'mm',
    of: either(
      () => check.mmField(label, min, max),
      () => check.mmOrNone(label, min, max),
    ),
  })

/** Money in whole minor units of the job's currency. */
export const minor = (label: string, min = 0) =>
  field<number>({
    kind: 'minor',
    label,
    of: either(
      () => check.minorField(label, min),
      () => check.wholeOrNone(label, min, MAX_MINOR, 'minor units'),
    ),
  })

/** A rate in parts per million. */
export const ppm = (label: string, maxPercent = 100) =>
  field<number>({ kind: 'ppm', label, of: () => check.ppmField(label, maxPercent) })

export const flag = (label: string) =>
  field<boolean>({ kind: 'flag', label, of: () => check.flagField(label) })

/** A calendar day as ISO text; no time, no zone. */
export const day = (label: string) =>
  field<string>({
    kind: 'day',
    label,
    of: either(
      () => check.dayField(label),
      () => check.dayOrNone(label),
    ),
  })

/** A time of day, in minutes after midnight; 1440 is the end of the day. */
export const clock = (label: string) =>
  field<number>({
    kind: 'clock',
    label,
    unit: 'minutes',
    of: either(
      () => check.wholeField(label, 0, 1440, 'minutes'),
      () => check.wholeOrNone(label, 0, 1440, 'minutes'),
    ),
  })

/** One of a closed list of words. */
export const choice = <const T extends string>(label: string, choices: readonly T[]) =>
  field<T>({
    kind: 'choice',
    label,
    choices,
    of: either(
      () => check.choiceField(label, choices),
      () => check.choiceOrNone(label, choices),
    ),
  })

/**
 * Several of a closed list of words, each at most once.
 * @param words how a message names the list when its label is a plural: "Facts are", "Fact"
 */
export const choices = <const T extends string>(
  label: string,
  all: readonly T[],
  words: { readonly each?: string; readonly plural?: boolean } = {},
) =>
  field<T[]>({
    kind: 'list',
    label,
    choices: all,
    of: () =>
      array(check.choiceField(words.each ?? label, all).required())
        .typeError(`${label} must be a list.`)
        .max(all.length, `${label}: each at most once.`)
        .required(`${label} ${words.plural ? 'are' : 'is'} missing. Give a list, empty for none.`),
  }).starts([])

/** Data of a shape of its own, kept as JSON. The schema says when it is missing. */
export const data = <T>(label: string, schema: () => Schema<T>) =>
  field<T>({ kind: 'data', label, of: schema })

/** A text or number that is checked in its own way but stored as its kind says. */
export const by = <T>(kind: 'text' | 'real' | 'minor' | 'whole', label: string, schema: () => Schema) =>
  field<T>({ kind, label, of: schema })

/** Names a row of another collection. The names are checked where all rows are put together, in the registry. */
export const ref = (
  to: string,
  label: string,
  onRemove: OnRemove,
  more: Pick<Reference, 'within' | 'past' | 'along'> = {},
) =>
  field<string>({
    kind: 'ref',
    label,
    references: [{ to, onRemove, ...more }],
    of: either(
      () => check.idField(label),
      () => check.idOrNone(label),
    ),
  })

/** Names several rows; one that is removed leaves the list. */
export const refs = (to: string, label: string, each: string) =>
  field<string[]>({
    kind: 'refs',
    label,
    references: [{ to, onRemove: 'clear' }],
    of: () => check.idsField(label, each),
  }).starts([])

const onSurfaces = (onRemove: OnRemove): readonly Reference[] => [
  { to: 'walls', prefix: 'wall:', onRemove },
  { to: 'parts', prefix: 'part:', onRemove },
  { to: 'openings', prefix: 'opening:', onRemove },
]

/** A surface: a word, or `wall:`, `part:` or `opening:` and the id of one. */
export const surface = (label: string, onRemove: OnRemove) =>
  field<Surface>({
    kind: 'surface',
    label,
    references: onSurfaces(onRemove),
    of: () => check.surfaceField(label, SURFACES),
  })

/** A surface a letter or a limit names, empty when it names none. */
export const surfaceOrNone = (label: string, onRemove: OnRemove) =>
  field<string>({
    kind: 'surface',
    label,
    references: onSurfaces(onRemove),
    of: () => check.noteField(label, 60),
  }).starts('')

/** What a photo belongs to: `wall:` or `corner:` and a wall, `receipt:` and a paper, `claim:` and a claim; or nothing. */
export const subject = (label: string) =>
  field<string>({
    kind: 'subject',
    label,
    references: [
      { to: 'walls', prefix: 'wall:', onRemove: 'clear' },
      { to: 'walls', prefix: 'corner:', onRemove: 'clear' },
      { to: 'receipts', prefix: 'receipt:', onRemove: 'remove' },
      { to: 'claims', prefix: 'claim:', onRemove: 'remove' },
      { to: 'tasks', prefix: 'task:', onRemove: 'remove' },
    ],
    of: () => check.noteField(label, 60),
  }).starts('')

/** The key of a finding, `rule|piece:id|use:id`: without what it is about an acceptance means nothing. */
export const findingKey = (label: string, about: Readonly<Record<string, string>>) =>
  field<string>({
    kind: 'finding',
    label,
    references: Object.entries(about).map(([word, to]) => ({ to, prefix: `${word}:`, onRemove: 'remove' })),
    of: () => check.textField(label, 400),
  })

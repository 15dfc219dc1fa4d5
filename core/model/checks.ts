import {
  array,
  boolean,
  mixed,
  number,
  object,
  string,
  type InferType,
  type ObjectSchema,
  type Schema,
} from 'yup'
import { MAX_MINOR } from '../kernel/money/currency.js'
import { isDay } from '../kernel/units/days.js'
import { roundMm } from '../kernel/units/mm.js'
import { isSurface, type Surface } from './vocabulary/surface.js'

// Field builders for the schemas of the stages. Each message says what is wrong and how to fix it; the
// label comes first because the same words stand in a problem document, away from the field.

/** A row's own name for itself: any UUID, made where the row is made. */
export const idField = (label = 'Id') =>
  string()
    .label(label)
    .typeError(`${label} must be a UUID.`)
    .matches(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/, `${label} must be a UUID.`)
    .required(`${label} is missing. Give a UUID.`)

/** A reference that may be absent. */
export const idOrNone = (label: string) =>
  string()
    .label(label)
    .nullable()
    .defined(`${label} is missing. Give a UUID, or null for none.`)
    .typeError(`${label} must be a UUID, or null for none.`)
    .matches(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/, `${label} must be a UUID, or null for none.`)

// Postgres cannot hold U+0000 in text, and no name needs a control character.

const NO_CONTROLS = /^[^\u0000-\u0008\u000b\u000c\u000e-\u001f\ud800-\udfff]*$/u

/** Text that must say something. */
export const textField = (label: string, max = 120) =>
  string()
    .label(label)
    .typeError(`${label} must be text.`)
    .max(max, `${label} is longer than ${max} characters. Shorten it.`)
    .matches(NO_CONTROLS, `${label} holds characters that cannot be kept. Type it again.`)
    .test('not-blank', `${label} is empty. Write it here.`, (v) => !v || v.trim() !== '')
    .required(`${label} is empty. Write it here.`)

/** Text that may be empty but is never null. */
export const noteField = (label: string, max = 2000) =>
  string()
    .label(label)
    .typeError(`${label} must be text.`)
    .max(max, `${label} is longer than ${max} characters. Shorten it.`)
    .matches(NO_CONTROLS, `${label} holds characters that cannot be kept. Type it again.`)
    .defined(`${label} is missing. Write it, or leave it empty.`)
    .nonNullable(`${label} cannot be null. Leave it empty instead.`)

const whole = (label: string, min: number, max: number, unit: string) =>
  number()
    .label(label)
    .typeError(`${label} must be a number.`)
    .integer(`${label} must be a whole number of ${unit}.`)
    .min(min, `${label} must be at least ${min} ${unit}.`)
    .max(max, `${label} must be at most ${max} ${unit}. Check for digits too many.`)

export const wholeField = (label: string, min: number, max: number, unit: string) =>
  whole(label, min, max, unit).required(`${label} is missing. Give a number from ${min} to ${max}.`)

export const wholeOrNone = (label: string, min: number, max: number, unit: string) =>
  whole(label, min, max, unit).nullable().defined(`${label} is missing. Give a number, or null for none.`)

const length = (label: string, min: number, max: number) =>
  number()
    .label(label)
    .typeError(`${label} must be a number.`)
    .test(
      'decimals',
      `${label} has more than six decimals of a millimeter. Round it.`,
      (v) => v == null || roundMm(v) === v,
    )
    .min(min, `${label} must be at least ${min} mm.`)
    .max(max, `${label} must be at most ${max} mm. Check for digits too many.`)

/** A length in millimeters, kept to six decimals: every sixty-fourth of an inch is one of these exactly. */
export const mmField = (label: string, min: number, max: number) =>
  length(label, min, max).required(`${label} is missing. Give a number from ${min} to ${max}.`)
export const mmOrNone = (label: string, min: number, max: number) =>
  length(label, min, max).nullable().defined(`${label} is missing. Give a number, or null for none.`)
export const minorField = (label: string, min = 0) => wholeField(label, min, MAX_MINOR, 'minor units')
export const minorOrNone = (label: string) => wholeOrNone(label, 0, MAX_MINOR, 'minor units')
export const ppmField = (label: string, maxPercent = 100) =>
  wholeField(label, 0, maxPercent * 10_000, 'parts per million')

export const realField = (label: string, min: number, max: number) =>
  number()
    .label(label)
    .typeError(`${label} must be a number.`)
    .min(min, `${label} must be at least ${min}.`)
    .max(max, `${label} must be at most ${max}.`)
    .required(`${label} is missing. Give a number from ${min} to ${max}.`)

export const realOrNone = (label: string, min: number, max: number) =>
  number()
    .label(label)
    .typeError(`${label} must be a number.`)
    .min(min, `${label} must be at least ${min}.`)
    .max(max, `${label} must be at most ${max}.`)
    .nullable()
    .defined(`${label} is missing. Give a number, or null for none.`)

export const flagField = (label: string) =>
  boolean()
    .label(label)
    .typeError(`${label} must be true or false.`)
    .required(`${label} is missing. Give true or false.`)

export const choiceField = <const T extends string>(label: string, choices: readonly T[]) =>
  mixed<T>()
    .label(label)
    .oneOf(choices, `${label} must be one of: ${choices.join(', ')}.`)
    .required(`${label} is missing. Choose one of: ${choices.join(', ')}.`)

export const choiceOrNone = <const T extends string>(label: string, choices: readonly T[]) =>
  mixed<T>()
    .label(label)
    .nullable()
    .oneOf([...choices, null], `${label} must be one of: ${choices.join(', ')}.`)
    .defined(`${label} is missing. Choose one of: ${choices.join(', ')}, or null.`)

const day = (label: string) =>
  string()
    .label(label)
    .typeError(`${label} must be a date.`)
    .test('day', `${label} is not a date. Write it as 2026-12-31.`, (v) => v == null || isDay(v))
    .test(
      'era',
      `${label} must lie between 2000 and 2100. Check the year.`,
      (v) => v == null || v.length !== 10 || (v >= '2000-01-01' && v <= '2100-12-31'),
    )

/** A calendar day as ISO text, 2026-12-31; no time, no zone. */
export const dayField = (label: string) => day(label).required(`${label} is missing. Write it as 2026-12-31.`)
export const dayOrNone = (label: string) =>
  day(label).nullable().defined(`${label} is missing. Give a date, or null.`)

/** A path such as `paintKit.tins[0]` as the start of a sentence; Yup calls what is checked itself "this". */
function sentence(path: string | undefined): string {
  return path && path !== 'this' ? `${path[0]?.toUpperCase() ?? ''}${path.slice(1)}` : 'The row'
}

/**
 * A row schema: strict, nothing unknown let through. It is made when it is first called for: a page opens without
 * waiting for some fifty of them.
 */
export function rowSchema<S extends Parameters<typeof object>[0] & object>(shape: () => S) {
  const make = () =>
    object(shape())
      .typeError(({ path }: { path?: string }) => `${sentence(path)} must be a set of named fields.`)
      .strict()
      .noUnknown(
        ({ unknown }: { unknown?: string }) => `${unknown ?? 'A field'} is not known here. Leave it out.`,
      )
  let made: ReturnType<typeof make> | undefined
  return () => (made ??= make())
}

/** A row as its schema lets it through. */
export type RowOf<S extends () => Schema> = InferType<ReturnType<S>>

export type AnyRowSchema = ObjectSchema<Record<string, unknown>>

/** Ids of several rows of one kind. */
export const idsField = (label: string, each: string) =>
  array(idField(each).required())
    .typeError(`${label} must be a list of ids.`)
    .max(60, `${label}: at most sixty.`)
    .required(`${label} is missing. Give a list, empty for none.`)

/** A surface by its word, or one wall, part or opening by its id. */
export const surfaceField = (label: string, words: readonly string[]) =>
  mixed<Surface>()
    .label(label)
    .required(`${label} is missing. Choose a surface.`)
    .test(
      'surface',
      `${label} must be one of: ${words.join(', ')}, or wall:, part: or opening: and its id.`,
      (v) => typeof v === 'string' && isSurface(v),
    )

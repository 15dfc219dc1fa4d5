import { rowDef, type Collection } from '@bonitas/core/model/registry'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import { parsePercent } from '@bonitas/core/kernel/money/rate'
import { readClock } from '@bonitas/core/kernel/units/clock'
import { dayFigures, readDay } from '@bonitas/core/kernel/units/readDay'
import { bearingText, readBearing, readTurn, turnText } from './turn.js'
import { readWeight } from '@bonitas/core/kernel/units/weight'
import { pricedLiters } from '@bonitas/core/kernel/units/liquid'
import { readLength, type UnitSystem } from '@bonitas/core/kernel/units/length'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import { t } from './words.js'

/** How a field is written and read. */
export type FieldKind =
  | 'text'
  | 'length'
  | 'money'
  | 'price by length'
  | 'price by area'
  | 'price by volume'
  | 'percent'
  | 'whole'
  | 'real'
  | 'date'
  | 'turn'
  | 'weight'
  | 'bearing'
  | 'clock'
  | 'room volume'

/**
 * A price is kept by the meter, square or cubic meter, and said by what the studio measures in: how many of these a foot,
 * a square foot, a liter or a gallon is.
 */
const PER = {
  'price by length': { metric: 1, imperial: 0.3048 },
  'price by area': { metric: 1, imperial: 0.3048 ** 2 },
  'price by volume': { metric: pricedLiters('metric') / 1000, imperial: pricedLiters('imperial') / 1000 },
} as const

/** Cubic meters in what a room's volume is said in: cubic meters, or cubic feet. */
const cubicMeters = (system: UnitSystem): number => (system === 'metric' ? 1 : 0.3048 ** 3)

/** How much of a kept price is said: all of it, or what a foot of a meter comes to. */
const priceShare = (kind: FieldKind, system: UnitSystem): number | undefined =>
  kind in PER ? PER[kind as keyof typeof PER][system] : undefined

export interface Locale {
  readonly currency: string
  readonly locale: string
  readonly system: UnitSystem
  /** The ISO day it is where the studio is. */
  readonly today: string
}

export interface Limits {
  readonly label: string
  readonly min: number
  readonly max: number
  readonly nullable: boolean
  /** Longest text the field takes, when it is text. */
  readonly maxLength: number | undefined
}

interface Described {
  readonly label?: string
  readonly nullable?: boolean
  readonly type?: string
  readonly tests?: readonly { readonly name?: string; readonly params?: Readonly<Record<string, unknown>> }[]
}

/** Label and limits of a field, read from its schema, so that they are written down once. */
export function limitsOf(collection: Collection, field: string): Limits {
  const shape = rowDef(collection).schema().fields as unknown as Record<
    string,
    { describe(): Described } | undefined
  >
  const about = shape[field]?.describe() ?? {}
  const param = (name: string): unknown => about.tests?.find((test) => test.name === name)?.params?.[name]
  const number = (value: unknown, otherwise: number) => (typeof value === 'number' ? value : otherwise)
  const max = param('max')
  return {
    label: about.label ?? field,
    min: number(param('min'), 0),
    max: number(max, Number.MAX_SAFE_INTEGER),
    nullable: about.nullable ?? false,
    maxLength: about.type === 'string' && typeof max === 'number' ? max : undefined,
  }
}

/** A stored value as the field shows it at rest. */
export function shownText(kind: FieldKind, value: unknown, habits: Locale): string {
  if (value === null || value === undefined) return ''
  const says = formatterOf(habits)
  if (kind === 'date' && typeof value === 'string') return dayFigures(value, says.locale)
  if (typeof value === 'string') return value
  if (typeof value !== 'number') return ''
  if (kind === 'money') return says.money(value)
  const share = priceShare(kind, says.system)
  if (share !== undefined) return says.money(Math.round(value * share))
  if (kind === 'percent') return says.figure(value / 10_000)
  if (kind === 'length') return says.system === 'metric' ? says.drawn(value) : says.typed(value)
  if (kind === 'turn') return turnText(value)
  if (kind === 'weight') return says.weight(value)
  if (kind === 'bearing') return bearingText(value)
  if (kind === 'clock') return says.clock(value)
  if (kind === 'room volume') return says.figure(Math.round((10 * value) / cubicMeters(says.system)) / 10)
  return says.figure(value)
}

/** The same while it is edited: figures without thousands and signs, which only get in the way. */
export function editText(kind: FieldKind, value: unknown, locale: Locale): string {
  if (typeof value === 'number') {
    const share = kind === 'money' ? 1 : priceShare(kind, locale.system)
    if (share !== undefined) return formatterOf(locale).amount(Math.round(value * share))
  }
  if (kind === 'length' && typeof value === 'number' && locale.system === 'metric')
    return formatterOf(locale).figure(value)
  return shownText(kind, value, locale)
}

/**
 * Reads what was typed.
 * @returns the value to keep; null for an empty field that may be empty
 * @throws {InputError} with the label of the field
 */
export function readText(kind: FieldKind, text: string, limits: Limits, locale: Locale): unknown {
  const { label, min, max, nullable } = limits
  if (kind === 'text') return text.replace(/\s*\n\s*/g, ' ').trim()
  if (text.trim() === '' && nullable) return null
  if (kind === 'money') return parseMoney(text, locale.currency, label)
  const share = priceShare(kind, locale.system)
  if (share !== undefined) return Math.round(parseMoney(text, locale.currency, label) / share)
  if (kind === 'percent') return parsePercent(text, label, max / 10_000)
  if (kind === 'length') return readLength(text, { label, system: locale.system, minMm: min, maxMm: max })
  if (kind === 'turn') return readTurn(text)
  if (kind === 'bearing') return readBearing(text, label)
  if (kind === 'clock') return readClock(text, label)
  if (kind === 'weight') return readWeight(text, limits, locale.system)
  if (kind === 'date') return text.trim() === '' ? null : readDay(text, locale.locale, locale.today, label)
  // Some countries write the minus as a sign of its own.
  const typed = Number(text.replace(',', '.').replace(/[−–]/g, '-').replace(/\s/g, ''))
  if (
    text.trim() === '' ||
    text.length > 30 ||
    !Number.isFinite(typed) ||
    (kind === 'whole' && !Number.isInteger(typed))
  )
    throw new InputError('NUMBER_NOT_READ', {
      what: kind === 'whole' ? t('isNotAWholeNumber') : t('isNotANumber'),
      where: label,
      fix: max < 1e9 ? t('writeANumberFromMin', { min, max }) : t('writeANumber'),
    })
  return kind === 'room volume' ? typed * cubicMeters(locale.system) : typed
}

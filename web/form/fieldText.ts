import { rowDef, type Collection } from '@bonitas/core/model/registry'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { minorToDecimal } from '@bonitas/core/kernel/money/currency'
import { moneyText } from '@bonitas/core/kernel/money/moneyText'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import { parsePercent, percentText } from '@bonitas/core/kernel/money/rate'
import { dayFigures, readDay } from '@bonitas/core/kernel/units/readDay'
import { bearingText, readBearing, readTurn, turnText } from './turn.js'
import { readWeight, weightText } from '@bonitas/core/kernel/units/weight'
import { lengthText, mmText, readLength, type UnitSystem } from '@bonitas/core/kernel/units/length'

/** How a field is written and read. */
export type FieldKind =
  'text' | 'length' | 'money' | 'percent' | 'whole' | 'real' | 'date' | 'turn' | 'weight' | 'bearing'

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
  const param = (name: string): unknown => about.tests?.find((t) => t.name === name)?.params?.[name]
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
export function shownText(kind: FieldKind, value: unknown, { currency, system, locale }: Locale): string {
  if (value === null || value === undefined) return ''
  if (kind === 'date' && typeof value === 'string') return dayFigures(value, locale)
  if (typeof value === 'string') return value
  if (typeof value !== 'number') return ''
  if (kind === 'money') return moneyText(value, currency, locale)
  if (kind === 'percent') return percentText(value)
  if (kind === 'length') return system === 'metric' ? mmText(value) : lengthText(value, system)
  if (kind === 'turn') return turnText(value)
  if (kind === 'weight') return weightText(value, system)
  if (kind === 'bearing') return bearingText(value)
  return String(value)
}

/** The same while it is edited: figures without thousands and signs, which only get in the way. */
export function editText(kind: FieldKind, value: unknown, locale: Locale): string {
  if (kind === 'money' && typeof value === 'number') return minorToDecimal(value, locale.currency)
  if (kind === 'length' && typeof value === 'number' && locale.system === 'metric') return String(value)
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
  if (kind === 'percent') return parsePercent(text, label, max / 10_000)
  if (kind === 'length') return readLength(text, { label, system: locale.system, minMm: min, maxMm: max })
  if (kind === 'turn') return readTurn(text)
  if (kind === 'bearing') return readBearing(text, label)
  if (kind === 'weight') return readWeight(text, limits, locale.system)
  if (kind === 'date') return text.trim() === '' ? null : readDay(text, locale.locale, locale.today, label)
  const number = Number(text.replace(',', '.').replace(/\s/g, ''))
  if (
    text.trim() === '' ||
    text.length > 30 ||
    !Number.isFinite(number) ||
    (kind === 'whole' && !Number.isInteger(number))
  )
    throw new InputError('NUMBER_NOT_READ', {
      what: `is not a ${kind === 'whole' ? 'whole ' : ''}number`,
      where: label,
      fix: max < 1e9 ? `Write a number from ${min} to ${max}.` : 'Write a number.',
    })
  return number
}

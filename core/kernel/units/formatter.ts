import { moneyColumnText, moneyFiguresText, moneyText } from '../money/moneyText.js'
import { clockText } from './clock.js'
import { dayText, monthText } from './days.js'
import { drawingText, lengthText, measuredText, type Mm, type UnitSystem } from './length.js'
import { liquidFigure, liquidText, spreadFigure, tinSizeText } from './liquid.js'
import { weightText } from './weight.js'
import { minorToDecimal } from '../money/currency.js'

/** How a studio writes what is measured and counted. */
export interface Habits {
  readonly system: UnitSystem
  /** BCP 47: decides decimals, thousands and the order of a day. */
  readonly locale: string
  /** ISO 4217. */
  readonly currency: string
}

/**
 * The one way a measure, an amount or a day becomes text: on screen, in findings and their fixes, on drawings, papers and
 * files. Rules receive it as `says`. What it writes can be typed into a field of its kind.
 */
export interface Formatter extends Habits {
  /** A computed length in running words: `760 mm`, `2' 6"`. */
  readonly length: (mm: Mm) => string
  /** A length as it was typed, to the sixty-fourth of an inch. */
  readonly typed: (mm: Mm) => string
  /** A computed length on a drawing or in a column that names its unit: `760`, `2' 6"`. */
  readonly drawn: (mm: Mm) => string
  /** From one length to another, the unit said once: `350 to 460 mm`. */
  readonly span: (fromMm: Mm, toMm: Mm) => string
  /** The sides of a thing, nothing where none is known: `600 × 400 mm`, `2' × 1' 4"`. */
  readonly sides: (mm: readonly Mm[]) => string
  /** Several lengths in a row: `40, 55, 60 mm`. */
  readonly lengths: (mm: readonly Mm[]) => string
  /** A run of wall: meters to the centimeter, or feet and inches. */
  readonly run: (mm: Mm) => string
  /** A difference of lengths finer than a length is told: `1.5 mm`, `0.06"`. */
  readonly fine: (mm: Mm) => string
  readonly area: (mm2: number, decimals?: number) => string
  /** A small area: square centimeters or square inches. */
  readonly smallArea: (mm2: number) => string
  readonly volume: (mm3: number) => string
  /** What storage holds: liters, or cubic feet. */
  readonly capacity: (liters: number) => string
  readonly weight: (grams: number) => string
  /** How much liquid, with its unit. */
  readonly liquid: (liters: number, decimals?: number) => string
  /** How much liquid, for a column that names its unit. */
  readonly liquidFigure: (liters: number) => string
  /** A tin as its label says. */
  readonly tin: (ml: number) => string
  /** A rate of spreading, with its unit: `12 m²/L`, `489 sq ft/gal`. */
  readonly spread: (m2PerLiter: number) => string
  readonly light: (lux: number) => string
  /** A number to so many decimals. */
  readonly number: (value: number, decimals?: number) => string
  /** A number as it is typed into a field: every decimal it has, no thousands set apart. */
  readonly figure: (value: number) => string
  /** A share as percent, with the first decimal where it is small. */
  readonly percent: (share: number) => string
  readonly money: (minor: number) => string
  /** An amount as it is typed into a field: no sign, no thousands. */
  readonly amount: (minor: number) => string
  /** With every decimal, for columns. */
  readonly moneyColumn: (minor: number) => string
  /** The figures alone, where the head of the table names the currency; `whole` when no sum of it has decimals. */
  readonly moneyFigures: (minor: number, whole: boolean) => string
  /** A day: `9 Jan`, with its year when it is not the one given. */
  readonly day: (iso: string, thisYear?: string) => string
  /** A month of the year, 1 to 12, by its name. */
  readonly month: (month: number) => string
  /** A time of day, given in minutes after midnight: `08:30`, `8:30 AM`. */
  readonly clock: (minutes: number) => string
  /** How long work takes: `45 min`, `3 h 20 min`; to five minutes where it is more than an hour. */
  readonly duration: (minutes: number) => string
  /** How many of a thing: `1 change`, `2 changes`. */
  readonly count: (n: number, one: string, many?: string) => string
}

const numbers = new Map<string, Intl.NumberFormat>()

/** A number in the writing of a country. */
export function numberText(value: number, locale: string, decimals = 0): string {
  const key = `${locale} ${decimals}`
  let format = numbers.get(key)
  if (!format) {
    format = new Intl.NumberFormat(locale, {
      minimumFractionDigits: decimals,
      maximumFractionDigits: decimals,
    })
    numbers.set(key, format)
  }
  // What rounds to nothing is 0, not −0.
  return format.format(Math.abs(value) < 0.5 / 10 ** decimals ? 0 : value)
}

/** What stands before the decimals in a country. */
const decimalMark = (locale: string): string => numberText(1.5, locale, 1).replace(/[15]/g, '')

const made = new Map<string, Formatter>()

/** The formatter of a studio: the same object for the same habits. */
export function formatterOf({ system, locale, currency }: Habits): Formatter {
  const key = `${system} ${locale} ${currency}`
  const known = made.get(key)
  if (known) return known
  const formatter = make(system, locale, currency)
  made.set(key, formatter)
  return formatter
}

/** What an acceptance rests on is written in these, so that a studio that changes its habits keeps what it accepted. */
export const plainFormatter = (currency: string): Formatter =>
  formatterOf({ system: 'metric', locale: 'en-IE', currency })

function make(system: UnitSystem, locale: string, currency: string): Formatter {
  const metric = system === 'metric'
  const number = (value: number, decimals = 0) => numberText(value, locale, decimals)
  const length = (mm: Mm) => measuredText(mm, system)
  const drawn = (mm: Mm) => drawingText(mm, system)
  const unit = metric ? ' mm' : ''
  return {
    system,
    locale,
    currency,
    length,
    typed: (mm) => lengthText(mm, system),
    drawn,
    span: (from, to) => `${drawn(from)} to ${drawn(to)}${unit}`,
    sides: (all) => (all.length === 0 ? '' : `${all.map(drawn).join(' × ')}${unit}`),
    lengths: (all) => (all.length === 0 ? '' : `${all.map(drawn).join(', ')}${unit}`),
    run: (mm) => (metric ? `${number(mm / 1000, 2)} m` : lengthText(mm, 'imperial')),
    fine: (mm) => (metric ? `${number(mm, 1)} mm` : `${number(mm / 25.4, 2)}"`),
    area: (mm2, decimals = 1) =>
      metric ? `${number(mm2 / 1e6, decimals)} m²` : `${number(mm2 / SQUARE_FOOT_MM2)} sq ft`,
    smallArea: (mm2) => (metric ? `${number(mm2 / 100)} cm²` : `${number(mm2 / SQUARE_INCH_MM2)} sq in`),
    volume: (mm3) => (metric ? `${number(mm3 / 1e9, 1)} m³` : `${number(mm3 / CUBIC_FOOT_MM3)} cu ft`),
    capacity: (liters) =>
      metric ? `${number(liters)} L` : `${number((liters * 1e6) / CUBIC_FOOT_MM3, 1)} cu ft`,
    weight: (grams) => weightText(grams, system, locale),
    liquid: (liters, decimals) => liquidText(liters, system, locale, decimals),
    liquidFigure: (liters) => liquidFigure(liters, system, locale),
    tin: (ml) => tinSizeText(ml, system, locale),
    spread: (m2PerLiter) => `${spreadFigure(m2PerLiter, system, locale)} ${metric ? 'm²/L' : 'sq ft/gal'}`,
    light: (lux) => `${number(lux)} lx`,
    number,
    figure: (value) => value.toLocaleString(locale, { maximumFractionDigits: 9, useGrouping: false }),
    percent: (share) => `${number(100 * share, share < 0.1 ? 1 : 0)} %`,
    money: (minor) => moneyText(minor, currency, locale),
    amount: (minor) => minorToDecimal(minor, currency).replace('.', decimalMark(locale)),
    moneyColumn: (minor) => moneyColumnText(minor, currency, locale),
    moneyFigures: (minor, whole) => moneyFiguresText(minor, currency, locale, whole),
    day: (iso, thisYear) => dayText(iso, thisYear, locale),
    month: (month) => monthText(month, locale),
    clock: (minutes) => clockText(minutes, locale),
    duration: (minutes) => durationText(minutes, number),
    count: (n, one, many = `${one}s`) => `${number(n)} ${n === 1 ? one : many}`,
  }
}

function durationText(minutes: number, number: (value: number) => string): string {
  const rounded = Math.round(minutes)
  if (rounded < 60) return `${number(rounded)} min`
  const [hours, rest] = [Math.floor(rounded / 60), rounded % 60]
  return rest === 0 ? `${number(hours)} h` : `${number(hours)} h ${number(rest)} min`
}

/** 304.8² mm², exactly. */
const SQUARE_FOOT_MM2 = 92_903.04
/** 25.4² mm², exactly. */
const SQUARE_INCH_MM2 = 645.16
/** 304.8³ mm³, exactly. */
const CUBIC_FOOT_MM3 = 28_316_846.592

import { InputError } from '../errors/InputError.js'
import { roundMm } from './mm.js'

/** Millimeters with six decimals at most: the only length the core knows. */
export type Mm = number
export type UnitSystem = 'metric' | 'imperial'

const MM_PER: Readonly<Record<string, number>> = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8, yd: 914.4 }
const VULGAR: Readonly<Record<string, string>> = {
  '½': ' 1/2',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
  '⅓': ' 1/3',
  '⅔': ' 2/3',
}

export interface LengthField {
  /** The field's name, for the message. */
  readonly label?: string
  /** What a bare number means first: millimeters, or inches. */
  readonly system?: UnitSystem
  /** What this field may hold; a bare number is read in the unit that lands inside. */
  readonly minMm?: Mm
  readonly maxMm?: Mm
}

const NUMBER = String.raw`(\d{1,7}(?:[.,]\d{1,6})?)`
// Whole inches with or without a fraction, or a fraction alone. The gap before the fraction is required: without it
// 15/16 would read as 1 and 5/16.
const INCHES = String.raw`(?:(\d{1,5}(?:[.,]\d{1,6})?)(?:(?:\s+|\s*-\s*)(\d{1,3})\s*\/\s*(\d{1,3}))?|(\d{1,3})\s*\/\s*(\d{1,3}))`
const FEET_AND_INCHES = new RegExp(
  String.raw`^${NUMBER}\s*(?:'|ft|feet|foot)\s*-?\s*(?:${INCHES}\s*(?:"|in|inch|inches)?)?$`,
)
const INCHES_ONLY = new RegExp(String.raw`^${INCHES}\s*(?:"|in|inch|inches)$`)
const BARE_FRACTION = /^(?:(\d{1,5})\s+)?(\d{1,3})\s*\/\s*(\d{1,3})$/
const WITH_UNIT = new RegExp(
  String.raw`^${NUMBER}\s*(mm|cm|m|ft|yd|millimeters?|centimeters?|meters?|metres?)$`,
)
const BARE = new RegExp(`^${NUMBER}$`)

const decimal = (text: string | undefined): number => (text ? Number(text.replace(',', '.')) : 0)

/** Inches from the groups of {@link INCHES}, the first of which stands at `at`. */
function inchesOf(found: RegExpExecArray, at: number): number {
  const [whole, top, bottom, aloneTop, aloneBottom] = found.slice(at, at + 5)
  const fraction = (a: string | undefined, b: string | undefined) => (a && b ? Number(a) / Number(b) : 0)
  return decimal(whole) + fraction(top, bottom) + fraction(aloneTop, aloneBottom)
}

/**
 * Reads a length as it is written or spoken: `12' 4 1/2"`, `6'6`, `35 1/2`, `3.76 m`, `3,76m`, `376`, `3760 mm`.
 *
 * A bare number is tried in the units of the system (millimeters, centimeters, meters; or inches, feet)
 * and taken in the first that lands inside the field's limits, so `376` and `3.76` are both 3 760 mm in a
 * field for the length of a room. What may be as long as a room is told to no tenth of a millimeter: there a bare `3.76` is meters,
 * however short a wall may be. A fraction without a unit is in inches.
 *
 * @returns millimeters to six decimals: every sixty-fourth of an inch exactly
 * @throws {InputError} `LENGTH_EMPTY`, `LENGTH_NOT_READ`, `LENGTH_OUT_OF_RANGE`
 */
export function readLength(text: string, field: LengthField = {}): number {
  const { label = 'Length', system = 'metric', minMm = 0, maxMm = 1_000_000 } = field
  const refuse = (code: string, what: string, fix: string): never => {
    throw new InputError(code, { what, where: label, fix })
  }
  const examples = system === 'metric' ? `3.76 m, 376 cm or 3760` : `12' 4 1/2" or 148.5 in`
  const shown = text
    .slice(0, 60)
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (c) => VULGAR[c] ?? c)
    .replace(/[′’‘´`]/g, "'")
    .replace(/''|[″“”]/g, '"')
    .replace(/(\d)[\u00a0\u2009\u202f](?=\d{3}\b)/g, '$1')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase()
  if (shown === '') return refuse('LENGTH_EMPTY', 'is empty', `Write it as ${examples}.`)
  if (/^[-−–]/.test(shown))
    return refuse('LENGTH_OUT_OF_RANGE', 'is negative', 'Write it without a minus sign.')
  // Rounding takes the binary dust off 35.5 × 25.4 before anything is compared with a limit.
  const candidates = text.length > 60 ? [] : readCandidates(shown, system).map(roundMm)
  if (candidates.length === 0 || candidates.some((mm) => !Number.isFinite(mm)))
    return refuse('LENGTH_NOT_READ', 'is not a length', `Write it as ${examples}.`)
  const fits = candidates.filter((mm) => mm >= minMm && mm <= maxMm)
  const inMeters = system === 'metric' && minMm > 0 && maxMm >= ROOM_LONG_MM && DECIMALS.test(shown)
  const inside = inMeters ? fits.at(-1) : fits[0]
  if (inside === undefined)
    return refuse(
      'LENGTH_OUT_OF_RANGE',
      `must lie between ${lengthText(minMm, system)} and ${lengthText(maxMm, system)}`,
      'Check the number and its unit.',
    )
  return inside
}

/** What may be this long is measured like a room. */
const ROOM_LONG_MM = 50_000
/** A bare number with decimals, small enough to be meters of a wall: `3.76`, `12,5`. */
const DECIMALS = /^[01]?\d[.,]\d{1,3}$/

function readCandidates(shown: string, system: UnitSystem): number[] {
  let found = FEET_AND_INCHES.exec(shown)
  if (found) return [decimal(found[1]) * 304.8 + inchesOf(found, 2) * 25.4]
  found = INCHES_ONLY.exec(shown)
  if (found) return [inchesOf(found, 1) * 25.4]
  found = BARE_FRACTION.exec(shown)
  if (found) return [(decimal(found[1]) + Number(found[2]) / Number(found[3])) * 25.4]
  found = WITH_UNIT.exec(shown)
  if (found) {
    const word = found[2] ?? ''
    const unit = MM_PER[word] ?? MM_PER[word.startsWith('mi') ? 'mm' : word.startsWith('c') ? 'cm' : 'm'] ?? 1
    return [decimal(found[1]) * unit]
  }
  // "2 440": thousands set apart by a space, as on a drawing
  found = BARE.exec(/^\d{1,3} \d{3}$/.test(shown) ? shown.replace(' ', '') : shown)
  if (!found) return []
  const value = decimal(found[1])
  return (system === 'metric' ? ['mm', 'cm', 'm'] : ['in', 'ft']).map((unit) => value * (MM_PER[unit] ?? 1))
}

const THIN = '\u2009'

/** Whole millimeters with thousands set apart, as on a drawing: 2 440. No unit. */
export function mmText(mm: Mm): string {
  return String(Math.round(mm)).replace(/\B(?=(\d{3})+(?!\d))/g, THIN)
}

/** Inches as a tape shows them: 3 15/16, 96, 1/2. No unit. */
export function inchesText(mm: number): string {
  return inchFraction(sixtyFourths(mm))
}

/**
 * A length in sixty-fourths of an inch: what was typed to the thirty-second or sixty-fourth as it was typed, anything else
 * to the sixteenth a tape is read to.
 */
function sixtyFourths(mm: number): number {
  const exact = (mm / 25.4) * 64
  const near = Math.round(exact)
  return Math.abs(exact - near) < 1e-4 ? near : Math.round(exact / 4) * 4
}

function inchFraction(of64: number): string {
  const whole = Math.floor(of64 / 64)
  let top = of64 % 64
  let bottom = 64
  while (top > 0 && top % 2 === 0) {
    top /= 2
    bottom /= 2
  }
  const fraction = top > 0 ? `${top}/${bottom}` : ''
  return whole > 0 ? (fraction ? `${whole} ${fraction}` : String(whole)) : fraction || '0'
}

/** A length for people, with its unit: `3 760 mm`, or `12' 4 1/2"` as a tape shows it. */
export function lengthText(mm: Mm, system: UnitSystem = 'metric'): string {
  if (system === 'metric') return `${mmText(mm)} mm`
  const all = sixtyFourths(mm)
  const sign = all < 0 ? '−' : ''
  const feet = Math.floor(Math.abs(all) / (12 * 64))
  const inches = inchFraction(Math.abs(all) - feet * 12 * 64)
  return feet === 0 ? `${sign}${inches}"` : `${sign}${feet}' ${inches}"`
}

/** One sixteenth of an inch, mm: as fine as a tape is read. */
const SIXTEENTH = 25.4 / 16

/**
 * A length that was computed, or stands on a drawing: whole millimeters without a unit, or feet and inches to the
 * sixteenth. What was typed is shown by `lengthText`, which keeps every sixty-fourth.
 */
export function drawingText(mm: Mm, system: UnitSystem): string {
  return system === 'metric' ? mmText(mm) : lengthText(Math.round(mm / SIXTEENTH) * SIXTEENTH, system)
}

/** The same in running words, where metric needs its unit too: `914 mm`, `3' 0"`. */
export function measuredText(mm: Mm, system: UnitSystem): string {
  return system === 'metric' ? lengthText(mm, system) : drawingText(mm, system)
}

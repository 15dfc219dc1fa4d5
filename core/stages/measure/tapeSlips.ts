import type { Formatter } from '../../kernel/units/formatter.js'
import { roundMm } from '../../kernel/units/mm.js'

/** How a length that was read can have gone wrong. */
export type LengthSlip =
  | 'swapped digits'
  | 'inch read as centimeter'
  | 'tape begun past its end'
  | 'one digit'
  | 'decimal point'
  | 'length'

/** The marks at which a tape is begun when its hook cannot be: 10 cm; an inch or a foot (common practice). */
const BEGUN_AT = { metric: [100], imperial: [25.4, 304.8] } as const

/** The figure with two neighboring digits in the wrong order, each way it can be. */
function swaps(figure: number): number[] {
  const digits = String(figure)
  return Array.from({ length: digits.length - 1 }, (_, i) =>
    Number(digits.slice(0, i) + (digits[i + 1] ?? '') + (digits[i] ?? '') + digits.slice(i + 2)),
  ).filter((n) => n !== figure)
}

/** The figure with one digit read as another, each way it can be; a first digit is no nought. */
function misread(figure: number): number[] {
  const digits = String(figure)
  return Array.from(digits).flatMap((was, i) =>
    Array.from({ length: 10 }, (_, digit) => digit)
      .filter((digit) => String(digit) !== was && !(digit === 0 && i === 0 && digits.length > 1))
      .map((digit) => Number(digits.slice(0, i) + String(digit) + digits.slice(i + 1))),
  )
}

/** Sixty-fourths of an inch in an inch, and in a foot. */
const [INCH, FOOT] = [64, 12 * 64]

/** Lengths that the figures on a page could have been, by system: whole millimeters, or feet and inches with their fraction. */
function figuresOf(readMm: number, says: Formatter, change: (figure: number) => number[]): number[] {
  if (says.system === 'metric') return change(Math.round(readMm))
  const all = Math.round((readMm / 25.4) * INCH)
  const [feet, inches, rest] = [Math.floor(all / FOOT), Math.floor((all % FOOT) / INCH), all % INCH]
  const mm = (f: number, i: number) => roundMm(((f * FOOT + i * INCH + rest) * 25.4) / INCH)
  return [
    ...change(feet).map((f) => mm(f, inches)),
    ...change(inches)
      .filter((i) => i < 12)
      .map((i) => mm(feet, i)),
  ]
}

/** The last figure of the feet and a one-figure inch, changed about: 12' 4" for 14' 2". */
function feetForInches(readMm: number, says: Formatter): number[] {
  if (says.system === 'metric') return []
  const all = Math.round((readMm / 25.4) * INCH)
  const [feet, inches, rest] = [Math.floor(all / FOOT), Math.floor((all % FOOT) / INCH), all % INCH]
  if (inches > 9 || feet % 10 === inches) return []
  const other = feet - (feet % 10) + inches
  return [roundMm(((other * FOOT + (feet % 10) * INCH + rest) * 25.4) / INCH)]
}

/**
 * The likeliest slip that turns what was meant into the reading, and the exact length it stands for. Figures are those a
 * person wrote: digits of millimeters, or of feet and of inches.
 *
 * @param wantedMm what would close the run
 * @param withinMm how near a slip must land to be named
 */
export function slipOf(
  readMm: number,
  wantedMm: number,
  withinMm: number,
  says: Formatter,
): { slip: LengthSlip; mm: number } {
  const near = (mm: number) => Math.abs(mm - wantedMm) <= withinMm
  const swapped = [...figuresOf(readMm, says, swaps), ...feetForInches(readMm, says)].find(near)
  if (swapped !== undefined) return { slip: 'swapped digits', mm: swapped }
  for (const mm of [readMm * 2.54, readMm / 2.54])
    if (near(mm)) return { slip: 'inch read as centimeter', mm: Math.round(mm) }
  if (says.system === 'metric')
    for (const mm of [readMm * 10, readMm / 10])
      if (near(mm)) return { slip: 'decimal point', mm: Math.round(mm) }
  const other = figuresOf(readMm, says, misread)
    .filter(near)
    .sort((a, b) => Math.abs(a - wantedMm) - Math.abs(b - wantedMm))[0]
  for (const mm of BEGUN_AT[says.system].flatMap((at) => [roundMm(readMm - at), roundMm(readMm + at)]))
    if (near(mm)) return { slip: mm === other ? 'one digit' : 'tape begun past its end', mm }
  if (other !== undefined) return { slip: 'one digit', mm: other }
  return { slip: 'length', mm: Math.round(wantedMm) }
}

/** What a slip would mean, by the length that was read and the one that was meant. */
export function saySlip(slip: LengthSlip, readMm: number, mm: number, says: Formatter): string {
  const [read, meant] = [says.typed(readMm), says.typed(mm)]
  switch (slip) {
    case 'swapped digits':
      return `${read} may be ${meant} with two digits changed about`
    case 'inch read as centimeter':
      return mm > readMm
        ? `${read} may be inches written down as centimeters: ${meant}`
        : `${read} may be centimeters written down as inches: ${meant}`
    case 'decimal point':
      return `${read} may be ${meant} with the point in the wrong place`
    case 'tape begun past its end':
      return `${read} may be ${meant}: a tape started at its ${says.length(Math.abs(mm - readMm))} mark and not set right`
    case 'one digit':
      return `${read} may be ${meant}: one digit misread`
    case 'length':
      return `it runs the way of the gap; ${meant} instead of ${read} would close it`
  }
}

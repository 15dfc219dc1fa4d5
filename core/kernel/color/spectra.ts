import { InputError } from '../errors/InputError.js'
import { DAYLIGHT_TABLES, OBSERVER_TABLES, TABLE_FROM_NM, TABLE_STEP_NM } from './spectralTables.js'

/** Values at {@link WAVELENGTHS_NM}. */
export type Spectrum = Float64Array
export type Xyz = readonly [x: number, y: number, z: number]
export type ObserverDeg = 2 | 10

const STEP_NM = 5
const COUNT = 81
/** 380 to 780 nm in steps of 5 nm. */
export const WAVELENGTHS_NM: readonly number[] = Array.from({ length: COUNT }, (_, i) => 380 + STEP_NM * i)

const clampIndex = (table: readonly number[], i: number) =>
  table[Math.min(Math.max(i, 0), table.length - 1)] ?? 0

/** A table of 10 nm steps at any wavelength: cubic Lagrange, as CIE 15 recommends for tables of equal steps. */
function cubic(table: readonly number[], nm: number): number {
  const x = (nm - TABLE_FROM_NM) / TABLE_STEP_NM
  const i = Math.floor(x)
  const f = x - i
  return (
    (-f * (f - 1) * (f - 2) * clampIndex(table, i - 1)) / 6 +
    ((f + 1) * (f - 1) * (f - 2) * clampIndex(table, i)) / 2 -
    ((f + 1) * f * (f - 2) * clampIndex(table, i + 1)) / 2 +
    ((f + 1) * f * (f - 1) * clampIndex(table, i + 2)) / 6
  )
}

/** Daylight is interpolated linearly, because that is how CIE 15 defines it between its 10 nm values. */
function linear(table: readonly number[], nm: number): number {
  const x = (nm - TABLE_FROM_NM) / TABLE_STEP_NM
  const i = Math.floor(x)
  return clampIndex(table, i) * (1 - (x - i)) + clampIndex(table, i + 1) * (x - i)
}

const sampled = (at: (nm: number) => number): Spectrum => Float64Array.from(WAVELENGTHS_NM, at)

/**
 * Color-matching functions at 5 nm, scaled so that the equal-energy spectrum has X = Y = Z, which the CIE's
 * finer tables have and sums of these lack by 0.06 %.
 */
function observer(deg: ObserverDeg): readonly [Spectrum, Spectrum, Spectrum] {
  const raw = OBSERVER_TABLES[deg].map((table) => sampled((nm) => cubic(table, nm)))
  const [x, y, z] = raw as [Spectrum, Spectrum, Spectrum]
  const sum = (s: Spectrum) => s.reduce((total, v) => total + v, 0)
  const scale = (s: Spectrum) => s.map((v) => (v * sum(y)) / sum(s))
  return [scale(x), y, scale(z)]
}
export const OBSERVERS: Readonly<Record<ObserverDeg, readonly [Spectrum, Spectrum, Spectrum]>> = {
  2: observer(2),
  10: observer(10),
}

/**
 * Tristimulus values of a surface under a light, Y = 100 for the perfect diffuser.
 *
 * @param reflectance 0 to 1 at {@link WAVELENGTHS_NM}; left out, the white point of the light itself
 */
export function tristimulus(light: Spectrum, reflectance?: Spectrum, deg: ObserverDeg = 2): Xyz {
  const [xs, ys, zs] = OBSERVERS[deg]
  let [x, y, z, norm] = [0, 0, 0, 0]
  for (let i = 0; i < COUNT; i++) {
    const e = light[i] ?? 0
    const v = reflectance ? e * (reflectance[i] ?? 0) : e
    x += v * (xs[i] ?? 0)
    y += v * (ys[i] ?? 0)
    z += v * (zs[i] ?? 0)
    norm += e * (ys[i] ?? 0)
  }
  return [(100 * x) / norm, (100 * y) / norm, (100 * z) / norm]
}

export function chromaticity([x, y, z]: Xyz): readonly [x: number, y: number] {
  const sum = x + y + z
  return [x / sum, y / sum]
}

/**
 * Chromaticity of CIE daylight.
 *
 * @param cct correlated color temperature, 4 000 to 25 000 K
 * @throws {InputError} `CCT_OUT_OF_RANGE`
 * @see CIE 15, the daylight locus
 */
export function daylightChromaticity(cct: number): readonly [x: number, y: number] {
  if (!(cct >= 4000 && cct <= 25_000))
    throw new InputError('CCT_OUT_OF_RANGE', {
      what: 'lies outside the daylight locus',
      where: 'Color temperature',
      fix: 'Daylight is defined from 4000 K to 25000 K.',
    })
  const t = 1000 / cct
  const x =
    cct <= 7000
      ? -4.607 * t ** 3 + 2.9678 * t ** 2 + 0.09911 * t + 0.244063
      : -2.0064 * t ** 3 + 1.9018 * t ** 2 + 0.24748 * t + 0.23704
  return [x, -3 * x * x + 2.87 * x - 0.275]
}

/**
 * Spectrum of CIE daylight. D65 is 6504 K: its 6500 were given under an older radiation constant.
 * @throws {InputError} `CCT_OUT_OF_RANGE`
 * @see CIE 15, method of calculating the D illuminants
 */
export function daylight(cct: number): Spectrum {
  const [x, y] = daylightChromaticity(cct)
  const m = 0.0241 + 0.2562 * x - 0.7341 * y
  const m1 = (-1.3515 - 1.7703 * x + 5.9114 * y) / m
  const m2 = (0.03 - 31.4424 * x + 30.0717 * y) / m
  const [s0, s1, s2] = DAYLIGHT_TABLES
  return sampled((nm) => linear(s0, nm) + m1 * linear(s1, nm) + m2 * linear(s2, nm))
}

/** Spectrum of a black body, c2 = 1.4388e-2 m·K, 100 at 560 nm. */
export function blackBody(kelvin: number): Spectrum {
  const at = (nm: number, c2: number) => nm ** -5 / Math.expm1(c2 / nm / kelvin)
  return sampled((nm) => (100 * at(nm, 1.4388e7)) / at(560, 1.4388e7))
}

/** CIE standard illuminant A, by its defining formula (CIE 15): a filament lamp, 2856 K. */
export function illuminantA(): Spectrum {
  return sampled(
    (nm) => (100 * (560 / nm) ** 5 * Math.expm1(1.435e7 / (2848 * 560))) / Math.expm1(1.435e7 / (2848 * nm)),
  )
}

// Centers of the nominal color temperatures of lamps (ANSI C78.377, from memory).
const LED_CENTERS: Readonly<Record<number, readonly [number, number]>> = {
  2700: [0.4578, 0.4101],
  3000: [0.4338, 0.403],
  3500: [0.4073, 0.3917],
  4000: [0.3818, 0.3797],
  5000: [0.3447, 0.3553],
}
export const LED_CCTS = [2700, 3000, 3500, 4000, 5000] as const
export type LedCct = (typeof LED_CCTS)[number]

// A blue pump and two phosphors: peak and width at half height, nm. Typical of household lamps (common practice).
const LED_BANDS = [
  [452, 20],
  [540, 105],
  [622, 95],
] as const

/**
 * Spectrum of a white LED of a nominal color temperature: a blue pump and two phosphors, mixed so that the
 * chromaticity is the nominal one. A model of the type, not of any lamp.
 *
 * @see Ohno, Optical Engineering 44(11), 2005, for bands of this form (from memory)
 */
export function led(cct: LedCct): Spectrum {
  const [x, y] = LED_CENTERS[cct] ?? [1 / 3, 1 / 3]
  const wanted: Xyz = [x / y, 1, (1 - x - y) / y]
  const bands = LED_BANDS.map(([peak, width]) => sampled((nm) => band(nm, peak, width)))
  const weights = solve3(
    bands.map((b) => sums(b)),
    wanted,
  )
  return sampled((nm) => {
    const i = (nm - 380) / STEP_NM
    return bands.reduce((sum, b, k) => sum + (weights[k] ?? 0) * (b[i] ?? 0), 0)
  })
}

/** Ohno's band: a Gaussian and its fifth power, which sharpens the top. */
function band(nm: number, peak: number, width: number): number {
  const g = Math.exp(-(((nm - peak) / width) ** 2))
  return (g + 2 * g ** 5) / 3
}

function sums(light: Spectrum): Xyz {
  const [xs, ys, zs] = OBSERVERS[2]
  const dot = (f: Spectrum) => f.reduce((sum, v, i) => sum + v * (light[i] ?? 0), 0)
  return [dot(xs), dot(ys), dot(zs)]
}

/** Weights of three columns that add up to the wanted one (Cramer's rule). */
function solve3(columns: readonly Xyz[], wanted: Xyz): number[] {
  const det = (a: Xyz, b: Xyz, c: Xyz) =>
    a[0] * (b[1] * c[2] - c[1] * b[2]) -
    b[0] * (a[1] * c[2] - c[1] * a[2]) +
    c[0] * (a[1] * b[2] - b[1] * a[2])
  const [a, b, c] = columns as [Xyz, Xyz, Xyz]
  const whole = det(a, b, c)
  return [det(wanted, b, c) / whole, det(a, wanted, c) / whole, det(a, b, wanted) / whole]
}

/**
 * Correlated color temperature from chromaticity.
 * @see McCamy, Color Research & Application 17, 1992 (cubic, constants from memory)
 */
export function cctOf([x, y]: readonly [x: number, y: number]): number {
  const n = (x - 0.332) / (0.1858 - y)
  return 449 * n ** 3 + 3525 * n ** 2 + 6823.3 * n + 5520.33
}

/** Two lights together, each scaled to its part of the luminance first. */
export function mixLights(parts: readonly { readonly light: Spectrum; readonly share: number }[]): Spectrum {
  const out = new Float64Array(COUNT)
  for (const { light, share } of parts) {
    const [, y] = sums(light)
    for (let i = 0; i < COUNT; i++) out[i] = (out[i] ?? 0) + (share * 100 * (light[i] ?? 0)) / y
  }
  return out
}

import {
  convertLab65ToRgb,
  convertRgbToLab65,
  differenceCiede2000,
  modeLab65,
  modeRgb,
  parseHex,
  parseNamed,
  useMode,
} from 'culori/fn'
import { InputError } from '../errors/InputError.js'

/** CIELAB, D65, 2° observer: l 0–100. A ΔE without its white point means nothing; ours is D65 throughout. */
export interface LabD65 {
  readonly l: number
  readonly a: number
  readonly b: number
}

useMode(modeRgb)
useMode(modeLab65)
const difference = differenceCiede2000()

function finite(lab: LabD65, where: string): void {
  if (!Number.isFinite(lab.l + lab.a + lab.b))
    throw new InputError('LAB_NOT_FINITE', {
      what: 'is not a color',
      where,
      fix: 'Give three finite numbers l, a, b.',
    })
}

/**
 * CIEDE2000 color difference, kL = kC = kH = 1.
 *
 * @returns ΔE00, dimensionless, 0 when equal; swapping the two changes nothing
 * @throws {InputError} `LAB_NOT_FINITE`
 * @see Sharma, Wu & Dalal, Color Research & Application 30(1), 2005, 21–30
 */
export function deltaE00(standard: LabD65, sample: LabD65): number {
  finite(standard, 'standard')
  finite(sample, 'sample')
  return difference(
    { mode: 'lab65', l: standard.l, a: standard.a, b: standard.b },
    { mode: 'lab65', l: sample.l, a: sample.a, b: sample.b },
  )
}

/**
 * @param hex `#rrggbb`, sRGB
 * @throws {InputError} `HEX_NOT_READ`
 */
export function hexToLab(hex: string): LabD65 {
  const found = /^#?([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(hex.trim())
  if (!found)
    throw new InputError('HEX_NOT_READ', {
      what: 'is not a color',
      where: 'Color',
      fix: 'Write six hexadecimal digits such as #8a5536, a name such as tan, or three numbers L a b.',
    })
  const part = (i: number) => parseInt(found[i] ?? '0', 16) / 255
  const { l, a, b } = convertRgbToLab65({ r: part(1), g: part(2), b: part(3) })
  return { l, a, b }
}

/** The nearest sRGB color by clipping each channel: a view of the Lab value, never its master. */
export function labToHex(lab: LabD65): string {
  const rgb = convertLab65ToRgb(lab)
  const byte = (v: number) =>
    Math.round(Math.min(1, Math.max(0, v)) * 255)
      .toString(16)
      .padStart(2, '0')
  return `#${byte(rgb.r)}${byte(rgb.g)}${byte(rgb.b)}`
}

/** Half a step of eight bits: what lies so near is shown as it is. */
const BYTE_SLACK = 0.5 / 255

/**
 * Whether a screen of sRGB shows a color as it is. Outside, {@link labToHex} gives the nearest by clipping, which may be far
 * from what was measured.
 */
export function inScreenGamut(lab: LabD65): boolean {
  const { r, g, b } = convertLab65ToRgb(lab)
  return [r, g, b].every((v) => v >= -BYTE_SLACK && v <= 1 + BYTE_SLACK)
}

/**
 * Reads a color as `#8a5536` or `#abc`, by its CSS name, or as three CIELAB numbers `37.5 26.4 41`, D65.
 * @see CSS Color Module Level 4, sections 5.2 and 6.1, for three digits and names
 * @throws {InputError} `HEX_NOT_READ`, `LAB_OUT_OF_RANGE`
 */
export function parseColor(text: string): LabD65 {
  const three = text
    .slice(0, 80)
    .trim()
    .replace(/^lab\s*/i, '')
    .match(/-?\d+(?:\.\d+)?/g)
  if (three?.length === 3 && !text.includes('#') && /[\s,;]/.test(text.trim())) {
    const [l = 0, a = 0, b = 0] = three.map(Number)
    if (l < 0 || l > 100 || Math.abs(a) > 128 || Math.abs(b) > 128)
      throw new InputError('LAB_OUT_OF_RANGE', {
        what: 'lies outside CIELAB',
        where: 'Color',
        fix: 'L runs from 0 to 100, a and b from -128 to 128.',
      })
    return { l, a, b }
  }
  const bare = text.slice(0, 80).trim().toLowerCase()
  const short = /^#?[0-9a-f]{3}$/.test(bare) ? parseHex(bare) : undefined
  const rgb = short ?? parseNamed(bare as Parameters<typeof parseNamed>[0])
  if (!rgb) return hexToLab(text)
  const { l, a, b } = convertRgbToLab65(rgb)
  return { l, a, b }
}

/**
 * Light reflectance value: 100·Y under D65, from L*.
 * @see CIE 15, the inverse of L* = 116 f(Y/Yn) − 16
 */
export function lrv(lab: Pick<LabD65, 'l'>): number {
  const f = (lab.l + 16) / 116
  return 100 * (f > 6 / 29 ? f ** 3 : 3 * (6 / 29) ** 2 * (f - 4 / 29))
}

/** Chroma C*ab: distance from the neutral axis. */
export function chroma({ a, b }: Pick<LabD65, 'a' | 'b'>): number {
  return Math.hypot(a, b)
}

/** Hue angle h_ab in degrees, 0 ≤ h < 360, counted from +a (red) towards +b (yellow). */
export function hueDeg({ a, b }: Pick<LabD65, 'a' | 'b'>): number {
  const h = (Math.atan2(b, a) * 180) / Math.PI
  // A hair below zero would round up to 360 itself.
  return h < 0 ? (h + 360) % 360 : h
}

/** Signed turn from one hue to another by the shorter way, −180 < d ≤ 180. */
export function hueTurn(fromDeg: number, toDeg: number): number {
  const d = (((toDeg - fromDeg) % 360) + 360) % 360
  return d > 180 ? d - 360 : d
}

/**
 * ΔH*ab: how far two hues lie apart as the eye sees it, growing with chroma, unlike the angle alone.
 * @see CIE 15: ΔH = 2 √(C1·C2) sin(Δh/2)
 */
export function hueDistance(one: LabD65, two: LabD65): number {
  const turn = (Math.abs(hueTurn(hueDeg(one), hueDeg(two))) * Math.PI) / 180
  return 2 * Math.sqrt(chroma(one) * chroma(two)) * Math.sin(turn / 2)
}

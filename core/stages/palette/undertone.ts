import { chroma, hueDeg, hueDistance, hueTurn, type LabD65 } from '../../kernel/color/lab.js'
import type { Material } from '../../model/vocabulary/finish.js'

/** Finishes are compared within a family: brass with brass, timber with timber, leaf with leaf. */
export type Family = 'timber' | 'metal' | 'foliage' | 'white' | 'grey' | 'black' | 'color'

// Below this chroma hue is noise: readings scatter by ΔE 0.3 and the eye calls it neutral. Near black it is
// silent sooner, because so little light comes back (common practice; "matte black is the easiest to match").
const SILENT_CHROMA = 2
const SILENT_BLACK_L = 20
const SILENT_BLACK_CHROMA = 6

/** White, grey and black are what the color makes them; timber, metal and foliage what the material makes them. */
export function family(material: Material, lab: LabD65): Family {
  if (material === 'timber' || material === 'metal' || material === 'foliage') return material
  if (lab.l < SILENT_BLACK_L && chroma(lab) < SILENT_BLACK_CHROMA) return 'black'
  if (lab.l >= 85 && chroma(lab) < 10) return 'white'
  if (lab.l >= 20 && lab.l < 85 && chroma(lab) < 10) return 'grey'
  return 'color'
}

/** Whites and greys, among which an off-white or a beige counts. */
export const nearNeutral = (kind: Family): boolean => kind === 'white' || kind === 'grey'

/** True when a finish has no undertone to agree or clash with. */
export function undertoneSilent(lab: LabD65): boolean {
  return chroma(lab) < SILENT_CHROMA || (lab.l < SILENT_BLACK_L && chroma(lab) < SILENT_BLACK_CHROMA)
}

// Sectors of the CIELAB hue circle in a decorator's words. The four unique hues lie near 25° red, 90° yellow,
// 165° green and 245° blue (Natural Color System elementary hues, from memory); the rest is common practice.
const HUE_WORDS: readonly (readonly [untilDeg: number, word: string])[] = [
  [15, 'pink'],
  [50, 'red'],
  [70, 'orange'],
  [105, 'yellow'],
  [125, 'yellow-green'],
  [165, 'green'],
  [225, 'green-blue'],
  [285, 'blue'],
  [325, 'violet'],
  [360, 'pink'],
]

/** Every word for a hue, in the order of the circle. */
export const HUE_NAMES: readonly string[] = [...new Set(HUE_WORDS.map(([, word]) => word))]

/** The word for a hue angle: 85° is "yellow". */
export function hueWord(deg: number): string {
  return HUE_WORDS.find(([until]) => deg < until)?.[1] ?? 'pink'
}

export interface Undertone {
  readonly family: Family
  readonly hueDeg: number
  readonly chroma: number
  /** "yellow", or "none" when hue says nothing. */
  readonly word: string
  /** As a decorator says it: "grey, leans green". */
  readonly phrase: string
}

export function undertone(material: Material, lab: LabD65): Undertone {
  const kind = family(material, lab)
  const silent = undertoneSilent(lab)
  const deg = hueDeg(lab)
  const word = silent ? 'none' : hueWord(deg)
  // A pale beige is compared among the greys, but nobody calls it grey.
  const name =
    kind === 'color' || (kind === 'grey' && chroma(lab) >= 5 && temperature(deg) === 'warm')
      ? 'neutral'
      : kind
  const phrase = silent ? `${name}, no undertone` : kind === 'color' ? word : `${name}, leans ${word}`
  return { family: kind, hueDeg: deg, chroma: chroma(lab), word, phrase }
}

/** The two ends between which a family's undertone leans: the lower hue angle first. */
const LEANINGS: Readonly<Partial<Record<Family, readonly [string, string]>>> = {
  timber: ['red', 'yellow'],
  metal: ['pink', 'green'],
  foliage: ['yellow', 'blue'],
}

// How far the hues of one family may part before two of them read as a mistake (common practice). Timber,
// metal and foliage keep to a narrow arc; whites and greys, being pale, need a wide one to be noticed.
export const HUE_GAP_LIMIT: Readonly<Partial<Record<Family, number>>> = {
  timber: 25,
  metal: 20,
  foliage: 30,
  white: 60,
  grey: 60,
}

/** The smallest ΔH*ab that is seen as a leaning at all, about twice a just noticeable difference. */
export const SEEN_HUE_DISTANCE = 4

export interface Leaning {
  readonly gapDeg: number
  readonly limitDeg: number
  readonly hueDistance: number
  readonly clash: boolean
  /** How the first and the second lean against each other: "green", "pink"; "cool", "warm". */
  readonly words: readonly [string, string]
}

/** Warm from violet-red over yellow to yellow-green, cool the rest. */
export function temperature(deg: number): 'warm' | 'cool' {
  return deg < 125 || deg >= 325 ? 'warm' : 'cool'
}

/** Two near-neutrals by the axis on which they differ most: green and pink, cool and warm; by their hues when both lie on one side. */
function neutralWords(one: LabD65, two: LabD65): readonly [string, string] {
  const green = Math.abs(one.a - two.a) > Math.abs(one.b - two.b)
  if (green && one.a * two.a < 0) return one.a < two.a ? ['green', 'pink'] : ['pink', 'green']
  const [t, u] = [temperature(hueDeg(one)), temperature(hueDeg(two))]
  return t === u ? [hueWord(hueDeg(one)), hueWord(hueDeg(two))] : [t, u]
}

/** Two finishes of one family against each other; undefined when undertone is silent in either. Lightness plays no part. */
export function compareUndertone(kind: Family, one: LabD65, two: LabD65): Leaning | undefined {
  const limitDeg = HUE_GAP_LIMIT[kind]
  if (limitDeg === undefined || undertoneSilent(one) || undertoneSilent(two)) return undefined
  const turn = hueTurn(hueDeg(one), hueDeg(two))
  const gapDeg = Math.abs(turn)
  const apart = hueDistance(one, two)
  const ends = LEANINGS[kind]
  const words: readonly [string, string] = ends
    ? turn > 0
      ? [ends[0], ends[1]]
      : [ends[1], ends[0]]
    : neutralWords(one, two)
  return {
    gapDeg,
    limitDeg,
    hueDistance: apart,
    clash: gapDeg > limitDeg && apart >= SEEN_HUE_DISTANCE,
    words,
  }
}

import type { Frame } from '../../../model/rows/frames.js'
import type { Glazing } from '../../../model/vocabulary/frame.js'

type Sizes = Pick<
  Frame,
  | 'sheetWidthMm'
  | 'sheetHeightMm'
  | 'overlapMm'
  | 'borderMm'
  | 'bottomBorderMm'
  | 'faceMm'
  | 'rebateMm'
  | 'filletMm'
>

export interface FrameSizes {
  /** The window to cut in the mat. */
  readonly cut: readonly [number, number]
  /** What is seen of the sheet: the window less the fillet that lies in it. */
  readonly window: readonly [number, number]
  /** Mat, glass and back share this size. */
  readonly mat: readonly [number, number]
  readonly seen: readonly [number, number]
  readonly outer: readonly [number, number]
  /** Width and height of the mat together: what framers price by. */
  readonly unitedMm: number
  /** Molding to buy: the outer length of all four sides, mitered (2 (w + h) + 8 faces), without the saw. */
  readonly moldingMm: number
}

/** All sizes of a framed picture, from the sheet outward. Without a mat the glass is as large as the sheet. */
export function frameSizes(f: Sizes): FrameSizes {
  const matted = f.borderMm > 0
  const side = (sheet: number, borders: number): [number, number, number, number, number] => {
    const window = matted ? sheet - 2 * f.overlapMm : sheet
    const mat = matted ? window + borders : sheet
    const seen = mat - 2 * f.rebateMm
    return [window - 2 * (matted ? f.filletMm : 0), mat, seen, seen + 2 * f.faceMm, window]
  }
  const w = side(f.sheetWidthMm, 2 * f.borderMm)
  const h = side(f.sheetHeightMm, f.borderMm + f.bottomBorderMm)
  return {
    cut: [w[4], h[4]],
    window: [w[0], h[0]],
    mat: [w[1], h[1]],
    seen: [w[2], h[2]],
    outer: [w[3], h[3]],
    unitedMm: w[1] + h[1],
    moldingMm: moldingLength(w[2], h[2], f.faceMm),
  }
}

/** Length of molding round an opening, long points of the miters included. */
export const moldingLength = (widthMm: number, heightMm: number, faceMm: number): number =>
  2 * (widthMm + heightMm) + 8 * faceMm

/** Borders of an opening that lies in the middle of a mat. */
export const evenBorders = (opening: readonly [number, number], mat: readonly [number, number]) => ({
  sideMm: (mat[0] - opening[0]) / 2,
  topBottomMm: (mat[1] - opening[1]) / 2,
})

/** A frame is held against its mat by this alone: its face must be strictly narrower than the border of the mat. */
export const faceNarrowerThanMat = (faceMm: number, borderMm: number): boolean =>
  borderMm === 0 || faceMm < borderMm

// Density of float glass and of acrylic sheet (handbook, from memory), kg/m³.
const DENSITY: Readonly<Record<Glazing, number>> = {
  none: 0,
  glass: 2_500,
  'low-reflection glass': 2_500,
  'UV-filtering glass': 2_500,
  'UV-filtering low-reflection glass': 2_500,
  acrylic: 1_190,
  'UV-filtering acrylic': 1_190,
}

/** Weight of the glazing of a picture in kilograms. */
export const glazingKg = (widthMm: number, heightMm: number, thickMm: number, glazing: Glazing): number =>
  (widthMm / 1e3) * (heightMm / 1e3) * (thickMm / 1e3) * DENSITY[glazing]

// A sheet of mat or backing board, and timber molding as deep as it is broad but at least this (handbook densities, from memory).
const BOARD_KG_M2 = 1
const MOLDING_KG_M3 = 500
const MOLDING_DEEP_MM = 15

/** What a framed picture weighs at the least, by its glazing, boards and molding, in grams. */
export function frameWeightG(f: Frame): number {
  const { mat, moldingMm } = frameSizes(f)
  const boardM2 = (mat[0] * mat[1]) / 1e6
  const molding =
    (moldingMm / 1e3) * (f.faceMm / 1e3) * (Math.max(MOLDING_DEEP_MM, f.faceMm) / 1e3) * MOLDING_KG_M3
  return Math.round(
    1_000 * (glazingKg(mat[0], mat[1], f.glazingMm, f.glazing) + boardM2 * BOARD_KG_M2 + molding),
  )
}

export const filtersUv = (glazing: Glazing): boolean => glazing.startsWith('UV')
export const lowReflection = (glazing: Glazing): boolean => glazing.includes('low-reflection')

/** Glazing from the least dear upward (common practice; a quote decides). */
const BY_PRICE: readonly Glazing[] = [
  'glass',
  'acrylic',
  'UV-filtering glass',
  'UV-filtering acrylic',
  'low-reflection glass',
  'UV-filtering low-reflection glass',
]

/**
 * Glazing that does what a place asks for, the least dear first. Against ultraviolet and against reflections are two questions:
 * a glass that mirrors nothing may let all the ultraviolet through.
 *
 * @param glare reflections are seen from where one stands
 */
export const glazingFor = (needsUv: boolean, glare: boolean): Glazing[] =>
  BY_PRICE.filter((g) => (!needsUv || filtersUv(g)) && (!glare || lowReflection(g)))

// Responsivity of works on paper to light, and what each bears in a year (CIE 157:2004, from memory): lux hours.
export const EXPOSURE = {
  high: { maxLux: 50, luxHours: 15_000 },
  medium: { maxLux: 50, luxHours: 150_000 },
  low: { maxLux: 200, luxHours: 600_000 },
} as const

/** Hours a year at an illuminance before the annual exposure is used up (CIE 157:2004). */
export const exposureHours = (luxHours: number, lux: number): number => luxHours / lux

export interface FrameCost {
  readonly totalMinor: number | undefined
  readonly layers: readonly { readonly name: string; readonly minor: number | undefined }[]
}

/** What a frame costs by layer; undefined as long as one price is not known. */
export function frameCost(f: Frame): FrameCost {
  const { mat, moldingMm } = frameSizes(f)
  const areaM2 = (mat[0] * mat[1]) / 1e6
  const of = (price: number | null | undefined, amount: number) =>
    price == null ? undefined : Math.round(price * amount)
  const layers = [
    { name: 'Molding', minor: of(f.moldingMinor, moldingMm / 1e3) },
    ...(f.board === 'none' ? [] : [{ name: 'Mat board', minor: of(f.boardMinor, areaM2) }]),
    ...(f.glazing === 'none' ? [] : [{ name: 'Glazing', minor: of(f.glazingMinor, areaM2) }]),
    { name: 'Making', minor: of(f.workMinor, 1) },
  ]
  const known = layers.every((l) => l.minor !== undefined)
  return { totalMinor: known ? layers.reduce((sum, l) => sum + (l.minor ?? 0), 0) : undefined, layers }
}

/** A frame on offer for a picture. */
export interface FrameOffer {
  readonly name: string
  readonly profile: Frame['profile']
  readonly coat: Frame['coat']
}

export interface RankedFrame {
  readonly offer: FrameOffer
  readonly suitsPicture: boolean
  readonly suitsHouse: boolean
  readonly reasons: readonly string[]
}

/**
 * Ranks frames for a picture in a house of another period: the profile suits the picture, the finish suits the house
 * (common practice). A profile that does not suit the picture counts more than a finish that does not suit the house.
 */
export function rankFrames(
  picture: 'traditional' | 'modern',
  house: 'traditional' | 'modern',
  offers: readonly FrameOffer[],
): RankedFrame[] {
  return offers
    .map((offer): RankedFrame => {
      const suitsPicture = picture === 'traditional' ? offer.profile !== 'flat' : offer.profile !== 'ornate'
      const modern = ['black', 'white', 'silver', 'natural timber', 'color'].includes(offer.coat)
      const suitsHouse = house === 'modern' ? modern : offer.coat !== 'white' && offer.coat !== 'color'
      return {
        offer,
        suitsPicture,
        suitsHouse,
        reasons: [
          suitsPicture
            ? `its ${offer.profile} profile suits the picture`
            : `a ${offer.profile} profile is too ${picture === 'traditional' ? 'plain' : 'rich'} for the picture`,
          suitsHouse ? `${offer.coat} suits the house` : `${offer.coat} is not of the house`,
        ],
      }
    })
    .sort(
      (a, b) =>
        2 * Number(b.suitsPicture) + Number(b.suitsHouse) - 2 * Number(a.suitsPicture) - Number(a.suitsHouse),
    )
}

/** Frames of a room in the school of one frame for all: the finish most of them have, and those that differ. */
export function oddFrames<T extends { readonly coat: string; readonly profile: string }>(
  frames: readonly T[],
): { readonly common: string | undefined; readonly odd: readonly T[] } {
  const count = new Map<string, number>()
  for (const f of frames) count.set(`${f.profile} ${f.coat}`, (count.get(`${f.profile} ${f.coat}`) ?? 0) + 1)
  const common = [...count].sort((a, b) => b[1] - a[1])[0]?.[0]
  return { common, odd: frames.filter((f) => `${f.profile} ${f.coat}` !== common) }
}

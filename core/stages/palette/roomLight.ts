import { adaptingLuminance, degreeOfAdaptation } from '../../kernel/color/adaptation.js'
import type { SeenLight } from '../../kernel/color/seenUnder.js'
import {
  blackBody,
  cctOf,
  chromaticity,
  daylight,
  illuminantA,
  led,
  mixLights,
  tristimulus,
  type LedCct,
  type Spectrum,
} from '../../kernel/color/spectra.js'
import type { LampType } from '../../model/vocabulary/lamp.js'

export const SKIES = ['clear', 'overcast'] as const
export type Sky = (typeof SKIES)[number]

/** What lights a room at one moment. */
export interface LightConditions {
  /** The sun above the horizon and from north over east, degrees; undefined where no place on earth is known. */
  readonly sun: { readonly altitudeDeg: number; readonly azimuthDeg: number } | undefined
  /** Compass bearing each window looks at, and its area. */
  readonly windows: readonly { readonly facesDeg: number | undefined; readonly areaMm2: number }[]
  readonly floorMm2: number
  readonly sky: Sky
  /** Lamps that are on; none when they are off. */
  readonly lamps: readonly LampType[]
}

export interface RoomLight extends SeenLight {
  /** Correlated color temperature of what falls into the room, K. */
  readonly cct: number
  /** About so much light on a table in the middle, lux. */
  readonly lux: number
  /** Part of it that comes from the lamps, 0 to 1. */
  readonly lampPart: number
  /** True while the sun stands in a window. */
  readonly sunIn: boolean
}

/** Spectrum of a lamp by its type. */
export function lampSpectrum(type: LampType): Spectrum {
  const cct = Number(type.replace(/\D/g, ''))
  return type.startsWith('filament') ? illuminantA() : led(cct as LedCct)
}

// Light on a table from lamps in a home in the evening (common practice; 100 to 300 lx are usual).
const LAMP_LUX = 150
// Horizontal illuminance of an overcast sky, 300 + 21 000 sin γ lux (Krochmann & Seidl 1974, from memory).
const overcastLux = (altitudeDeg: number) => 300 + 21_000 * Math.sin((altitudeDeg * Math.PI) / 180)
// Part of it that reaches the middle of a room, for a window of a sixth of the floor: a daylight factor of 2 %.
const DAYLIGHT_FACTOR = 0.02
const USUAL_WINDOW = 1 / 6
// The sun in a window lights the whole room by what it throws off floor and walls (common practice).
const SUN_GAIN = 3
// How far from straight before the window the sun still comes in, and how high above roofs, degrees.
const SUN_ASIDE = 75
const SUN_LOW = 4
// Color of a clear sky through a window away from the sun, of an overcast sky, and of the sun with its sky by its
// height (common practice; CIE daylight gives the spectra).
const BLUE_SKY_K = 9000
const OVERCAST_K = 6500
const sunK = (altitudeDeg: number) =>
  altitudeDeg < 12 ? 4000 + 60 * altitudeDeg : Math.min(5600, 4720 + 40 * (altitudeDeg - 12))

/**
 * The light in a room at one moment. A model for choosing finishes, not for lighting design: it says which way
 * colors turn, and roughly when.
 */
export function roomLight(at: LightConditions): RoomLight {
  const parts: { light: Spectrum; share: number }[] = []
  const altitude = at.sun?.altitudeDeg ?? 40
  const area = at.windows.reduce((sum, w) => sum + w.areaMm2, 0)
  const size = at.floorMm2 > 0 ? Math.min(2, area / at.floorMm2 / USUAL_WINDOW) : 1
  let sunIn = false
  let day = 0
  if (at.windows.length > 0 && altitude > -6) {
    // Civil twilight fades from sunset to six degrees under the horizon.
    const twilight = altitude >= 0 ? 1 : 1 + altitude / 6
    const sky = overcastLux(Math.max(0, altitude)) * DAYLIGHT_FACTOR * size * twilight
    for (const w of at.windows) {
      const part = area > 0 ? w.areaMm2 / area : 1 / at.windows.length
      const azimuth = at.sun?.azimuthDeg
      const aside =
        azimuth === undefined || w.facesDeg === undefined
          ? 180
          : Math.abs(((azimuth - w.facesDeg + 540) % 360) - 180)
      const sun = at.sky === 'clear' && altitude > SUN_LOW && aside < SUN_ASIDE
      sunIn ||= sun
      const lux = sky * part * (sun ? SUN_GAIN : 1)
      day += lux
      if (lux > 0)
        parts.push({
          light: daylight(at.sky === 'overcast' ? OVERCAST_K : sun ? sunK(altitude) : BLUE_SKY_K),
          share: lux,
        })
    }
  }
  const lamps = at.lamps.length > 0 ? LAMP_LUX : 0
  for (const lamp of at.lamps) parts.push({ light: lampSpectrum(lamp), share: lamps / at.lamps.length })
  const lux = day + lamps
  // Night without lamps: a trace of moon and street, so that there is something to see by.
  const spectrum = lux > 0.5 ? mixLights(parts) : mixLights([{ light: blackBody(4000), share: 1 }])
  return {
    spectrum,
    degree: degreeOfAdaptation(adaptingLuminance(Math.max(1, lux))),
    cct: cctOf(chromaticity(tristimulus(spectrum))),
    lux,
    lampPart: lux > 0 ? lamps / lux : 0,
    sunIn,
  }
}

import { adapt } from './adaptation.js'
import type { LabD65 } from './lab.js'
import { recoverReflectance, WHITE_D65 } from './reflectance.js'
import { tristimulus, type Spectrum, type Xyz } from './spectra.js'
import { labOfXyz } from './xyz.js'

/** A light falling into the room, with how far the eye adapts to it. */
export interface SeenLight {
  readonly spectrum: Spectrum
  /** 0 to 1, see {@link degreeOfAdaptation}. */
  readonly degree: number
}

const recovered = new Map<string, Spectrum>()

/** The reflectance of a finish, kept: the same few finishes are asked for at every hour. */
function reflectanceOf(lab: LabD65): Spectrum {
  const key = `${lab.l.toFixed(3)} ${lab.a.toFixed(3)} ${lab.b.toFixed(3)}`
  const found = recovered.get(key)
  if (found) return found
  const { spectrum } = recoverReflectance(lab)
  if (recovered.size > 5000) recovered.clear()
  recovered.set(key, spectrum)
  return spectrum
}

/**
 * How a finish looks under a light, told as the CIELAB color it resembles under D65. Its reflectance is recovered
 * from its color, lit by the light, and carried to D65 as far as the eye adapts; what the eye does not adapt to
 * stays in the color, so under lamps everything leans yellow.
 */
export function seenUnder(lab: LabD65, light: SeenLight): LabD65 {
  const white = tristimulus(light.spectrum)
  return seenWith(lab, light, white)
}

/** {@link seenUnder} for many finishes under one light. */
export function allSeenUnder(labs: readonly LabD65[], light: SeenLight): LabD65[] {
  const white = tristimulus(light.spectrum)
  return labs.map((lab) => seenWith(lab, light, white))
}

function seenWith(lab: LabD65, light: SeenLight, white: Xyz): LabD65 {
  const seen = tristimulus(light.spectrum, reflectanceOf(lab))
  return labOfXyz(adapt(seen, white, WHITE_D65, light.degree), WHITE_D65)
}

import { chroma, hueDeg, hueTurn, type LabD65 } from '../../kernel/color/lab.js'

/** The least step in L* that is seen as a step: half a Munsell value (common practice). */
export const STEP_L = 5
// Near enough one hue, and of much the same strength (common practice).
const ONE_HUE_DEG = 20
const STEP_CHROMA = 12
// Of two this pale the eye sees the step and not the hue.
const NEUTRAL_CHROMA = 6

/**
 * Tone on tone: of one hue, of much the same strength, and clearly lighter or darker.
 *
 * @param leastL how far apart in L* they have to be
 */
export const stepOfOneHue = (one: LabD65, two: LabD65, leastL = STEP_L): boolean =>
  Math.abs(one.l - two.l) >= leastL &&
  Math.abs(chroma(one) - chroma(two)) <= STEP_CHROMA &&
  (Math.max(chroma(one), chroma(two)) < NEUTRAL_CHROMA ||
    Math.abs(hueTurn(hueDeg(one), hueDeg(two))) <= ONE_HUE_DEG)

import { chroma, type LabD65 } from '../../kernel/color/lab.js'

// Common practice: two coats as a rule; three where a deep old color must vanish under a pale one, or where the
// color itself hides badly or shows through (strong reds, yellows, oranges). Editable per finish in a later part.
const DEEP_L = 40
const LIFT_L = 30
const STRONG_CHROMA = 45

export interface Coats {
  readonly coats: number
  readonly primer: number
  /** Why so many, in words. */
  readonly because: string
}

/**
 * Coats of paint and of primer for one surface.
 *
 * @param finish the color to come
 * @param over the color there now, when known
 * @param substrate what the paint goes on
 * @see common practice; pale over mid blue takes two coats, not one
 */
export function coatsFor(finish: LabD65, over: LabD65 | undefined, substrate: string): Coats {
  const primer =
    substrate === 'new plaster' || substrate === 'bare timber' || substrate === 'glossy or stained' ? 1 : 0
  if (over && over.l <= DEEP_L && finish.l - over.l >= LIFT_L)
    return { coats: 3, primer, because: 'from dark to light' }
  if (chroma(finish) >= STRONG_CHROMA) return { coats: 3, primer, because: 'a strong hue hides badly' }
  if (over && chroma(over) >= STRONG_CHROMA && finish.l > over.l)
    return { coats: 3, primer, because: 'over a strong hue' }
  return { coats: 2, primer, because: 'as a rule' }
}

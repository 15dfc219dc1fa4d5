import type { Opening } from './rows/openings.js'

const SIDES = ['widthMm', 'heightMm', 'sillMm'] as const
type Side = (typeof SIDES)[number]

/** An opening of which every size is given: as measured, or as it usually is. */
export type SizedOpening<O extends Pick<Opening, 'kind' | Side> = Opening> = Omit<O, Side> & {
  readonly [S in Side]: number
}

// Common practice: what is drawn until somebody measures it. Nothing is bought by these.
const USUAL: Readonly<Record<Opening['kind'], Readonly<Record<Side, number>>>> = {
  door: { widthMm: 800, heightMm: 2030, sillMm: 0 },
  window: { widthMm: 1200, heightMm: 1200, sillMm: 900 },
  opening: { widthMm: 900, heightMm: 2030, sillMm: 0 },
}

/** An opening to draw and to reckon areas by: what is not measured is as it usually is. */
export function sized<O extends Pick<Opening, 'kind' | Side>>(opening: O): SizedOpening<O> {
  const usual = USUAL[opening.kind]
  return {
    ...opening,
    widthMm: opening.widthMm ?? usual.widthMm,
    heightMm: opening.heightMm ?? usual.heightMm,
    sillMm: opening.sillMm ?? usual.sillMm,
  }
}

const WORDS: Readonly<Record<Side, string>> = { widthMm: 'width', heightMm: 'height', sillMm: 'sill' }

/** What of an opening is not measured, in words: `width`, `height`, `sill`. */
export const unmeasured = (opening: Pick<Opening, Side>): string[] =>
  SIDES.filter((s) => opening[s] === null).map((s) => WORDS[s])

/** A sheet and a frame of one size, to what a mat hides anyway (common practice), mm. */
const SAME_MM = 3
/** How far a mat covers the sheet on each side (common practice), mm. */
const OVER_MM = 5

export type FrameFit =
  | { readonly fits: 'as it is' }
  /** A mat fills the frame: the window it is cut to, and its borders at the sides and above and below. */
  | {
      readonly fits: 'with a mat'
      readonly cutMm: readonly [number, number]
      readonly bordersMm: readonly [number, number]
    }
  | { readonly fits: 'not at all' }

/** Whether a sheet sits in a frame of a certain size, the way round that serves better. Names of sizes are not sizes. */
export function frameFit(sheet: readonly [number, number], opening: readonly [number, number]): FrameFit {
  const upright = fitOne(sheet, opening)
  return upright.fits === 'not at all' ? fitOne(sheet, [opening[1], opening[0]]) : upright
}

function fitOne([w, h]: readonly [number, number], [ow, oh]: readonly [number, number]): FrameFit {
  if (Math.abs(w - ow) <= SAME_MM && Math.abs(h - oh) <= SAME_MM) return { fits: 'as it is' }
  if (w > ow + SAME_MM || h > oh + SAME_MM) return { fits: 'not at all' }
  const cut = [w - 2 * OVER_MM, h - 2 * OVER_MM] as const
  return { fits: 'with a mat', cutMm: cut, bordersMm: [(ow - cut[0]) / 2, (oh - cut[1]) / 2] }
}

export interface Size {
  readonly widthMm: number | null
  readonly depthMm: number | null
  readonly heightMm: number | null
}
export interface SizeLimit {
  readonly maxWidthMm: number | null
  readonly maxDepthMm: number | null
  readonly maxHeightMm: number | null
  readonly minWidthMm?: number | null
  readonly minDepthMm?: number | null
  readonly minHeightMm?: number | null
}

export type SizeFit =
  /** The item sets no limit, so nothing can be said. */
  | { readonly verdict: 'no limit' }
  | { readonly verdict: 'fits' }
  /** A limit stands but the size, or part of it, was never written down. */
  | { readonly verdict: 'unknown'; readonly missing: readonly string[] }
  | {
      readonly verdict: 'too large'
      readonly over: readonly { readonly side: string; readonly byMm: number }[]
    }
  | {
      readonly verdict: 'too small'
      readonly under: readonly { readonly side: string; readonly byMm: number }[]
    }

const SIDES = [
  { side: 'width', is: 'widthMm', min: 'minWidthMm', max: 'maxWidthMm' },
  { side: 'depth', is: 'depthMm', min: 'minDepthMm', max: 'maxDepthMm' },
  { side: 'height', is: 'heightMm', min: 'minHeightMm', max: 'maxHeightMm' },
] as const
const NO_LIMIT: SizeFit = { verdict: 'no limit' }
const FITS: SizeFit = { verdict: 'fits' }

/** An option's outer size against the limits of its item. A limit that is not set forbids nothing. */
export function sizeFit(size: Size, limit: SizeLimit): SizeFit {
  const over: { side: string; byMm: number }[] = []
  const under: { side: string; byMm: number }[] = []
  const missing: string[] = []
  let limited = false
  for (const { side, is, min, max } of SIDES) {
    const [mm, least, most] = [size[is], limit[min], limit[max]]
    if (least == null && most == null) continue
    limited = true
    if (mm == null) missing.push(side)
    else if (most != null && mm > most) over.push({ side, byMm: mm - most })
    else if (least != null && mm < least) under.push({ side, byMm: least - mm })
  }
  if (!limited) return NO_LIMIT
  if (over.length > 0) return { verdict: 'too large', over }
  if (under.length > 0) return { verdict: 'too small', under }
  return missing.length > 0 ? { verdict: 'unknown', missing } : FITS
}

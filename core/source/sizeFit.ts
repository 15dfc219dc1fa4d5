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

/** An option's outer size against the limits of its item. A limit that is not set forbids nothing. */
export function sizeFit(size: Size, limit: SizeLimit): SizeFit {
  const sides = [
    { side: 'width', is: size.widthMm, min: limit.minWidthMm, max: limit.maxWidthMm },
    { side: 'depth', is: size.depthMm, min: limit.minDepthMm, max: limit.maxDepthMm },
    { side: 'height', is: size.heightMm, min: limit.minHeightMm, max: limit.maxHeightMm },
  ]
  if (sides.every((s) => s.max == null && s.min == null)) return { verdict: 'no limit' }
  const over = sides.flatMap((s) =>
    s.is != null && s.max != null && s.is > s.max ? [{ side: s.side, byMm: s.is - s.max }] : [],
  )
  if (over.length > 0) return { verdict: 'too large', over }
  const under = sides.flatMap((s) =>
    s.is != null && s.min != null && s.is < s.min ? [{ side: s.side, byMm: s.min - s.is }] : [],
  )
  if (under.length > 0) return { verdict: 'too small', under }
  const missing = sides.filter((s) => (s.max != null || s.min != null) && s.is == null).map((s) => s.side)
  return missing.length > 0 ? { verdict: 'unknown', missing } : { verdict: 'fits' }
}

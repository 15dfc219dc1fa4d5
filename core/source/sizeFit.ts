export interface Size {
  readonly widthMm: number | null
  readonly depthMm: number | null
  readonly heightMm: number | null
}
export interface SizeLimit {
  readonly maxWidthMm: number | null
  readonly maxDepthMm: number | null
  readonly maxHeightMm: number | null
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

/** An option's outer size against the limits of its item. A limit that is not set forbids nothing. */
export function sizeFit(size: Size, limit: SizeLimit): SizeFit {
  const sides = [
    { side: 'width', is: size.widthMm, max: limit.maxWidthMm },
    { side: 'depth', is: size.depthMm, max: limit.maxDepthMm },
    { side: 'height', is: size.heightMm, max: limit.maxHeightMm },
  ]
  if (sides.every((s) => s.max == null)) return { verdict: 'no limit' }
  const over = sides.flatMap((s) =>
    s.is != null && s.max != null && s.is > s.max ? [{ side: s.side, byMm: s.is - s.max }] : [],
  )
  if (over.length > 0) return { verdict: 'too large', over }
  const missing = sides.filter((s) => s.max != null && s.is == null).map((s) => s.side)
  return missing.length > 0 ? { verdict: 'unknown', missing } : { verdict: 'fits' }
}

import { ceilDiv } from '../trade.js'

/** A curtain to be made up: what it covers, how full, and the cloth. All lengths in one unit. */
export interface Curtain {
  readonly track: number
  /** From the track back to the wall, at each end. */
  readonly returns: number
  /** Where a pair meets. */
  readonly overlap: number
  readonly fullness: number
  readonly finished: number
  readonly topHem: number
  readonly footHem: number
  readonly clothWidth: number
  readonly repeat: number
}

export interface CurtainCut {
  readonly coverage: number
  /** Whole widths of the cloth. */
  readonly widths: number
  /** One width, finished with its hems, in whole repeats. */
  readonly cut: number
  readonly length: number
  readonly fullness: number
}

/** Cloth for a curtain, as a workroom reckons it: widths are whole, and each is cut to whole repeats. */
export function curtainCut(c: Curtain): CurtainCut {
  const coverage = c.track + c.overlap + 2 * c.returns
  const widths = ceilDiv(coverage * c.fullness, c.clothWidth)
  const bare = c.finished + c.topHem + c.footHem
  const cut = c.repeat > 0 ? ceilDiv(bare, c.repeat) * c.repeat : bare
  return { coverage, widths, cut, length: widths * cut, fullness: (widths * c.clothWidth) / coverage }
}

/** Ready-made panels for a rail, drawn to both sides when `pair`: then as many left as right. */
export function readyPanels(track: number, fullness: number, panelWidth: number, pair: boolean): number {
  const panels = ceilDiv(track * fullness, panelWidth)
  return pair ? panels + (panels % 2) : panels
}

/** Cloth for a flat roman blind: side hems, header and foot hem on. */
export const romanCut = (
  width: number,
  length: number,
  sideHem: number,
  header: number,
  hem: number,
): { readonly width: number; readonly length: number } => ({
  width: width + 2 * sideHem,
  length: length + header + hem,
})

/** Ties of a skirt: one at each joint and one half-way. A ring has as many gaps as posts, a line one fewer. */
export const tiesFor = (posts: number, ring: boolean): number =>
  posts <= 0 ? 0 : posts + (ring ? posts : posts - 1)

/** Panels of a box cushion: top and bottom, and the strip round it with its seam. */
export function boxCushion(width: number, depth: number, thick: number, seam: number) {
  return {
    topBottom: [width + 2 * seam, depth + 2 * seam] as const,
    boxing: [thick + 2 * seam, 2 * (width + depth) + 2 * seam] as const,
  }
}

/** How much bias strip a square gives at the most: its area over the width of the strip. */
export const biasLength = (square: number, strip: number): number => (square * square) / strip

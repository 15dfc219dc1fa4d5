import type { LabD65 } from '../../../kernel/color/lab.js'
import { joinRegions } from './joinRegions.js'
import { labPlanes, type Pixels, type WhiteGains } from './labPlanes.js'
import { borders, labOf, measureRegions } from './regions.js'
import { segment } from './segment.js'

/** Pixels across a photo is reduced to first: enough for an accent of a five-hundredth, quick enough to wait for. */
export const REDUCED_PX = 264

/** A color found in a photo. */
export interface ExtractedColor {
  readonly lab: LabD65
  /** Its part of the picture, 0 to 1, in light and in shade. */
  readonly share: number
  /** Where it is seen at its best, as parts of width and height. */
  readonly at: { readonly x: number; readonly y: number }
}

export interface ExtractOptions {
  /** At most so many colors; 16 when left out. */
  readonly most?: number
  /** Correction of a cast, see {@link whiteGains}. */
  readonly gains?: WhiteGains | undefined
  /** Told after each step, 0 to 1. */
  readonly progress?: (done: number) => void
}

/**
 * The colors of a photo as a decorator would name them: each material once, in the light, however it is shaded.
 *
 * The picture is cut into regions without inner edges, with steps of lightness counting less than steps of tint;
 * within a region weave and grain are averaged and the best-lit part gives the color; a darker neighbor of equal
 * tint is joined to it where the whole picture shows a cast shadow of that depth; and regions of one color are
 * one. No randomness: the same pixels give the same answer.
 *
 * @param pixels the photo, best reduced to {@link REDUCED_PX} across, sRGB
 * @returns colors, largest share first
 */
export function extractColors(pixels: Pixels, options: ExtractOptions = {}): ExtractedColor[] {
  const { most = 16, gains, progress } = options
  const planes = labPlanes(pixels, gains)
  progress?.(0.3)
  const { labels, count } = segment(planes)
  progress?.(0.7)
  const regions = measureRegions(planes, labels, count)
  const total = pixels.width * pixels.height
  const joined = joinRegions(regions, borders(planes, labels, count), total)
  progress?.(1)
  return joined
    .sort((x, y) => y.area - x.area)
    .slice(0, most)
    .map(({ region, area }) => ({
      lab: labOf(region),
      share: area / total,
      at: {
        x: ((region.at % pixels.width) + 0.5) / pixels.width,
        y: (Math.floor(region.at / pixels.width) + 0.5) / pixels.height,
      },
    }))
}

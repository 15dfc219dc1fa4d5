import type { SampledColor } from '../../../model/rows/sampledColors.js'

export const labOf = (p: SampledColor) => ({ l: p.labL, a: p.labA, b: p.labB })

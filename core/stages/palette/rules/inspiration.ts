import type { Pull } from '../../../model/rows/pulls.js'

export const labOf = (p: Pull) => ({ l: p.labL, a: p.labA, b: p.labB })

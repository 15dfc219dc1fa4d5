import type { Xyz } from './spectra.js'

type Matrix = readonly [Xyz, Xyz, Xyz]

// Cone matrices, rows times XYZ.
const CONES = {
  /** Bradford, as in ICC profiles. */
  Bradford: [
    [0.8951, 0.2664, -0.1614],
    [-0.7502, 1.7135, 0.0367],
    [0.0389, -0.0685, 1.0296],
  ],
  /** CIECAM02, CIE 159:2004. */
  CAT02: [
    [0.7328, 0.4296, -0.1624],
    [-0.7036, 1.6975, 0.0061],
    [0.003, 0.0136, 0.9834],
  ],
  /** Li et al., Color Research & Application 42, 2017. */
  CAT16: [
    [0.401288, 0.650173, -0.051461],
    [-0.250268, 1.204414, 0.045854],
    [-0.002079, 0.048952, 0.953127],
  ],
} as const satisfies Readonly<Record<string, Matrix>>
export type AdaptationMethod = keyof typeof CONES

const times = (m: Matrix, v: Xyz): Xyz => {
  const row = (r: Xyz) => r[0] * v[0] + r[1] * v[1] + r[2] * v[2]
  return [row(m[0]), row(m[1]), row(m[2])]
}

function inverse(m: Matrix): Matrix {
  const [[a, b, c], [d, e, f], [g, h, i]] = m
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g)
  return [
    [(e * i - f * h) / det, (c * h - b * i) / det, (b * f - c * e) / det],
    [(f * g - d * i) / det, (a * i - c * g) / det, (c * d - a * f) / det],
    [(d * h - e * g) / det, (b * g - a * h) / det, (a * e - b * d) / det],
  ]
}
const BACK: Readonly<Record<AdaptationMethod, Matrix>> = {
  Bradford: inverse(CONES.Bradford),
  CAT02: inverse(CONES.CAT02),
  CAT16: inverse(CONES.CAT16),
}

/**
 * What a color seen by an eye adapted to one white corresponds to under another: von Kries scaling of cone
 * responses.
 *
 * @param degree of adaptation, 0 (none: the tint of the light is seen in full) to 1 (complete)
 */
export function adapt(
  xyz: Xyz,
  whiteFrom: Xyz,
  whiteTo: Xyz,
  degree = 1,
  method: AdaptationMethod = 'CAT16',
): Xyz {
  const cones = CONES[method]
  const [from, to, seen] = [times(cones, whiteFrom), times(cones, whiteTo), times(cones, xyz)]
  const gain = (k: 0 | 1 | 2) => seen[k] * (degree * (to[k] / from[k]) + 1 - degree)
  return times(BACK[method], [gain(0), gain(1), gain(2)])
}

/**
 * How far the eye adapts to the light of a room, 0 to 1: less when it is dim.
 *
 * @param adaptingCdM2 luminance the eye is adapted to; a fifth of the white's is usual
 * @see CIECAM02, CIE 159:2004, and CAM16: D = F (1 − e^((−L_A − 42)/92) / 3.6), F = 1 for an average surround
 */
export function degreeOfAdaptation(adaptingCdM2: number): number {
  return Math.min(1, Math.max(0, 1 - Math.exp((-adaptingCdM2 - 42) / 92) / 3.6))
}

/** Luminance the eye adapts to in a room: a fifth of a white sheet's under this illuminance. */
export const adaptingLuminance = (lux: number): number => lux / Math.PI / 5

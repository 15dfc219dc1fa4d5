import type { LabD65 } from './lab.js'
import { labOfXyz, xyzOfLab } from './xyz.js'
import { daylight, OBSERVERS, tristimulus, WAVELENGTHS_NM, type Spectrum } from './spectra.js'

const D65 = daylight(6504)
/** White point of our D65 at 5 nm: what a recovered reflectance of 1 gives. */
export const WHITE_D65 = tristimulus(D65)

const X = Float64Array.from(WAVELENGTHS_NM, (nm) => (nm - 380) / 400)
/** D65 times each color-matching function, scaled so that a reflectance of 1 sums to the white point. */
const WEIGHTS = OBSERVERS[2].map((f) => {
  const norm = OBSERVERS[2][1].reduce((sum, v, i) => sum + v * (D65[i] ?? 0), 0)
  return f.map((v, i) => (100 * v * (D65[i] ?? 0)) / norm)
})

type Coefficients = [number, number, number]

const sigmoid = (x: number) => 0.5 + x / (2 * Math.sqrt(1 + x * x))

function spectrumOf([c0, c1, c2]: Coefficients): Spectrum {
  return X.map((x) => sigmoid((c0 * x + c1) * x + c2))
}

/** Color under D65 of the reflectance with these coefficients, without making the spectrum. */
function labOf([c0, c1, c2]: Coefficients): LabD65 {
  const [wx, wy, wz] = WEIGHTS as [Spectrum, Spectrum, Spectrum]
  let [x, y, z] = [0, 0, 0]
  for (let i = 0; i < X.length; i++) {
    const at = X[i] ?? 0
    const r = sigmoid((c0 * at + c1) * at + c2)
    x += (wx[i] ?? 0) * r
    y += (wy[i] ?? 0) * r
    z += (wz[i] ?? 0) * r
  }
  return labOfXyz([x, y, z], WHITE_D65)
}

// A hundredth of what anyone can see is near enough (ΔE*ab).
const GOOD = 0.01

const miss = (one: LabD65, two: LabD65): Coefficients => [one.l - two.l, one.a - two.a, one.b - two.b]
const length = (v: Coefficients) => Math.hypot(...v)

/**
 * A smooth reflectance that has this color under D65: the sigmoid of a parabola, found by Gauss and Newton in
 * CIELAB. One of the many that have it (metamers): paint, timber and cloth of one color may have others, so what
 * follows from it is the likely course and no measurement.
 *
 * @returns values strictly between 0 and 1, and how far its color is from the wanted one, ΔE*ab: 0 for every
 *   color that a surface can have
 * @see Jakob & Hanika, A Low-Dimensional Function Space for Efficient Spectral Upsampling, Computer Graphics
 *   Forum 38(2), 2019
 */
export function recoverReflectance(lab: LabD65): { readonly spectrum: Spectrum; readonly missedBy: number } {
  const y = Math.min(0.98, Math.max(0.004, xyzOfLab(lab, WHITE_D65)[1] / 100))
  const start = 2 * y - 1
  const flat = start / Math.sqrt(1 - start * start)
  let best: { at: Coefficients; off: number } | undefined
  // From an even spectrum nearly every color is reached; strong ones may need one that rises, falls or arches.
  for (const from of [
    [0, 0, flat],
    [0, 8, flat - 4],
    [0, -8, flat + 4],
    [-30, 30, flat - 5],
    [30, -30, flat + 5],
  ] as Coefficients[]) {
    const found = descend(from, lab)
    if (!best || found.off < best.off) best = found
    if (best.off <= GOOD) break
  }
  const { at, off } = best ?? { at: [0, 0, flat], off: Infinity }
  return { spectrum: spectrumOf(at), missedBy: off }
}

/** Gauss and Newton from one start, damped where a step would lead away. */
function descend(from: Coefficients, lab: LabD65): { at: Coefficients; off: number } {
  let best = from
  let off = miss(labOf(best), lab)
  let damping = 1e-3
  for (let round = 0; round < 60 && length(off) > GOOD; round++) {
    const columns = ([0, 1, 2] as const).map((k) => {
      const moved: Coefficients = [...best]
      const h = 1e-5 * Math.max(1, Math.abs(best[k]))
      moved[k] += h
      const at = miss(labOf(moved), lab)
      return [(at[0] - off[0]) / h, (at[1] - off[1]) / h, (at[2] - off[2]) / h] as Coefficients
    })
    const step = levenberg(columns as [Coefficients, Coefficients, Coefficients], off, damping)
    const next: Coefficients = [best[0] - step[0], best[1] - step[1], best[2] - step[2]]
    const nextOff = miss(labOf(next), lab)
    if (length(nextOff) < length(off)) {
      best = next
      off = nextOff
      damping = Math.max(1e-12, damping / 8)
    } else {
      damping *= 10
      if (damping > 1e6) break
    }
  }
  return { at: best, off: length(off) }
}

/** One damped step of least squares for three unknowns. */
function levenberg(
  j: readonly [Coefficients, Coefficients, Coefficients],
  off: Coefficients,
  damping: number,
): Coefficients {
  const dot = (a: Coefficients, b: Coefficients) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
  const m = j.map((a, r) => j.map((b, c) => dot(a, b) * (r === c ? 1 + damping : 1)) as Coefficients) as [
    Coefficients,
    Coefficients,
    Coefficients,
  ]
  const v: Coefficients = [dot(j[0], off), dot(j[1], off), dot(j[2], off)]
  const det = (a: Coefficients, b: Coefficients, c: Coefficients) =>
    a[0] * (b[1] * c[2] - b[2] * c[1]) -
    a[1] * (b[0] * c[2] - b[2] * c[0]) +
    a[2] * (b[0] * c[1] - b[1] * c[0])
  const whole = det(m[0], m[1], m[2])
  if (!(Math.abs(whole) > 1e-300)) return [0, 0, 0]
  // The matrix is symmetric, so its rows serve as columns.
  return [det(v, m[1], m[2]) / whole, det(m[0], v, m[2]) / whole, det(m[0], m[1], v) / whole]
}

import type { LabD65 } from '../../../kernel/color/lab.js'

/** A picture in sRGB, three or four bytes a pixel. */
export interface Pixels {
  readonly width: number
  readonly height: number
  readonly data: Uint8Array | Uint8ClampedArray
}

/** Factors for linear red, green and blue that make the white card neutral. */
export type WhiteGains = readonly [number, number, number]

/** Linear light of each byte of sRGB (IEC 61966-2-1). */
export const LINEAR = Float64Array.from({ length: 256 }, (_, i) => {
  const v = i / 255
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4
})
// f(t) of CIELAB by table: at 4096 steps the error stays under ΔE 0.02 except near black, where f is a line.
const STEPS = 4096
const F = Float64Array.from({ length: STEPS + 2 }, (_, i) => {
  const t = i / STEPS
  return t > (6 / 29) ** 3 ? Math.cbrt(t) : t / (3 * (6 / 29) ** 2) + 4 / 29
})
function f(t: number): number {
  const x = t >= 1 ? STEPS : t * STEPS
  const i = x | 0
  return F[i]! + (x - i) * (F[i + 1]! - F[i]!)
}

// Linear sRGB to XYZ over the D65 white (IEC 61966-2-1), a row a letter.
const [XR, XG, XB] = [0.4123908 / 0.9504559, 0.3575843 / 0.9504559, 0.1804808 / 0.9504559]
const [YR, YG, YB] = [0.212639, 0.7151687, 0.0721923]
const [ZR, ZG, ZB] = [0.0193308 / 1.0890578, 0.1191948 / 1.0890578, 0.9505322 / 1.0890578]

/** CIELAB of a linear sRGB color, D65. */
export function labOfLinear(r: number, g: number, b: number): LabD65 {
  const fx = f(XR * r + XG * g + XB * b)
  const fy = f(YR * r + YG * g + YB * b)
  const fz = f(ZR * r + ZG * g + ZB * b)
  return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) }
}

/**
 * Lightness and tint of every pixel. Shade scales L* + 16, a* and b* alike, so u = 100 a*∕(L* + 16) and
 * v = 100 b*∕(L* + 16) stay as they are when a thing goes from light into shade.
 */
export interface LabPlanes {
  readonly width: number
  readonly height: number
  readonly l: Float32Array
  readonly u: Float32Array
  readonly v: Float32Array
}

export function labPlanes({ width, height, data }: Pixels, gains: WhiteGains = [1, 1, 1]): LabPlanes {
  const n = width * height
  const step = data.length / n
  const [l, u, v] = [new Float32Array(n), new Float32Array(n), new Float32Array(n)]
  const [red, green, blue] = gains.map((gain) => LINEAR.map((x) => x * gain)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ]
  for (let i = 0, at = 0; i < n; i++, at += step) {
    const r = red[data[at]!]!
    const g = green[data[at + 1]!]!
    const b = blue[data[at + 2]!]!
    // As labOfLinear, without an object for each of a hundred thousand pixels.
    const fy = f(YR * r + YG * g + YB * b)
    const fx = f(XR * r + XG * g + XB * b)
    const fz = f(ZR * r + ZG * g + ZB * b)
    l[i] = 116 * fy - 16
    u[i] = (50_000 / 116) * (fx / fy - 1)
    v[i] = (20_000 / 116) * (1 - fz / fy)
  }
  return { width, height, l, u, v }
}

/**
 * Factors that make a white or grey card in the photo neutral, keeping its luminance, so that a cast of the light
 * leaves the other colors too.
 *
 * @param card mean of the card in linear sRGB, see {@link discMean}
 */
export function whiteGains([r, g, b]: readonly [number, number, number]): WhiteGains {
  const y = YR * r + YG * g + YB * b
  const gain = (v: number) => (v > 1e-4 ? y / v : 1)
  return [gain(r), gain(g), gain(b)]
}

/**
 * Mean of the pixels within a disc, in linear sRGB: weave and grain are averaged as the eye averages them.
 *
 * @param x across, y down, radius: pixels
 */
export function discMean(
  { width, height, data }: Pixels,
  x: number,
  y: number,
  radius: number,
): [number, number, number] {
  const step = data.length / (width * height)
  const sum: [number, number, number] = [0, 0, 0]
  let n = 0
  const [cx, cy] = [
    Math.min(width - 1, Math.max(0, Math.round(x))),
    Math.min(height - 1, Math.max(0, Math.round(y))),
  ]
  for (let py = Math.max(0, cy - radius); py <= Math.min(height - 1, cy + radius); py++)
    for (let px = Math.max(0, cx - radius); px <= Math.min(width - 1, cx + radius); px++) {
      if ((px - cx) ** 2 + (py - cy) ** 2 > radius * radius) continue
      const at = step * (py * width + px)
      sum[0] += LINEAR[data[at]!]!
      sum[1] += LINEAR[data[at + 1]!]!
      sum[2] += LINEAR[data[at + 2]!]!
      n++
    }
  return [sum[0] / n, sum[1] / n, sum[2] / n]
}

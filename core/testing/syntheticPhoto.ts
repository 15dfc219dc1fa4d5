import { LINEAR } from '../stages/palette/extraction/labPlanes.js'
import { seededNumbers } from '../kernel/random/seededNumbers.js'
import { deltaE00, labToHex, type LabD65 } from '../kernel/color/lab.js'

export const LIGHTINGS = ['flat', 'shaded', 'hard-lit', 'textured'] as const
export type Lighting = (typeof LIGHTINGS)[number]

/** A photo made by formula, of which the colors and their shares are known. */
export interface SyntheticPhoto {
  readonly width: number
  readonly height: number
  /** sRGB, three bytes a pixel. */
  readonly rgb: Uint8Array
  /** Each material: its color where it is best lit (95 in 100 of it is darker), and its part of the picture. */
  readonly truth: readonly { readonly lab: LabD65; readonly share: number }[]
}

const ENCODE = 4096
const encoded = Float64Array.from({ length: ENCODE + 1 }, (_, i) => {
  const v = i / ENCODE
  return 255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055)
})

function linearOf(lab: LabD65): [number, number, number] {
  const hex = labToHex(lab)
  const part = (i: number) => LINEAR[parseInt(hex.slice(i, i + 2), 16)] ?? 0
  return [part(1), part(3), part(5)]
}

interface Shape {
  readonly kind: 'box' | 'ellipse' | 'diamond'
  readonly x: number
  readonly y: number
  readonly rx: number
  readonly ry: number
  readonly cos: number
  readonly sin: number
  /** Square of the radius of a circle round it. */
  readonly reach: number
}

function inside(shape: Shape, x: number, y: number): boolean {
  const dx = x - shape.x
  const dy = y - shape.y
  if (dx * dx + dy * dy > shape.reach) return false
  const u = (dx * shape.cos + dy * shape.sin) / shape.rx
  const v = (-dx * shape.sin + dy * shape.cos) / shape.ry
  if (shape.kind === 'box') return Math.abs(u) <= 1 && Math.abs(v) <= 1
  return shape.kind === 'ellipse' ? u * u + v * v <= 1 : Math.abs(u) + Math.abs(v) <= 1
}

const WHOLE = { x: 0.5, y: 0.375, rx: 0.5, ry: 0.5 }

/** Colors of materials, at least ΔE00 12 from each other: two in three are near-neutral, as rooms are. */
function materials(count: number, random: () => number): LabD65[] {
  const found: LabD65[] = []
  for (let tries = 0; found.length < count && tries < 5000; tries++) {
    const c = random() < 0.6 ? 2 + 16 * random() : 20 + 45 * random()
    const h = 2 * Math.PI * random()
    const l = 22 + 70 * random()
    const lab = { l, a: c * Math.cos(h), b: c * Math.sin(h) }
    const rgb = linearOf(lab)
    if (Math.min(...rgb) < 0.012 || Math.max(...rgb) > 0.93) continue
    if (found.every((f) => deltaE00(f, lab) >= 12)) found.push(lab)
  }
  return found
}

/** Smooth noise between −1 and 1 on a grid of the given step, in picture widths. */
function noise(random: () => number, step: number): (x: number, y: number) => number {
  const n = Math.ceil(1 / step) + 2
  const grid = Float64Array.from({ length: n * n }, () => 2 * random() - 1)
  return (x, y) => {
    const gx = x / step
    const gy = y / step
    const i = Math.floor(gx)
    const j = Math.floor(gy)
    const fx = ease(gx - i)
    const fy = ease(gy - j)
    const at = j * n + i
    const upper = grid[at]! * (1 - fx) + grid[at + 1]! * fx
    const lower = grid[at + n]! * (1 - fx) + grid[at + n + 1]! * fx
    return upper * (1 - fy) + lower * fy
  }
}
const ease = (f: number): number => f * f * (3 - 2 * f)

/**
 * Draws a room-like picture: a wall, a floor and seven to eleven things before them, two of them small accents,
 * lit in one of four ways, with grain.
 *
 * @param seed the same seed draws the same picture
 * @param width pixels; the height is three quarters of it
 */
export function syntheticPhoto(seed: number, lighting: Lighting, width = 4000): SyntheticPhoto {
  const random = seededNumbers(seed * 7919 + LIGHTINGS.indexOf(lighting))
  const height = Math.round((width * 3) / 4)
  const things = 5 + Math.floor(4 * random())
  const labs = materials(things + 4, random)
  const linear = labs.map(linearOf)
  const shapes: Shape[] = labs.slice(2).map((_, i): Shape => {
    const accent = i >= things
    const rx = accent ? 0.024 + 0.02 * random() : 0.06 + 0.1 * random()
    const ry = rx * (0.7 + 0.8 * random())
    const turn = Math.PI * random()
    return {
      kind: (['box', 'ellipse', 'diamond'] as const)[Math.floor(3 * random())] ?? 'box',
      x: 0.08 + 0.84 * random(),
      y: 0.08 + 0.6 * random(),
      rx,
      ry,
      cos: Math.cos(turn),
      sin: Math.sin(turn),
      reach: rx * rx + ry * ry,
    }
  })
  const horizon = 0.42 + 0.15 * random()
  const falls = labs.map(() => {
    const turn = 2 * Math.PI * random()
    return { cos: Math.cos(turn), sin: Math.sin(turn), depth: 0.3 + 0.25 * random() }
  })
  const beam = {
    x: 0.3 + 0.4 * random(),
    slope: random() - 0.5,
    width: 0.22 + 0.15 * random(),
    shade: 0.35 + 0.25 * random(),
  }
  const weaves = labs.map(() => ({ period: 6 + 8 * random(), depth: 0.08 + 0.14 * random() }))
  const cloth = noise(random, 0.012)
  const grain = noise(random, 0.0031)
  const spots = shapes.slice(0, 2).map((s) => ({ x: s.x + 0.3 * s.rx, y: s.y - 0.3 * s.ry }))

  const rgb = new Uint8Array(width * height * 3)
  const counts = new Float64Array(labs.length)
  const levels = labs.map(() => new Uint32Array(256))
  let state = seed + 99
  for (let py = 0; py < height; py++) {
    const y = py / width
    for (let px = 0; px < width; px++) {
      const x = px / width
      let m = y < horizon ? 0 : 1
      for (let k = shapes.length - 1; k >= 0; k--)
        if (inside(shapes[k]!, x, y)) {
          m = k + 2
          break
        }
      let level = 1
      if (lighting === 'shaded' || lighting === 'hard-lit') {
        const fall = falls[m]!
        const s = m >= 2 ? shapes[m - 2]! : WHOLE
        const along = ((x - s.x) / s.rx) * fall.cos + ((y - s.y) / s.ry) * fall.sin
        const depth = lighting === 'shaded' ? fall.depth : 0.12
        const far = along < -1 ? 0 : along > 1 ? 1 : (along + 1) / 2
        level *= 1 - depth * far * Math.sqrt(far)
      }
      if (lighting === 'hard-lit' && Math.abs(x - beam.x - beam.slope * y) > beam.width) level *= beam.shade
      const broad = level
      if (lighting === 'textured') {
        const w = weaves[m]!
        level *=
          1 + w.depth * Math.sin((2 * Math.PI * px) / w.period) * Math.sin((2 * Math.PI * py) / w.period)
        level *= 1 + 0.12 * cloth(x, y) + 0.08 * grain(x, y)
      }
      counts[m]!++
      levels[m]![Math.min(255, Math.round(broad * 255))]!++
      let glint = 0
      if (lighting === 'hard-lit')
        for (let k = 0; k < spots.length; k++) {
          const dx = x - spots[k]!.x
          const dy = y - spots[k]!.y
          if (dx * dx + dy * dy < 0.000144) glint = 0.6
        }
      const color = linear[m]!
      const at = 3 * (py * width + px)
      state = (Math.imul(state, 1664525) + 1013904223) | 0
      const shot = (state >> 8) * (4 / 2 ** 24)
      for (let k = 0; k < 3; k++) {
        const v = color[k]! * level + glint
        const byte = encoded[v >= 1 ? ENCODE : (v * ENCODE + 0.5) | 0]! + shot + 0.5
        rgb[at + k] = byte < 0 ? 0 : byte > 255 ? 255 : byte
      }
    }
  }
  const all = width * height
  const truth = labs.flatMap((lab, m) => {
    if (counts[m]! / all < 0.0015) return []
    let left = 0.05 * counts[m]!
    let best = 255
    while (best > 0 && (left -= levels[m]![best]!) > 0) best--
    return [{ lab: litAt(lab, best / 255), share: counts[m]! / all }]
  })
  return { width, height, rgb, truth }
}

/** A color in less light: what is left of it scales in linear light, which in CIELAB scales L* + 16, a* and b*. */
function litAt({ l, a, b }: LabD65, level: number): LabD65 {
  const k = Math.cbrt(level)
  return { l: (l + 16) * k - 16, a: a * k, b: b * k }
}

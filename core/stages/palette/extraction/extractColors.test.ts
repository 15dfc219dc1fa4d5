import { describe, expect, test } from 'vitest'
import { deltaE00, hexToLab } from '../../../kernel/color/lab.js'
import { LIGHTINGS, syntheticPhoto } from '../../../testing/syntheticPhoto.js'
import { extractColors } from './extractColors.js'
import { discMean, labOfLinear, whiteGains } from './labPlanes.js'

// Small pictures of the same making as the 12-megapixel photos of npm run bench; seeds that were not tuned on.
describe('colors and shares of pictures made by formula', () => {
  const drawn = LIGHTINGS.flatMap((lighting) =>
    [201, 202, 203].map((seed) => ({ lighting, seed, photo: syntheticPhoto(seed, lighting, 400) })),
  )
  const judged = drawn.map(({ lighting, seed, photo }) => {
    const found = extractColors({ width: photo.width, height: photo.height, data: photo.rgb })
    return {
      lighting,
      seed,
      found,
      truth: photo.truth.map((t) => {
        const [best] = found
          .map((f) => ({ f, deltaE: deltaE00(f.lab, t.lab) }))
          .sort((x, y) => x.deltaE - y.deltaE)
        return { share: t.share, deltaE: best?.deltaE ?? 100, off: Math.abs((best?.f.share ?? 0) - t.share) }
      }),
    }
  })
  test.each(judged.map((j) => [j.lighting, j.seed, j] as const))(
    '%s, seed %i: every color of a hundredth and more is found',
    (_l, _s, j) => {
      for (const t of j.truth.filter((x) => x.share >= 0.01)) expect(t.deltaE).toBeLessThan(5)
    },
  )
  test('on average within ΔE00 1.5, shares within a fiftieth', () => {
    const all = judged.flatMap((j) => j.truth.filter((x) => x.share >= 0.01))
    expect(all.reduce((sum, t) => sum + t.deltaE, 0) / all.length).toBeLessThan(1.5)
    expect(all.reduce((sum, t) => sum + t.off, 0) / all.length).toBeLessThan(0.02)
  })
  test('the same picture gives the same colors, and shares do not exceed the whole', () => {
    const { photo } = drawn[0]!
    const again = extractColors({ width: photo.width, height: photo.height, data: photo.rgb })
    expect(again).toEqual(judged[0]!.found)
    for (const j of judged) expect(j.found.reduce((sum, f) => sum + f.share, 0)).toBeLessThanOrEqual(1 + 1e-9)
  })
})

test('an even picture has one color, the whole of it', () => {
  const data = new Uint8Array(60 * 40 * 4).map((_, i) => [0xa4, 0x46, 0x2f, 255][i % 4]!)
  const found = extractColors({ width: 60, height: 40, data })
  expect(found).toHaveLength(1)
  expect(found[0]!.share).toBe(1)
  expect(deltaE00(found[0]!.lab, hexToLab('#a4462f'))).toBeLessThan(0.1)
})

test('a shadow across two materials is no third and fourth color', () => {
  const half = (hex: string, k: number) =>
    [1, 3, 5].map((i) => {
      const v = parseInt(hex.slice(i, i + 2), 16) / 255
      const linear = k * (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4)
      return Math.round(255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055))
    })
  const [width, height] = [160, 120]
  const data = new Uint8Array(width * height * 3)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      data.set(half(y < 60 ? '#c9a76c' : '#5f7d80', x < 70 ? 0.45 : 1), 3 * (y * width + x))
  const found = extractColors({ width, height, data })
  expect(found).toHaveLength(2)
  expect(
    Math.max(
      ...found.map((f) =>
        Math.min(deltaE00(f.lab, hexToLab('#c9a76c')), deltaE00(f.lab, hexToLab('#5f7d80'))),
      ),
    ),
  ).toBeLessThan(1.5)
})

test('a card that should be white takes the cast out of the picture', () => {
  // A warm lamp: red up, blue down, in linear light.
  const cast = [1.2, 1, 0.6]
  const lit = (hex: string) => {
    const linear = [1, 3, 5].map((i) => {
      const v = parseInt(hex.slice(i, i + 2), 16) / 255
      return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4
    })
    return linear.map((v, k) => v * cast[k]! * 0.8) as [number, number, number]
  }
  const gains = whiteGains(lit('#c8c8c8'))
  const seen = lit('#5f7d80')
  const corrected = labOfLinear(seen[0] * gains[0], seen[1] * gains[1], seen[2] * gains[2])
  const wanted = hexToLab('#5f7d80')
  // Only the exposure is left: the card says what is neutral, not how bright the room was.
  const k = (corrected.l + 16) / (wanted.l + 16)
  expect(corrected.a / k).toBeCloseTo(wanted.a, 0)
  expect(corrected.b / k).toBeCloseTo(wanted.b, 0)
})

test('pointing averages over a disc and stays within the picture', () => {
  const data = new Uint8Array(10 * 10 * 3).fill(128)
  const [r, g, b] = discMean({ width: 10, height: 10, data }, -5, 50, 4)
  expect(labOfLinear(r, g, b).l).toBeCloseTo(hexToLab('#808080').l, 1)
})

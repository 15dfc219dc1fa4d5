import { normal } from '../noise.js'

/** Physical samples on the bench of the stand-in: CIELAB, D65, 2°. */
export const SAMPLES: Readonly<Record<string, readonly [number, number, number]>> = {
  'parquet by the door': [41.2, 19.9, 26.4],
  'parquet by the window': [45.8, 17.1, 27.9],
  'piano lid': [20.5, 14.1, 15.6],
  'lamp brass': [58.5, -2.4, 33.9],
  'pole brass': [62, 10.5, 21.6],
  'old wall paint': [88, -0.5, 14],
  'kelim, rust': [47.5, 34.2, 36.8],
  'kelim, canal green': [43.6, -11.8, -4.1],
  'linen cutting': [81.4, 1.1, 9.8],
}

// Repeatability ΔE 0.3 is the mean distance of readings from their mean; three normal numbers of this spread give it
// (the mean length of a normal vector in three dimensions is 2 √(2/π) σ).
const SIGMA = 0.3 / (2 * Math.sqrt(2 / Math.PI))

/** Readings of a sample of the bench, to a hundredth. */
export function colorReadings(seed: number): (name: string) => [l: number, a: number, b: number] {
  const next = normal(seed)
  const near = (v: number) => Math.round((v + SIGMA * next()) * 100) / 100
  return (name) => {
    const [l = 50, a = 0, b = 0] = SAMPLES[name] ?? []
    return [near(l), near(a), near(b)]
  }
}

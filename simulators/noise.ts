import { seededNumbers } from '@bonitas/core/kernel/random/seededNumbers'

/** A generator of normal numbers of mean 0 and deviation 1 from a seed. */
export function normal(seed: number): () => number {
  const next = seededNumbers(seed)
  // Box and Muller: two uniform numbers make one normal one.
  return () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next())
}

/** Readings of a length with 1.5 mm of noise (one standard deviation), to a tenth of a millimeter. */
export function laserReadings(seed: number, sigmaMm = 1.5): (trueMm: number) => number {
  const next = normal(seed)
  return (trueMm) => Math.round((trueMm + sigmaMm * next()) * 10) / 10
}

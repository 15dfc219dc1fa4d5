/** A generator of uniform numbers from a seed (mulberry32), so that a run can be repeated. */
function uniform(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** A generator of normal numbers of mean 0 and deviation 1 from a seed. */
export function normal(seed: number): () => number {
  const next = uniform(seed)
  // Box and Muller: two uniform numbers make one normal one.
  return () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next())
}

/** Readings of a length with 1.5 mm of noise (one standard deviation), to a tenth of a millimeter. */
export function laserReadings(seed: number, sigmaMm = 1.5): (trueMm: number) => number {
  const next = normal(seed)
  return (trueMm) => Math.round((trueMm + sigmaMm * next()) * 10) / 10
}

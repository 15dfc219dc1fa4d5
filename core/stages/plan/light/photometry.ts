// Photometry of rooms: the formulas of the handbooks, in meters, lumens, candela, lux and degrees.

const RAD = Math.PI / 180

/** Room index k = L W / (H (L + W)), H from the work plane to the lamps (CIBSE and CIE practice). */
export const roomIndex = (lengthM: number, widthM: number, overPlaneM: number): number =>
  (lengthM * widthM) / (overPlaneM * (lengthM + widthM))

/** Room cavity ratio of any outline, 2.5 H P / A (IES zonal cavity); for a rectangle 5 H (L + W) / (L W). */
export const cavityRatio = (areaM2: number, perimeterM: number, heightM: number): number =>
  (2.5 * heightM * perimeterM) / areaM2

/** Number of luminaires for a mean illuminance by the lumen method, N = E A / (F UF MF). */
export function lumenMethod(ask: {
  readonly lux: number
  readonly areaM2: number
  readonly lumensEach: number
  readonly utilization: number
  readonly maintenance: number
}) {
  const { lux, areaM2, lumensEach, utilization, maintenance } = ask
  const totalLumens = (lux * areaM2) / (utilization * maintenance)
  const exact = totalLumens / lumensEach
  // A count that is whole but for rounding is not raised to the next.
  const luminaires = Math.ceil(exact - 1e-9)
  return {
    totalLumens,
    exact,
    luminaires,
    achievedLux: (luminaires * lumensEach * utilization * maintenance) / areaM2,
  }
}

/** A factor read from a table of room indexes, linear between two rows; outside it the nearest row. */
export function interpolated(table: readonly (readonly [number, number])[], at: number): number {
  const [first, last] = [table[0], table[table.length - 1]]
  if (!first || !last) return 0
  if (at <= first[0]) return first[1]
  for (let i = 1; i < table.length; i++) {
    const [a, b] = [table[i - 1] ?? first, table[i] ?? last]
    if (at <= b[0]) return a[1] + ((b[1] - a[1]) * (at - a[0])) / (b[0] - a[0])
  }
  return last[1]
}

/**
 * Illuminance at a point from a source `heightM` above and `asideM` aside: inverse square and cosine laws.
 * @param candela intensity towards the point
 */
export function atPoint(candela: number, heightM: number, asideM: number) {
  const d = Math.hypot(heightM, asideM)
  return {
    distanceM: d,
    thetaDeg: Math.atan2(asideM, heightM) / RAD,
    horizontalLux: (candela * heightM) / d ** 3,
    verticalLux: (candela * asideM) / d ** 3,
  }
}

/** Intensity of a flux spread evenly in a cone: F / (2π (1 − cos(beam/2))); 360° is a bare lamp. */
export const coneCandela = (lumens: number, beamDeg: number): number =>
  lumens / (2 * Math.PI * (1 - Math.cos((beamDeg / 2) * RAD)))

/** Diameter of the spot of a beam at a distance. */
export const beamDiameter = (beamDeg: number, distanceM: number): number =>
  2 * distanceM * Math.tan((beamDeg / 2) * RAD)

/** Peak intensity of a flat diffuse panel, F / π. */
export const panelCandela = (lumens: number): number => lumens / Math.PI

/** Luminance of a matt surface, ρ E / π, in cd/m². */
export const mattLuminance = (reflectance: number, lux: number): number => (reflectance * lux) / Math.PI

export const LUX_PER_FOOTCANDLE = 1 / 0.3048 ** 2
export const CD_PER_M2_PER_FOOTLAMBERT = 1 / (Math.PI * 0.3048 ** 2)

/** Mean reflectance of surfaces by area. */
export function meanReflectance(areas: readonly number[], reflectances: readonly number[]): number {
  const all = areas.reduce((sum, a) => sum + a, 0)
  return all === 0 ? 0 : areas.reduce((sum, a, i) => sum + a * (reflectances[i] ?? 0), 0) / all
}

/**
 * Light that reaches every surface by reflection: the flux that leaves the surfaces first struck, in an enclosure of
 * mean reflectance ρ, F ρ₁ / (A (1 − ρ)). The integrating-sphere form used for the reflected part in handbooks
 * (written from memory); it spreads the light evenly and so says nothing of shadows.
 */
export const reflectedLux = (
  lumens: number,
  firstReflectance: number,
  totalAreaM2: number,
  mean: number,
): number => (lumens * firstReflectance) / (totalAreaM2 * (1 - Math.min(0.95, mean)))

/** Average daylight factor in percent, T W θ M / (A (1 − R²)) (BRE formula, as in BS 8206-2, from memory). */
export function averageDaylightFactor(ask: {
  readonly transmittance: number
  readonly glazedM2: number
  readonly skyAngleDeg: number
  readonly maintenance: number
  readonly surfacesM2: number
  readonly reflectance: number
}): number {
  const { transmittance, glazedM2, skyAngleDeg, maintenance, surfacesM2, reflectance } = ask
  return (transmittance * glazedM2 * skyAngleDeg * maintenance) / (surfacesM2 * (1 - reflectance ** 2))
}

/** Least average daylight factor by room, percent (BS 8206-2, from memory). */
export const DAYLIGHT_LEAST: Readonly<Record<string, number>> = {
  kitchen: 2,
  'living room': 1.5,
  'dining room': 1.5,
  study: 1.5,
  bedroom: 1,
  "child's room": 1,
}

/** Diameter of a chandelier in inches from a room in feet (common practice): the sum of length and width. */
export const chandelierIn = (lengthFt: number, widthFt: number): number => lengthFt + widthFt

/** A starting point for downlights (common practice): half the ceiling height apart, half of that from the wall. */
export const downlightSpacing = (ceilingM: number) => ({ spacingM: ceilingM / 2, wallM: ceilingM / 4 })

/** Illuminance of the immediate surround of a task (EN 12464-1:2011, from memory). */
export const surroundLux = (taskLux: number): number =>
  taskLux >= 750 ? 500 : taskLux >= 500 ? 300 : taskLux >= 300 ? 200 : taskLux >= 200 ? 150 : taskLux

/** A hanging lamp is kept out of 3 ft beside and 8 ft above the rim of a bath or shower (NEC 410.10(D), from memory). */
export const nearTub = (besideMm: number, aboveMm: number): boolean => besideMm < 914.4 && aboveMm < 2438.4

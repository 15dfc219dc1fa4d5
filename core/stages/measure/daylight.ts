/** Hours of sun time between which the sun stands before a window; sun time is noon when the sun is due south (or north). */
export interface SunSpan {
  readonly fromHour: number
  readonly toHour: number
}

const RAD = Math.PI / 180

/**
 * Declination of the sun on a day of the year, in degrees, by the Fourier series of Spencer (1971), good to about
 * 0.04°. 1 January is day 1.
 */
export function declinationDeg(dayOfYear: number): number {
  const g = (2 * Math.PI * (dayOfYear - 1)) / 365
  const rad =
    0.006918 -
    0.399912 * Math.cos(g) +
    0.070257 * Math.sin(g) -
    0.006758 * Math.cos(2 * g) +
    0.000907 * Math.sin(2 * g) -
    0.002697 * Math.cos(3 * g) +
    0.00148 * Math.sin(3 * g)
  return rad / RAD
}

/** Where the sun stands: altitude above the horizon and azimuth from north over east, degrees. */
export function sunPosition(
  latitudeDeg: number,
  declination: number,
  sunHour: number,
): { altitudeDeg: number; azimuthDeg: number } {
  const [lat, dec, hour] = [latitudeDeg * RAD, declination * RAD, (sunHour - 12) * 15 * RAD]
  const altitude = Math.asin(Math.sin(lat) * Math.sin(dec) + Math.cos(lat) * Math.cos(dec) * Math.cos(hour))
  const azimuth = Math.atan2(
    -Math.cos(dec) * Math.sin(hour),
    Math.cos(lat) * Math.sin(dec) - Math.sin(lat) * Math.cos(dec) * Math.cos(hour),
  )
  return { altitudeDeg: altitude / RAD, azimuthDeg: (azimuth / RAD + 360) % 360 }
}

// A window in a wall of ordinary thickness takes no sun from flatter than about this angle to its pane (common practice).
const GRAZING_DEG = 10

/**
 * When the sun comes in at a window on a clear day with an open view, to the minute, in sun time.
 *
 * @param facesDeg compass bearing the window looks at
 * @param dayOfYear 1 to 365; 80 is about 21 March, 172 about 21 June, 355 about 21 December
 * @returns no span when it never does, two when the sun leaves and comes back (a north window in summer)
 */
export function sunAtWindow(latitudeDeg: number, facesDeg: number, dayOfYear: number): SunSpan[] {
  const declination = declinationDeg(dayOfYear)
  const spans: { fromHour: number; toHour: number }[] = []
  const STEP = 1 / 60
  for (let minute = 0; minute < 24 * 60; minute++) {
    const hour = minute / 60
    const { altitudeDeg, azimuthDeg } = sunPosition(latitudeDeg, declination, hour)
    const aside = Math.abs(((azimuthDeg - facesDeg + 540) % 360) - 180)
    if (altitudeDeg <= 0 || aside > 90 - GRAZING_DEG) continue
    const last = spans[spans.length - 1]
    if (last && Math.abs(last.toHour - hour) < STEP * 1.5) last.toHour = hour + STEP
    else spans.push({ fromHour: hour, toHour: hour + STEP })
  }
  return spans
}

/** Hours of sun in all spans. */
export const sunHours = (spans: readonly SunSpan[]): number =>
  spans.reduce((sum, s) => sum + s.toHour - s.fromHour, 0)

const POINTS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const

/** The nearest of the eight points of the compass. */
export const compassPoint = (deg: number): string =>
  POINTS[Math.round((((deg % 360) + 360) % 360) / 45) % 8] ?? 'N'

/** 13:05 */
export const hourText = (hour: number): string => {
  const minutes = Math.round(hour * 60)
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`
}

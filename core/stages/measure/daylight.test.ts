import { getPosition, getTimes } from 'suncalc'
import { describe, expect, test } from 'vitest'
import { compassPoint, declinationDeg, hourText, sunAtWindow, sunHours, sunPosition } from './daylight.js'

const [MARCH, JUNE, DECEMBER] = [80, 172, 355]

test('declination is ±23.44° at the solstices and nothing at the equinox (obliquity of the ecliptic, from memory)', () => {
  expect(declinationDeg(JUNE)).toBeCloseTo(23.45, 1)
  expect(declinationDeg(DECEMBER)).toBeCloseTo(-23.43, 1)
  expect(Math.abs(declinationDeg(MARCH))).toBeLessThan(0.5)
})

describe('against an independent library', () => {
  // Sun time is noon at the library's own solar noon, so that longitude and the equation of time drop out.
  const days = [
    ['2026-03-21', MARCH],
    ['2026-06-21', JUNE],
    ['2026-12-21', DECEMBER],
  ] as const
  test.each(days.flatMap(([day, n]) => [-34, 35, 48, 60].map((lat) => [day, n, lat] as const)))(
    '%s at %i°, latitude %i',
    (day, n, latitude) => {
      const noon = getTimes(new Date(`${day}T12:00:00Z`), latitude, 0).solarNoon
      for (const hour of [7, 9, 12, 15, 17]) {
        const at = new Date(noon.getTime() + (hour - 12) * 3_600_000)
        const theirs = getPosition(at, latitude, 0)
        const ours = sunPosition(latitude, declinationDeg(n), hour)
        const degrees = theirs.altitude
        // Their altitude may carry refraction of up to half a degree near the horizon.
        expect(Math.abs(degrees - ours.altitudeDeg)).toBeLessThan(1)
      }
    },
  )
})

describe('when the sun comes in', () => {
  test('south windows at noon, east in the morning, west in the afternoon', () => {
    const [south] = sunAtWindow(48, 180, MARCH)
    expect(south!.fromHour).toBeLessThan(12)
    expect(south!.toHour).toBeGreaterThan(12)
    expect(sunAtWindow(48, 90, MARCH)[0]!.toHour).toBeLessThanOrEqual(12)
    expect(sunAtWindow(48, 270, MARCH)[0]!.fromHour).toBeGreaterThanOrEqual(12)
  })
  test('east and west are mirror images about noon', () => {
    const [east, west] = [sunAtWindow(48, 90, JUNE), sunAtWindow(48, 270, JUNE)]
    expect(sunHours(east)).toBeCloseTo(sunHours(west), 1)
    expect(east[0]!.fromHour + west[0]!.toHour).toBeCloseTo(24, 1)
  })
  test('a north window has none in winter and two spells at midsummer in the north', () => {
    expect(sunAtWindow(55, 0, DECEMBER)).toEqual([])
    expect(sunAtWindow(60, 0, JUNE)).toHaveLength(2)
  })
  test('south of the equator the north window has the sun', () => {
    expect(sunHours(sunAtWindow(-34, 0, DECEMBER))).toBeGreaterThan(0)
    expect(sunHours(sunAtWindow(-34, 0, JUNE))).toBeGreaterThan(sunHours(sunAtWindow(-34, 180, JUNE)))
  })
})

test('words', () => {
  expect([0, 44, 46, 270, 359].map(compassPoint)).toEqual(['N', 'NE', 'NE', 'W', 'N'])
  expect([12, 13.0833, 7.5].map(hourText)).toEqual(['12:00', '13:05', '7:30'])
})

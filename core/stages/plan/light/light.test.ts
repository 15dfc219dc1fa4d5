import type { UseKind } from '../../../model/vocabulary/use.js'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../../testing/published.js'
import { planRoom } from '../planRoom.js'
import { directLux, lightGrid, luxAt, type Luminaire, type Reflecting } from './roomLighting.js'
import { lampAgainstPicture, pendantFit, rankLampPlaces } from './lampPlaces.js'
import * as p from './photometry.js'
import { LIGHT_TARGETS } from './targets.js'
import { METRIC } from '../../../testing/habits.js'

type N = Record<string, number>
const near = (
  id: string,
  got: number,
  want: number,
  tolerance: number | Record<string, number>,
  key = '',
) => {
  const t = typeof tolerance === 'number' ? tolerance : (tolerance[key] ?? tolerance.default ?? 0)
  expect(Math.abs(got - want), `${id} ${key}: ${got} for ${want}`).toBeLessThanOrEqual(t + 1e-9)
}

describe('published values', () => {
  test.each(published<N, N>('lighting.room-index'))(
    '$id $title',
    ({ id, input: i, expected: e, tolerance }) => {
      if (e.roomIndex !== undefined) {
        near(
          id,
          p.roomIndex(i.length_m!, i.width_m!, i.mountingHeightAboveWorkPlane_m!),
          e.roomIndex,
          tolerance,
        )
        near(
          id,
          p.cavityRatio(
            i.length_m! * i.width_m!,
            2 * (i.length_m! + i.width_m!),
            i.mountingHeightAboveWorkPlane_m!,
          ),
          e.roomCavityRatio!,
          tolerance,
        )
      } else
        near(id, p.cavityRatio(i.area_m2!, i.perimeter_m!, i.cavityHeight_m!), e.roomCavityRatio!, tolerance)
    },
  )
  test.each(published<N, N>('lighting.cavity'))('$id', ({ id, input: i, expected: e, tolerance }) => {
    const of = (h: number) => p.cavityRatio(i.length_ft! * i.width_ft!, 2 * (i.length_ft! + i.width_ft!), h)
    near(id, of(i.suspension_ft!), e.ccr!, tolerance)
    near(id, of(i.ceilingHeight_ft! - i.suspension_ft! - i.workPlane_ft!), e.rcr!, tolerance)
    near(id, of(i.workPlane_ft!), e.fcr!, tolerance)
  })
  test.each(published<N, N>('lighting.lumen'))('$id $title', ({ id, input: i, expected: e, tolerance }) => {
    const found = p.lumenMethod({
      lux: i.illuminance_lux!,
      areaM2: i.length_m! * i.width_m!,
      lumensEach: i.lumensPerLuminaire!,
      utilization: i.utilisationFactor!,
      maintenance: i.maintenanceFactor!,
    })
    near(id, found.totalLumens, e.totalLumens!, tolerance, 'totalLumens')
    near(id, found.exact, e.luminairesExact!, tolerance, 'luminairesExact')
    expect(found.luminaires).toBe(e.luminaires)
    near(id, found.achievedLux, e.achievedLux!, tolerance, 'achievedLux')
  })
  test.each(
    published<{ roomIndex: number; table: [number, number][] }, { utilisationFactor: number }>(
      'lighting.uf-interp',
    ),
  )('$id $title', ({ id, input, expected, tolerance }) => {
    near(id, p.interpolated(input.table, input.roomIndex), expected.utilisationFactor, tolerance)
  })
  test.each(
    published<{ areas_m2: number[]; reflectances: number[] }, { meanReflectance: number }>(
      'lighting.reflectance-mean',
    ),
  )('$id', ({ id, input, expected, tolerance }) => {
    near(id, p.meanReflectance(input.areas_m2, input.reflectances), expected.meanReflectance, tolerance)
  })
  test.each(published<N, N>('lighting.point.'))('$id $title', ({ id, input: i, expected: e, tolerance }) => {
    const found = p.atPoint(i.intensity_cd!, i.height_m!, i.horizontalDistance_m!)
    near(id, found.distanceM, e.distance_m!, 0.0001)
    near(id, found.thetaDeg, e.theta_deg!, tolerance)
    near(id, found.horizontalLux, e.horizontalLux!, tolerance)
    near(id, found.verticalLux, e.verticalLux!, tolerance)
  })
  test('four downlights, point by point, through the code of the room', () => {
    const [check] = published<
      { luminaires_xyI: number[][]; points_xy: number[][]; heightAboveWorkPlane_m: number },
      { lux: number[] }
    >('lighting.point-grid')
    const { luminaires_xyI, points_xy, heightAboveWorkPlane_m: h } = check!.input
    const lamps = luminaires_xyI.map(([x, y, cd], k): Luminaire => ({
      id: String(k),
      name: '',
      at: { x: x! * 1e3, y: y! * 1e3 },
      heightMm: 750 + h * 1e3,
      aim: 'all round',
      beamDeg: 360,
      lumens: cd! * 4 * Math.PI,
    }))
    points_xy.forEach(([x, y], k) =>
      near(
        check!.id,
        directLux({ x: x! * 1e3, y: y! * 1e3 }, 750, lamps),
        check!.expected.lux[k]!,
        check!.tolerance,
      ),
    )
  })
  test.each(published<N, N>('lighting.beam'))('$id $title', ({ id, input: i, expected: e, tolerance }) =>
    near(id, p.beamDiameter(i.beamAngle_deg!, i.distance_m!), e.diameter_m!, tolerance),
  )
  test.each(published<N, N>('lighting.candela'))('$id $title', ({ id, input: i, expected: e, tolerance }) =>
    near(id, p.coneCandela(i.lumens!, i.beamAngle_deg!), e.candela!, tolerance),
  )
  test.each(published<N, N>('lighting.diffuser'))('$id', ({ id, input: i, expected: e, tolerance }) => {
    near(id, p.panelCandela(i.lumens!), e.peakIntensity_cd!, tolerance)
    near(id, p.mattLuminance(i.reflectance!, i.illuminance_lux!), e.luminance_cdm2!, tolerance)
  })
  test('units', () => {
    const [fc1] = published<
      { lux: number[]; footcandles: number[] },
      { luxToFc: number[]; fcToLux: number[] }
    >('lighting.units.01')
    fc1!.input.lux.forEach((v, k) =>
      near('units', v / p.LUX_PER_FOOTCANDLE, fc1!.expected.luxToFc[k]!, 0.001),
    )
    fc1!.input.footcandles.forEach((v, k) =>
      near('units', v * p.LUX_PER_FOOTCANDLE, fc1!.expected.fcToLux[k]!, 0.001),
    )
    const [fl] = published<{ footLamberts: number[] }, { cdm2: number[] }>('lighting.units.03')
    fl!.input.footLamberts.forEach((v, k) =>
      near('units', v * p.CD_PER_M2_PER_FOOTLAMBERT, fl!.expected.cdm2[k]!, 0.001),
    )
  })
  test.each(published<N, { averageDaylightFactorPercent: number }>('lighting.daylight.0'))(
    '$id',
    ({ id, input: i, expected, tolerance }) => {
      near(
        id,
        p.averageDaylightFactor({
          transmittance: i.transmittance!,
          glazedM2: i.glazedArea_m2!,
          skyAngleDeg: i.visibleSkyAngle_deg!,
          maintenance: i.maintenance!,
          surfacesM2: i.totalSurfaceArea_m2!,
          reflectance: i.meanReflectance!,
        }),
        expected.averageDaylightFactorPercent,
        tolerance,
      )
    },
  )
  test('least daylight, surround, chandelier, downlights, closets', () => {
    const [min] = published<{ rooms: string[] }, { minPercent: number[] }>('lighting.daylight.min')
    expect(min!.input.rooms.map((r) => p.DAYLIGHT_LEAST[r])).toEqual(min!.expected.minPercent)
    const [surround] = published<{ taskLux: number[] }, { surroundLux: number[] }>('lighting.surround.01')
    expect(surround!.input.taskLux.map(p.surroundLux)).toEqual(surround!.expected.surroundLux)
    const [ch] = published<{ length_ft: number; width_ft: number }, { diameter_in: number }>(
      'lighting.practice.chandelier',
    )
    expect(p.chandelierIn(ch!.input.length_ft, ch!.input.width_ft)).toBe(ch!.expected.diameter_in)
    const [down] = published<{ ceilingHeight_m: number }, { spacing_m: number; wallOffset_m: number }>(
      'lighting.practice.downlight',
    )
    expect(p.downlightSpacing(down!.input.ceilingHeight_m)).toEqual({
      spacingM: down!.expected.spacing_m,
      wallM: down!.expected.wallOffset_m,
    })
    const [nec] = published<
      { points: { horizontal_ft: number; above_ft: number }[] },
      { forbidden: boolean[] }
    >('lighting.nec.closet')
    expect(nec!.input.points.map((q) => p.nearTub(q.horizontal_ft * 304.8, q.above_ft * 304.8))).toEqual(
      nec!.expected.forbidden,
    )
  })
  test('targets lie in the customary ranges and at the values of the handbooks', () => {
    const [home] = published<{ areas: string[] }, { luxRange: [number, number][] }>(
      'lighting.recommended.home',
    )
    const of: Partial<Record<string, UseKind>> = {
      'general living': 'sit',
      reading: 'read',
      'dining table': 'eat',
      'bathroom mirror': 'wash',
      'bedroom general': 'sleep',
    }
    home!.input.areas.forEach((area, k) => {
      const target = LIGHT_TARGETS[of[area] ?? 'other']
      if (!target) return
      const [low, high] = home!.expected.luxRange[k]!
      expect(target.lux).toBeGreaterThanOrEqual(low)
      expect(target.lux).toBeLessThanOrEqual(high)
    })
    const lux = (id: string) => published<unknown, { lux?: number; maintainedLux?: number }>(id)[0]!.expected
    expect(LIGHT_TARGETS['sew or make']!.lux).toBe(lux('lighting.recommended.ies-e').lux)
    expect(LIGHT_TARGETS['play music']!.lux).toBe(lux('lighting.recommended.ies-d').lux)
    expect(LIGHT_TARGETS['work or study']!.lux).toBe(lux('lighting.recommended.en-office').maintainedLux)
  })
})

const square = planRoom({
  corners: [
    { x: 0, y: 0 },
    { x: 4000, y: 0 },
    { x: 4000, y: 4000 },
    { x: 0, y: 4000 },
  ],
  inward: 1,
  heightMm: 2500,
  kind: null,
  openings: [],
  fixtures: [],
  walls: ['n', 'e', 's', 'w'].map((id) => ({ id, name: id, face: 'smooth paint' })),
})
const surfaces: Reflecting = { floor: 0.2, walls: 0.5, ceiling: 0.7, floorM2: 16, wallsM2: 40, ceilingM2: 16 }
const lamp = (more: Partial<Luminaire> = {}): Luminaire => ({
  id: 'l',
  name: 'lamp',
  at: { x: 2000, y: 2000 },
  heightMm: 2300,
  lumens: 1000,
  beamDeg: 360,
  aim: 'all round',
  ...more,
})

describe('a room', () => {
  test('a bare lamp brings to the floor the part of its flux that the solid angle of the floor takes', () => {
    // Solid angle of a rectangle 2a × 2b seen from h over its middle: 4 arctan(ab / (h √(a² + b² + h²))).
    const grid = lightGrid(square, [lamp()], { ...surfaces, floor: 0, walls: 0, ceiling: 0 }, 0, 50)
    const part = (4 * Math.atan(4 / (2.3 * Math.sqrt(4 + 4 + 2.3 ** 2)))) / (4 * Math.PI)
    expect(grid.meanLux * 16).toBeCloseTo(1000 * part, 0)
    expect(grid.reflectedLux).toBe(0)
  })
  test('a cone that stays on the floor brings all its flux there', () => {
    const grid = lightGrid(
      square,
      [lamp({ aim: 'down', beamDeg: 60 })],
      { ...surfaces, floor: 0, walls: 0, ceiling: 0 },
      0,
      20,
    )
    expect(grid.meanLux * 16).toBeGreaterThan(980)
    expect(grid.meanLux * 16).toBeLessThan(1020)
  })
  test('light adds up, pale surfaces give more, and moving the lamp nearer gives more where it goes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 3700 }),
        fc.integer({ min: 300, max: 3700 }),
        fc.integer({ min: 100, max: 3000 }),
        (x, y, lumens) => {
          const [one, two] = [lamp({ lumens }), lamp({ at: { x, y }, id: 'm' })]
          const q = { x: 1000, y: 1000 }
          expect(luxAt(q, 750, [one, two], surfaces)).toBeCloseTo(
            luxAt(q, 750, [one], surfaces) + luxAt(q, 750, [two], surfaces),
            6,
          )
          expect(luxAt(q, 750, [one], { ...surfaces, walls: 0.8 })).toBeGreaterThan(
            luxAt(q, 750, [one], surfaces),
          )
          expect(directLux({ x, y }, 750, [two])).toBeGreaterThanOrEqual(directLux(q, 750, [two]) - 1e-9)
        },
      ),
    )
  })
  test('an uplighter lights by the ceiling alone', () => {
    expect(directLux({ x: 2000, y: 2000 }, 750, [lamp({ aim: 'up' })])).toBe(0)
    expect(luxAt({ x: 2000, y: 2000 }, 750, [lamp({ aim: 'up' })], surfaces)).toBeGreaterThan(10)
  })
})

describe('lamps', () => {
  test('a lamp goes where it is dark, to an upper shelf, near the socket', () => {
    const places = [
      { name: 'left top', at: { x: 500, y: 0 }, heightMm: 1500 },
      { name: 'left bottom', at: { x: 500, y: 0 }, heightMm: 250 },
      { name: 'right top', at: { x: 3500, y: 0 }, heightMm: 1500 },
      { name: 'right bottom', at: { x: 3500, y: 0 }, heightMm: 250 },
    ]
    const ranked = rankLampPlaces(
      places,
      [
        { x: 300, y: 400 },
        { x: 2000, y: 2000 },
      ],
      [{ name: 'Socket', at: { x: 3600, y: 0 } }],
      1800,
      METRIC,
    )
    expect(ranked.map((r) => r.place.name).slice(0, 2)).toEqual(['right top', 'left top'])
    expect(
      ranked
        .filter((r) => r.refused)
        .map((r) => r.place.name)
        .sort(),
    ).toEqual(['left bottom', 'right bottom'])
  })
  test('a low ceiling refuses height and not diameter; the table under a lamp counts', () => {
    const fit = (shadeMm: number) =>
      pendantFit({ ceilingMm: 2440, shadeMm, canopyAndCordMm: 60, headClearMm: 2100 })
    expect(fit(450)).toEqual({ largestDropMm: 340, dropMm: 510, fits: false })
    expect(fit(250)).toEqual({ largestDropMm: 340, dropMm: 310, fits: true })
    expect(lampAgainstPicture(610, 865, 1320)).toEqual({ topMm: 1475, overMm: 155, competes: true })
    expect(lampAgainstPicture(610, 660, 1320).competes).toBe(false)
  })
})

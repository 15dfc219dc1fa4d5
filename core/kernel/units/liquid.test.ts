import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { liquidFigure, liquidText, liquidUnit, spreadFigure, spreadOf, tinSizeText } from './liquid.js'

// NIST Handbook 44, Appendix C: 1 gal = 4 qt = 8 pt = 128 fl oz = 3.785 412 L.
describe('tins', () => {
  test.each([
    [2500, 'metric', '2.5 L'],
    [750, 'metric', '750 ml'],
    [2500, 'imperial', '2.5 L'],
    [3785, 'imperial', '1 gal'],
    [18_927, 'imperial', '5 gal'],
    [946, 'imperial', '1 qt'],
    [473, 'imperial', '1 pt'],
    [237, 'imperial', '8 fl oz'],
    [3785, 'metric', '3.785 L'],
  ] as const)('%s ml, %s: %s', (ml, system, text) => expect(tinSizeText(ml, system)).toBe(text))

  test('what a size is called can be read again as the same size', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 50_000 }),
        fc.constantFrom('metric', 'imperial'),
        (ml, system) => {
          const [, figure = '', unit = ''] = /^([\d.]+) (.+)$/.exec(tinSizeText(ml, system)) ?? []
          expect(Math.round(Number(figure) * (liquidUnit(unit) ?? NaN))).toBe(ml)
        },
      ),
    ))
  test.each(['yd', 'kg', '', 'm'])('%j is no unit of liquid', (word) =>
    expect(liquidUnit(word)).toBeUndefined(),
  )
})

describe('how much, and how far it goes', () => {
  test('liters and gallons', () => {
    expect([liquidFigure(11.3, 'metric'), liquidText(11.3, 'metric')]).toEqual(['11.30', '11.3 L'])
    expect([liquidFigure(11.3, 'imperial'), liquidText(11.3, 'imperial')]).toEqual(['2.99', '3.0 gal'])
  })
  // 1 m²/L is 40.75 sq ft a gallon: 10.7639 sq ft a square meter, 3.785 412 L a gallon.
  test('a rate', () => {
    expect([spreadFigure(12, 'metric'), spreadFigure(12, 'imperial')]).toEqual(['12', '488.9'])
    expect(spreadOf(400, 'imperial')).toBeCloseTo(9.817, 3)
  })
  test('a rate comes back as it was typed', () =>
    fc.assert(
      fc.property(fc.integer({ min: 41, max: 1222 }), (rate) => {
        expect(Number(spreadFigure(spreadOf(rate, 'imperial'), 'imperial'))).toBe(rate)
      }),
    ))
})

import { ROWS } from '@bonitas/core/model/registry'
import { describe, expect, test } from 'vitest'
import { adaptingLuminance, degreeOfAdaptation } from '@bonitas/core/kernel/color/adaptation'
import { hexToLab, type LabD65 } from '@bonitas/core/kernel/color/lab'
import { daylight, led } from '@bonitas/core/kernel/color/spectra'

import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { undertone } from '@bonitas/core/stages/palette/undertone'
import { seenFinishes, turnedPairs, turnWords } from './lightView.js'

const facts = (name: string, hex: string): FinishFacts => {
  const lab = hexToLab(hex)
  return {
    finish: {
      ...ROWS.finishes.blank(),
      id: name,
      name,
      ...lab,
      colorL: lab.l,
    } as unknown as FinishFacts['finish'],
    lab,
    undertone: undertone('paint', lab),
    areaMm2: 1,
    share: 0.1,
    where: [],
  }
}
const REFERENCE = { spectrum: daylight(6504), degree: 1 }
const EVENING = { spectrum: led(2700), degree: degreeOfAdaptation(adaptingLuminance(150)) }

describe('in words, what a light does to a color', () => {
  const grey: LabD65 = { l: 70, a: 0, b: -4 }
  test.each<[string, LabD65, LabD65, string]>([
    ['nothing', grey, grey, 'as it is'],
    ['less than is noticed', grey, { ...grey, b: -2.6 }, 'as it is'],
    ['warmer', { l: 70, a: 0, b: 30 }, { l: 70, a: 0, b: 36 }, '6 warmer'],
    ['cooler', { l: 70, a: 0, b: 36 }, { l: 70, a: 0, b: 30 }, '6 cooler'],
  ])('%s', (_what, own, seen, says) => expect(turnWords(own, seen)).toBe(says))
  test('an undertone that turns is named on both sides, one that comes or goes on its side', () => {
    expect(turnWords(grey, { l: 70, a: 0, b: 8 })).toMatch(/^12 warmer, \w+ turns yellow$/)
    expect(turnWords({ l: 70, a: 0, b: 0 }, { l: 70, a: 0, b: 8 })).toBe('8 warmer, leans yellow')
    expect(turnWords({ l: 70, a: 0, b: 8 }, { l: 70, a: 0, b: 0 })).toBe('8 cooler, its undertone goes')
  })
  test('of a strong color the undertone is not spoken of: its hue is what one sees', () =>
    expect(turnWords({ l: 50, a: 40, b: 0 }, { l: 50, a: 40, b: 20 })).toBe('20 warmer'))
})

describe('finishes in a light', () => {
  const walls = [facts('Chalk', '#e9e4d8'), facts('Slate', '#7f8a92')]
  test('in the light they were measured under they are as they are', () => {
    for (const s of seenFinishes(walls, REFERENCE)) {
      expect(s.says).toBe('as it is')
      expect(s.seen.b).toBeCloseTo(s.facts.lab.b, 1)
    }
  })
  test('under a warm lamp each turns warmer, and says so', () => {
    for (const s of seenFinishes(walls, EVENING)) {
      expect(s.seen.b).toBeGreaterThan(s.facts.lab.b)
      expect(s.says).toMatch(/^\d+ warmer/)
    }
  })
})

describe('pairs that a light turns for the worse', () => {
  test('a light that changes nothing turns none', () => {
    const seen = seenFinishes(
      [facts('A', '#d8d3c4'), facts('B', '#cfd2cf'), facts('C', '#2f5d62')],
      REFERENCE,
    )
    expect(turnedPairs(seen, seen)).toEqual([])
  })
  test('every pair once, graver after than before, the two named', () => {
    const all = ['#d8d3c4', '#cfd2cf', '#c9c5bd', '#b9b4a4', '#a8adb0', '#e6dfd2'].map((h, n) =>
      facts(`F${n}`, h),
    )
    const turned = turnedPairs(seenFinishes(all, REFERENCE), seenFinishes(all, EVENING))
    expect(turned.length).toBeGreaterThan(0)
    const grave = { agrees: 0, contrasts: 0, 'near miss': 1, clashes: 2 } as const
    for (const t of turned) expect(grave[t.after.verdict]).toBeGreaterThan(grave[t.before.verdict])
    const names = turned.map((t) => `${t.one.finish.name} ${t.two.finish.name}`)
    expect(new Set(names).size).toBe(names.length)
  })
  test('a finish that the other light has not is passed over', () => {
    const [one, two] = [facts('A', '#d8d3c4'), facts('B', '#cfd2cf')]
    expect(turnedPairs(seenFinishes([one], REFERENCE), seenFinishes([one, two], EVENING))).toEqual([])
  })
})

test('C029: a grey wall read in the morning, at half past five and under lamps turns from cool to warm', () => {
  const [morning, evening, lamps] = [
    { l: 76, a: -0.6, b: -1.8 },
    { l: 75, a: 1.9, b: 6.4 },
    { l: 74, a: 2.2, b: 8.8 },
  ] as const
  expect(turnWords(morning, evening)).toBe('8 warmer, turns from cool to warm, leans yellow')
  expect(turnWords(morning, lamps)).toBe('11 warmer, turns from cool to warm, leans yellow')
  expect(turnWords(evening, morning)).toBe('8 cooler, turns from warm to cool, its undertone goes')
})

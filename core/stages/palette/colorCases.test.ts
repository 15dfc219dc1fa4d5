import { describe, expect, test } from 'vitest'
import { hexToLab } from '../../kernel/color/lab.js'
import { rightIn } from '../../job/rightIn.js'
import { deriveJob } from '../../job/derive.js'
import { emptyJob, pieceWith } from '../../examples/emptyJob.js'
import { finishWith } from '../../examples/handover/example.js'
import { room, type ExampleFinish } from '../../examples/palette/example.js'
import { accentSource } from './accentSource.js'
import type { PaletteFacts } from './paletteFacts.js'
import { echoes, occurrences, repeats } from './rules/accents.js'
import { PALETTE_RULES } from './rules/index.js'
import { hueCarried, isHue } from './wantedHue.js'

// Situations and what experienced decorators conclude (common practice, without a published source).

const found = (facts: PaletteFacts, rule: string) =>
  PALETTE_RULES.flatMap((r) => r.check(facts)).filter((f) => f.rule === `palette.${rule}`)
const color = (hex: string, share: number) => {
  const { l, a, b } = hexToLab(hex)
  return { l, a, b, share }
}

describe('C027 a cushion that is a thread of the sofa', () => {
  const plaid: ExampleFinish = {
    name: 'Plaid',
    hex: '#9C9A94',
    patternKind: 'plaid',
    colors: [color('#C9C5BC', 0.34), color('#C8992F', 0.08)],
    piece: { name: 'Sofa', kind: 'sofa' },
  }
  const floor: ExampleFinish = {
    name: 'Floor',
    hex: '#CDB48B',
    material: 'timber',
    role: 'stays',
    on: ['floor'],
  }
  const velvet = (hex: string): ExampleFinish => ({
    name: 'Velvet',
    hex,
    role: 'accent',
    piece: { name: 'Cushions', kind: 'cushion' },
  })
  test('it is lifted from the thread of 8 %, and echoes the floor', () => {
    const facts = room([plaid, floor, velvet('#C79A33')])
    const accent = facts.finishes.find((f) => f.finish.name === 'Velvet')!
    expect(accentSource(facts, accent)).toEqual({ name: 'Plaid', part: 0.08 })
    const family = facts.finishes.filter((f) =>
      [f.lab, ...f.finish.colors].some((c) => echoes({ l: c.l, a: c.a, b: c.b }, accent.lab)),
    )
    expect(family.map((f) => f.finish.name).sort()).toEqual(['Floor', 'Plaid', 'Velvet'])
    expect(found(facts, 'accent-nowhere')).toEqual([])
  })
  test('one that no thread carries comes from nowhere, as a suggestion', () => {
    const facts = room([plaid, floor, velvet('#2F7D6B')])
    expect(found(facts, 'accent-nowhere').map((f) => [f.severity, f.wanted])).toEqual([
      ['note', 'an accent lifted from a thread: yellow, 8.0 % of Plaid'],
    ])
  })
  test('without a pattern nobody asks where an accent comes from', () => {
    expect(found(room([floor, velvet('#2F7D6B')]), 'accent-nowhere')).toEqual([])
  })
  test('a floor of the hue echoes it and does not make it a main', () => {
    const [gold, oak] = [hexToLab('#C79A33'), hexToLab('#CDB48B')]
    expect([echoes(gold, oak), repeats(gold, oak)]).toEqual([true, false])
    const facts = room([
      { name: 'White', hex: '#EDEBE6', role: 'main', on: ['walls', 'ceiling'] },
      { name: 'Clay', hex: '#C9A982', role: 'second', material: 'paint', on: ['lower', 'doors'] },
      velvet('#C79A33'),
    ])
    expect(found(facts, 'accent-scarce')).toEqual([])
    expect(occurrences(facts, gold).map((o) => o.name)).toEqual(['Cushions'])
  })
})

describe('C101 a blue room, and no paint allowed', () => {
  const blue = (id: string, hex: string) => {
    const { l, a, b } = hexToLab(hex)
    return finishWith({ id, material: 'textile', labL: l, labA: a, labB: b })
  }
  const job = {
    ...emptyJob(),
    schools: { ...emptyJob().schools, tenure: 'rented' as const },
    brief: { ...emptyJob().brief, wantedHue: 'blue' as const },
    finishes: [blue('deep', '#2F5C8F'), blue('grey blue', '#6E8CA8'), blue('oat', '#D8CFBF')],
    pieces: [
      pieceWith({ id: 'Vase', kind: 'object', finishId: 'deep' }),
      pieceWith({ id: 'Cushions', kind: 'cushion', count: 2, finishId: 'grey blue' }),
      pieceWith({ id: 'Picture', kind: 'picture', finishId: 'deep' }),
      pieceWith({ id: 'Throw', kind: 'throw', finishId: 'grey blue' }),
      pieceWith({ id: 'Armchair', kind: 'armchair', finishId: 'deep' }),
      pieceWith({ id: 'Settee', kind: 'sofa', finishId: 'oat' }),
    ],
  }
  test('five kinds of things carry it, no surface, nothing that harms the shell', () => {
    const derived = deriveJob(job, '2026-03-01')
    const carried = hueCarried(derived.palette)!
    expect(carried.kinds.map((k) => k.kind).sort()).toEqual([
      'armchair',
      'cushion',
      'object',
      'picture',
      'throw',
    ])
    expect(carried.surfaces).toEqual([])
    expect(found(derived.palette, 'wanted-color')).toEqual([])
    expect(derived.brief.changes).toEqual([])
    expect(rightIn('palette', job, derived, undefined)).toContain(
      'A blue room: 5 kinds of things: Vase, Cushions, Picture, Throw, Armchair',
    )
  })
  test.each([
    ['#2F5C8F', 'blue'],
    ['#B33A2E', 'red'],
    ['#C8992F', 'yellow'],
    ['#5E8A5A', 'green'],
    ['#6B4A32', 'brown'],
    ['#6B3550', 'pink'],
    ['#D8CFBF', undefined],
    ['#8C8F90', undefined],
  ] as const)('%s is called %s', (hex, name) => {
    const lab = hexToLab(hex)
    const called = (['red', 'yellow', 'green', 'blue', 'pink', 'brown'] as const).filter((h) => isHue(lab, h))
    expect(name ? called.includes(name) : called.length === 0).toBe(true)
  })
})

describe('C104 candidates for a dark envelope', () => {
  const walls = (hex: string) =>
    found(
      room([{ name: 'Paint', hex, material: 'paint', on: ['walls', 'ceiling', 'trim', 'doors', 'lower'] }], {
        schools: { trimAndCeiling: 'one envelope, dark' },
      }),
      'envelope-depth',
    ).map((f) => f.title)
  test('charcoal and teal pass, black is refused as black and a mid grey as neither', () => {
    expect([walls('#34373A'), walls('#1E4A4E')]).toEqual([[], []])
    expect(walls('#0B0B0C')).toEqual(['Black, and no dark envelope'])
    expect(walls('#85888A')).toEqual(['Not deep enough for a dark envelope'])
    const lightness = ['#0B0B0C', '#34373A', '#1E4A4E', '#85888A'].map((h) => hexToLab(h).l)
    ;[3.0, 22.9, 28.7, 56.5].forEach((want, i) => expect(lightness[i]).toBeCloseTo(want, 0))
  })
  test('large dark seats are lost in it, pale ones are not', () => {
    const sofa = (hex: string) =>
      found(
        room(
          [
            { name: 'Teal', hex: '#1E4A4E', material: 'paint', on: ['walls'] },
            { name: 'Cloth', hex, piece: { name: 'Sofa', kind: 'sofa' } },
          ],
          { schools: { trimAndCeiling: 'one envelope, dark' } },
        ),
        'dark-on-dark',
      ).length
    expect([sofa('#26324A'), sofa('#C9C0B0')]).toEqual([1, 0])
  })
})

import { expect, test } from 'vitest'
import type { Finding } from '../../findings/finding.js'
import { chroma, deltaE00, hexToLab } from '../../kernel/color/lab.js'
import { hueFamilies } from './hueFamilies.js'
import { rankMetals } from './metals.js'
import { comparePair } from './pairs.js'
import { likeness, type PaletteFacts } from './paletteFacts.js'
import { accentScarce } from './rules/accentScarce.js'
import { room, type ExampleFinish } from '../../examples/palette/example.js'
import { PALETTE_RULES } from './rules/index.js'

// Situations and what experienced decorators conclude (common practice, without a published source). One set of
// numbers per rule serves them all.

const judge = (facts: PaletteFacts): Finding[] => PALETTE_RULES.flatMap((r) => r.check(facts))
const fires = (facts: PaletteFacts, rule: string, name?: string) =>
  judge(facts).some((f) => f.rule === rule && (!name || f.about.some((a) => a.name.includes(name))))
const brass = (name: string, hex: string): ExampleFinish => ({ name, hex, material: 'metal', role: 'metal' })
const leaf = (name: string, hex: string): ExampleFinish => ({
  name,
  hex,
  material: 'foliage',
  role: 'foliage',
})
const five = [
  ['Navy', '#26324A'],
  ['Ochre', '#C08A2E'],
  ['Plum', '#6B3550'],
  ['Cream', '#E9E0CC'],
  ['Moss', '#66703F'],
].map(([name = '', hex = '']) => ({ name, hex }))
const lifted = { schools: { colorScheme: 'drawn from one piece' as const }, sampledColors: five }
const hueGap = (one: string, two: string) => {
  const pair = comparePair(room([brass('one', one)]).finishes[0]!, room([brass('two', two)]).finishes[0]!)
  return pair.leaning!.gapDeg
}

/** Each case: what must hold, in the words of the case. */
const CASES: Readonly<Record<string, () => Readonly<Record<string, boolean>>>> = {
  'C003 inherited sideboard breaks the timber rule and stays': () => {
    const facts = room(
      [
        { name: 'Sideboard', hex: '#5A2E22', material: 'timber', piece: { sentimental: true } },
        { name: 'Ash', hex: '#CDBFA8', material: 'timber' },
        { name: 'Birch', hex: '#D6CBB8', material: 'timber' },
        { name: 'Pink pine', hex: '#C9A08A', material: 'timber' },
      ],
      { schools: { inherited: 'locked' } },
    )
    const found = judge(facts).filter((f) => f.rule === 'palette.inherited-apart')
    const clashes = judge(facts).filter((f) => f.rule === 'palette.undertone-clash')
    return {
      'shown once, as an exception that stays': found.length === 1 && found[0]!.severity === 'note',
      'never to be replaced or repainted': judge(facts).every((f) =>
        f.fixes.every((m) => m.changes.every((c) => !('id' in c) || !c.id.includes('Sideboard'))),
      ),
      'the others are held against each other and not against it':
        clashes.length > 0 && clashes.every((f) => f.about.every((a) => a.name !== 'Sideboard')),
    }
  },
  'C011 two brasses': () => ({
    clash: fires(
      room([brass('Room', '#A89A62'), brass('Candlestick', '#C39A84')]),
      'palette.undertone-clash',
    ),
    'names pink and green': /green.*pink|pink.*green/.test(
      judge(room([brass('Room', '#A89A62'), brass('Candlestick', '#C39A84')]))[0]!.title,
    ),
    '41 ± 4°': Math.abs(hueGap('#A89A62', '#C39A84') - 41) <= 4,
  }),
  'C013 two greys of one lightness': () => {
    const facts = room([
      { name: 'Wall', hex: '#A4ACB4' },
      { name: 'Sofa', hex: '#B5A99F' },
    ])
    const clash = judge(facts).find((f) => f.rule === 'palette.undertone-clash')
    return {
      clash: clash !== undefined,
      'lightness equal': Math.abs(facts.finishes[0]!.lab.l - facts.finishes[1]!.lab.l) <= 0.3,
      'cool against warm, not too light or dark':
        /cool.*warm|warm.*cool/.test(clash?.title ?? '') && !/light|dark/.test(clash?.title ?? ''),
    }
  },
  'C015 leaves beside a blue rug': () => {
    const rug = { name: 'Rug', hex: '#8698A7' }
    return {
      'A accepted': !judge(room([rug, leaf('A', '#558484')])).some((f) =>
        f.about.some((a) => a.name === 'A'),
      ),
      'B flagged': fires(room([rug, leaf('B', '#6F8352')]), 'palette.foliage-follows', 'B'),
      'with A in, B is flagged against A': judge(
        room([rug, leaf('A', '#558484'), leaf('B', '#6F8352')]),
      ).some(
        (f) =>
          f.about
            .map((a) => a.name)
            .sort()
            .join() === 'A,B',
      ),
    }
  },
  'C016 red floor, yellow table': () => {
    const facts = room([
      { name: 'Floor', hex: '#7A3B2B', material: 'timber' },
      { name: 'Table', hex: '#C9A76C', material: 'timber' },
    ])
    const clash = judge(facts).find((f) => f.rule === 'palette.undertone-clash')
    const [one, two] = facts.finishes
    return {
      clash: clash !== undefined,
      '41 ± 4°': Math.abs(Math.abs(one!.undertone.hueDeg - two!.undertone.hueDeg) - 41) <= 4,
      'red against yellow': /red.*yellow|yellow.*red/.test(clash?.title ?? ''),
    }
  },
  'C018 a unit far too dark for pale timber': () => {
    const list = (unit: string): ExampleFinish[] => [
      { name: 'Whitewash', hex: '#CFC6B6', material: 'timber' },
      { name: 'Wall', hex: '#CBC8C1', material: 'paint' },
      { name: 'Unit', hex: unit, material: 'timber' },
    ]
    const of = (unit: string, timber: 'one lightness' | 'one undertone, any lightness') =>
      judge(room(list(unit), { schools: { timber } })).filter(
        (f) => f.rule.includes('timber') || f.rule.includes('undertone'),
      )
    return {
      'A fails on lightness, not on undertone':
        of('#232020', 'one lightness').every((f) => f.rule === 'palette.timber-lightness') &&
        of('#232020', 'one lightness').length === 1,
      'B passes': of('#CDC2B0', 'one lightness').length === 0,
      'in the school of one undertone A passes': of('#232020', 'one undertone, any lightness').length === 0,
    }
  },
  'C020 five colors out of one hanging': () => ({
    'no warning in this school': !judge(room(five, lifted)).some((f) =>
      ['palette.too-many-hues', 'palette.not-in-inspiration'].includes(f.rule),
    ),
    'turquoise warns': fires(
      room([...five, { name: 'Turquoise', hex: '#2FA3A0' }], lifted),
      'palette.not-in-inspiration',
      'Turquoise',
    ),
    'two mains and one accent warns of the five': fires(room(five), 'palette.too-many-hues'),
  }),
  'C021 the accent that took the walls': () => {
    const area = (share: number) => ({ widthMm: 10_000, heightMm: Math.round(10_000 * share), depthMm: 1 })
    const of = (
      name: string,
      hex: string,
      share: number,
      role: 'main' | 'second' | 'accent',
    ): ExampleFinish => ({
      name,
      hex,
      role,
      piece: { ...area(share), kind: 'picture' },
    })
    const one = room([
      of('Grey', '#9A9A98', 0.62, 'main'),
      of('White', '#EFEEEA', 0.33, 'second'),
      of('Green', '#5E8A5A', 0.05, 'accent'),
    ])
    const two = room([
      of('White', '#EFEEEA', 0.46, 'main'),
      of('Green', '#5E8A5A', 0.41, 'accent'),
      of('Grey', '#9A9A98', 0.1, 'second'),
    ])
    const fix = accentScarce.check(two)[0]?.fixes[0]
    const after =
      fix &&
      room([
        of('White', '#EFEEEA', 0.46, 'main'),
        of('Green', '#5E8A5A', 0.41, 'main'),
        of('Grey', '#9A9A98', 0.1, 'second'),
      ])
    return {
      'green is the accent of version 1': accentScarce.check(one).length === 0,
      'it is none in version 2': accentScarce.check(two).length === 1,
      'a new one is asked for': !!after && fires(after, 'palette.accent-missing'),
    }
  },
  'C023 a seat that melts into the wall': () => {
    const facts = room(
      [
        { name: 'Sand', hex: '#D5C4AD', material: 'paint', on: ['walls'] },
        {
          name: 'Bench',
          hex: '#D2C1AC',
          piece: { kind: 'bench', widthMm: 1400, heightMm: 800, depthMm: 700 },
        },
        { name: 'Slate cloth', hex: '#4C6768', placed: false },
      ],
      { schools: { pieceAgainstWall: 'stand out' } },
    )
    const found = judge(facts).find((f) => f.rule === 'palette.piece-against-wall')
    return {
      merges: found?.measured.endsWith('merges') ?? false,
      'ΔE00 1.1 ± 0.3': Math.abs(deltaE00(hexToLab('#D5C4AD'), hexToLab('#D2C1AC')) - 1.1) <= 0.3,
      'a throw comes before repainting': /throw|cushion/i.test(found?.fixes[0]?.label ?? ''),
    }
  },
  'C025 nickel or chrome beside a warm tile': () => {
    const rank = (tile: string) =>
      rankMetals(hexToLab(tile), ['#C6C0B9', '#C2C7CD'], hexToLab).map((h) =>
        h === '#C6C0B9' ? 'nickel' : 'chrome',
      )
    const chrome = judge(
      room([
        { name: 'Tile', hex: '#AE9E8D', material: 'tile', role: 'stays', on: ['walls'] },
        brass('Chrome', '#C2C7CD'),
        { ...brass('Nickel', '#C6C0B9'), placed: false },
      ]),
    ).find((f) => f.rule === 'palette.metal-warmth')
    return {
      'nickel first': rank('#AE9E8D')[0] === 'nickel',
      'the reason speaks of warmth': /warm/.test(`${chrome?.measured ?? ''} ${chrome?.wanted ?? ''}`),
      'a rank, not an error': chrome?.severity === 'note',
      'turned round for a blue-grey tile': rank('#9AA3AB')[0] === 'chrome',
    }
  },
  'C026 a rug whose rust stands alone': () => {
    const lab = hexToLab('#E6E0D2')
    const rust = hexToLab('#B5542F')
    const rug: ExampleFinish = {
      name: 'Rug',
      hex: '#30507C',
      colors: [
        { ...lab, share: 0.4 },
        { ...rust, share: 0.15 },
      ],
    }
    const rest = [
      { name: 'Blue', hex: '#2F4F7D' },
      { name: 'Cream', hex: '#E9E3D6' },
    ]
    const orphans = (list: ExampleFinish[]) =>
      judge(room(list)).filter((f) => f.rule === 'palette.orphan-color')
    return {
      'blue and cream are repeated, rust is an orphan':
        orphans([rug, ...rest]).length === 1 && /red|orange/.test(orphans([rug, ...rest])[0]!.title),
      'a suggestion': orphans([rug, ...rest])[0]?.severity === 'note',
      'one rust cushion clears it': orphans([rug, ...rest, { name: 'Cushion', hex: '#B5542F' }]).length === 0,
    }
  },
  'C028 patterns mix by kind and size': () => {
    const gold = hexToLab('#B8A06A')
    const of = (
      name: string,
      patternKind: ExampleFinish['patternKind'] & string,
      patternRepeatMm: number,
    ): ExampleFinish => ({
      name,
      hex: '#7D8F86',
      patternKind,
      patternRepeatMm,
      colors: [{ ...gold, share: 0.2 }],
    })
    const three = [of('Plaid', 'plaid', 240), of('Stripe', 'stripe', 90), of('Books', 'figures', 530)]
    return {
      'the first three pass': !judge(room(three)).some((f) => f.rule.includes('pattern')),
      'a second stripe of the same size is flagged': fires(
        room([...three, of('Stripe cushion', 'stripe', 95)]),
        'palette.patterns-alike',
        'Stripe cushion',
      ),
      'one that shares no color is flagged': fires(
        room([
          ...three.slice(0, 2),
          { name: 'Loud', hex: '#D63A78', patternKind: 'floral', patternRepeatMm: 300 },
        ]),
        'palette.pattern-shares-no-color',
        'Loud',
      ),
    }
  },
  'C089 an orange book in a calm palette': () => {
    const facts = room(
      [
        ...['#EDE7DC', '#C9BFAF', '#A89A62', '#2A2A2A'].map((hex, i) =>
          i === 2 ? brass('calm brass', hex) : { name: `calm ${i}`, hex },
        ),
        ...['#D9C9B0', '#32312F', '#E2711D'].map((hex) => ({
          name: hex,
          hex,
          piece: { kind: 'object' as const, there: true },
        })),
      ],
      'quiet neutral',
    )
    const found = judge(facts).filter((f) => f.rule === 'palette.dominates')
    return {
      'only the orange one':
        found.length === 1 && (found[0]?.about.some((a) => a.name === '#E2711D') ?? false),
      'kept off display, not thrown away': /off display/.test(found[0]?.fixes[0]?.label ?? ''),
    }
  },
  'C091 fourteen things on white': () => {
    const thing = (hex: string, i: number) => ({ id: `${hex} ${i}`, lab: hexToLab(hex), areaMm2: 1 })
    const families = (list: readonly string[]) => {
      const things = list.map(thing)
      const pale = things.some((t) => chroma(t.lab) < 10 && t.lab.l > 85) ? 1 : 0
      return hueFamilies(things).length + pale
    }
    const white = [...Array<string>(11).fill('#F4F2EE'), '#5E8A5A', '#6A945F', '#557F55']
    const six = ['#B5422F', '#2F4F7D', '#C9A02E', '#4E8A4A', '#7A3F8A', '#2F9A98']
    return {
      'white and green are two': families(white) === 2,
      'six colors are six': families([...six, ...six]) === 6,
    }
  },
  'C047 a bold paper beside a tile that stays': () => {
    const of = (third: string) =>
      room([
        { name: 'Tile', hex: '#AE9E8D', material: 'tile', role: 'stays', on: ['floor'] },
        {
          name: 'Paper',
          hex: '#1C1C1E',
          material: 'wallpaper',
          patternKind: 'floral',
          on: ['walls'],
          colors: ['#F1EDE6', third].map((hex) => ({ ...hexToLab(hex), share: 0.3 })),
        },
      ])
    const gap = (hex: string) => deltaE00(hexToLab('#AE9E8D'), hexToLab(hex))
    return {
      'one paper is bold and fine, its nearest color 0.6 away':
        !fires(of('#AC9C8B'), 'palette.bold-unrelated') && Math.abs(gap('#AC9C8B') - 0.6) < 0.1,
      'the other, as bold, is flagged, 19.3 away':
        fires(of('#8FA3B5'), 'palette.bold-unrelated') && Math.abs(gap('#8FA3B5') - 19.3) < 0.3,
    }
  },
  'C103 trim in a small room': () => {
    const of = (trim: string, school: 'one envelope, light' | 'contrast') =>
      judge(
        room(
          [
            {
              name: 'Wall',
              hex: '#E9E2D2',
              material: 'paint',
              sheen: 'eggshell',
              on: ['walls', ...(trim === '' ? (['trim', 'doors', 'ceiling'] as const) : [])],
            },
            ...(trim === ''
              ? []
              : [
                  {
                    name: 'Trim',
                    hex: trim,
                    material: 'paint' as const,
                    sheen: 'eggshell' as const,
                    on: ['trim', 'doors', 'ceiling'] as const,
                  },
                ]),
          ],
          { schools: { trimAndCeiling: school } },
        ),
      ).filter((f) => /envelope|trim/.test(f.rule))
    return {
      'white trim warns': of('#FFFFFF', 'one envelope, light').length > 0,
      'all in one passes': of('', 'one envelope, light').length === 0,
      'in the school of contrast white trim is fine': of('#FFFFFF', 'contrast').length === 0,
    }
  },
  'C108 one thing draws the eye in a dark room': () => {
    const of = (things: readonly { hex: string; lit: boolean }[]) =>
      judge(
        room(
          [
            {
              name: 'Ink',
              hex: '#26303a',
              material: 'paint',
              sheen: 'eggshell',
              on: ['walls', 'trim', 'doors', 'ceiling'],
            },
            ...things.map((t, i) => ({
              name: `focus ${i}`,
              hex: t.hex,
              piece: { kind: 'picture' as const, focal: true, lit: t.lit },
            })),
          ],
          { schools: { trimAndCeiling: 'one envelope, dark' } },
        ),
      ).filter((f) => f.rule === 'palette.dark-focus')
    return {
      'four warn':
        of(['#F4F0E6', '#DADADA', '#F08080', '#888888'].map((hex) => ({ hex, lit: true }))).length === 1,
      'one lit and pale passes': of([{ hex: '#F4F0E6', lit: true }]).length === 0,
      'one dark and unlit fails': of([{ hex: '#3A3030', lit: false }]).length === 1,
    }
  },
  'C111 indoor cotton on a terrace': () => {
    const of = (outdoor: boolean) =>
      judge(
        room([{ name: 'Cover', hex: '#31689A', outdoor, piece: { kind: 'cushion' } }], { kind: 'outdoors' }),
      )
    return {
      'cotton is refused': of(false).some((f) => f.rule === 'palette.unfit' && f.severity === 'stop'),
      'acrylic of the same color is not': !of(true).some((f) => f.rule === 'palette.unfit'),
    }
  },
  'C012 a paler brass of the same lean': () => {
    const three = room([brass('Room', '#A89A62'), brass('Paler', '#CFC48C')])
    const black = (other: string) =>
      judge(room([brass('Other', other), brass('Matt black', '#1E1E1F')])).filter(
        (f) => f.rule === 'palette.undertone-clash' || f.rule === 'palette.near-miss',
      )
    return {
      'lighter alone is no clash': !fires(three, 'palette.undertone-clash'),
      'far apart in color alone is none either': !fires(three, 'palette.near-miss'),
      'black goes with both brasses': black('#A89A62').length === 0 && black('#C39A84').length === 0,
    }
  },
  'C014 two greys that lean apart from green to pink': () => {
    const facts = room([
      { name: 'Carpet', hex: '#A5AEA4', piece: { kind: 'rug' } },
      { name: 'Curtain', hex: '#B6A8A8', piece: { kind: 'curtains' } },
    ])
    const clash = judge(facts).find((f) => f.rule === 'palette.undertone-clash')
    return {
      clash: clash !== undefined,
      'told by the axis they differ on': /green.*pink|pink.*green/.test(clash?.title ?? ''),
      'not by warm and cool': !/warm|cool/.test(clash?.title ?? ''),
    }
  },
  'C017 dark shelf on a pale floor of one undertone': () => {
    const wood = (name: string, hex: string, on?: 'floor'): ExampleFinish => ({
      name,
      hex,
      material: 'timber',
      ...(on ? { on: [on] } : {}),
    })
    const of = (shelf: string) =>
      judge(
        room([wood('Shelf', shelf), wood('Floor', '#D8C39A', 'floor')], {
          schools: { timber: 'one undertone, any lightness' },
        }),
      ).filter((f) => f.about.some((a) => a.name === 'Shelf') && f.severity !== 'note')
    return {
      'a large gap of lightness is no fault': of('#6E5433').length === 0,
      'nearly alike is none either': of('#D5C097').every((f) => f.rule !== 'palette.undertone-clash'),
    }
  },
  'C019 tints of one family count once': () => {
    const swatches = ['#F6F3EC', '#EFEAE0', '#E8E2D6', '#8D9BA0', '#7E8C92', '#6F7E85', '#5E8C5A']
    const facts = room(swatches.map((hex, i) => ({ name: `Swatch ${i}`, hex })))
    const hues = hueFamilies(facts.finishes.map((f) => ({ ...f, id: f.finish.id })))
    return {
      'not too many': !fires(facts, 'palette.too-many-hues'),
      'one hue beside the quiet ones': hues.length <= 3,
    }
  },
  'C022 cushions that recede and one that steals the eye': () => {
    const of = (cushion: string, textiles: 'recede' | 'may carry the accent') =>
      judge(
        room(
          [
            { name: 'Sofa', hex: '#B9B4AC', piece: { kind: 'sofa', widthMm: 2000 } },
            { name: 'Cushion', hex: cushion, piece: { kind: 'cushion', count: 2 } },
            {
              name: 'Leaves',
              hex: '#5B7A4B',
              material: 'foliage',
              role: 'foliage',
              piece: { kind: 'plant' },
            },
            { name: 'Blue picture', hex: '#2F5F86', piece: { kind: 'picture' } },
          ],
          { schools: { textiles } },
        ),
      )
    const about = (list: readonly Finding[], name: string) =>
      list.filter((f) => f.about.some((a) => a.name.includes(name)) && f.severity !== 'note')
    return {
      'A recedes': about(of('#EFEBE2', 'recede'), 'Cushion').length === 0,
      'B is looked at': about(of('#C23B3B', 'recede'), 'Cushion').some((f) =>
        /recede|quiet/.test(`${f.because} ${f.wanted} ${f.school ?? ''}`),
      ),
      'the picture is left alone': about(of('#C23B3B', 'recede'), 'Blue picture').length === 0,
      'where textiles may carry it B is right': about(of('#C23B3B', 'may carry the accent'), 'Cushion').every(
        (f) => f.rule !== 'palette.dominates',
      ),
    }
  },
  'C024 a shade beside a bench: near miss, contrast, match': () => {
    const of = (shade: string) =>
      fires(
        room([
          { name: 'Bench', hex: '#D2C1AC', piece: { kind: 'bench' } },
          { name: 'Shade', hex: shade, piece: { kind: 'lamp' } },
        ]),
        'palette.near-miss',
        'Shade',
      )
    return { 'A near miss': of('#D8C9BC'), 'B differs': !of('#F3F0EB'), 'C matches': !of('#D2C1AC') }
  },
  'C112 blue on one side of a patio': () => {
    const of = (...pieces: readonly ExampleFinish['piece'][]) =>
      judge(
        room(
          pieces.map((piece, i) => ({
            name: `Blue ${i}`,
            hex: '#2F5F86',
            role: 'accent' as const,
            ...(piece ? { piece } : {}),
          })),
          { kind: 'outdoors' },
        ),
      ).filter((f) => f.rule === 'palette.accent-seen-again')
    const chairs = (count: number) => ({ kind: 'chair', count, wallId: 'west' }) as const
    const cushions = { kind: 'cushion', count: 2, wallId: 'east' } as const
    return {
      'chairs in the west alone are flagged': of(chairs(2)).length === 1,
      'twelve of them still': /one side/.test(of(chairs(12))[0]?.title ?? ''),
      'two cushions in the east clear it': of(chairs(2), cushions).length === 0,
      'one on each side is enough':
        of(chairs(1), { kind: 'cushion', count: 1, wallId: 'east' } as const).length === 0,
    }
  },
}

test('decided as the decorators did', () => {
  const table = Object.entries(CASES).map(([name, run]) => {
    const held = Object.entries(run())
    const failed = held.filter(([, ok]) => !ok).map(([what]) => what)
    return { case: name, checks: held.length, agreed: failed.length === 0, disagrees: failed.join('; ') }
  })
  // Printed, so that the agreement can be read in every run of the tests.
  // eslint-disable-next-line no-console
  console.table(table)
  expect(table.filter((t) => !t.agreed)).toEqual([])
  expect(likeness(hexToLab('#D5C4AD'), hexToLab('#D2C1AC')).zone).toBe('merges')
})

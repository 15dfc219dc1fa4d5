// Writes the made-up decks of the demo: npx tsx demo/library/makeDecks.ts
import { writeFileSync } from 'node:fs'
import { labToHex, hexToLab, deltaE00, type LabD65 } from '@bonitas/core/kernel/color/lab'
import { deckToCsv } from '@bonitas/core/stages/palette/library/deckCsv'
import { NEW_SAMPLE, type Sample } from '@bonitas/core/stages/palette/library/sample'

const round = (v: number) => Math.round(v * 100) / 100
const polar = (l: number, c: number, deg: number): LabD65 => ({
  l: round(l),
  a: round(c * Math.cos((deg * Math.PI) / 180)),
  b: round(c * Math.sin((deg * Math.PI) / 180)),
})
/** A color that sRGB can show, so that screen and paper agree on it. */
const shown = (lab: LabD65) => deltaE00(hexToLab(labToHex(lab)), lab) < 0.6

// Thirty-six hues, ten degrees apart, each under a word for its place on the circle.
const HUES = [
  'Shell',
  'Rosehip',
  'Madder',
  'Brick',
  'Rust',
  'Clay',
  'Ember',
  'Amber',
  'Ochre',
  'Straw',
  'Sedge',
  'Lichen',
  'Moss',
  'Fern',
  'Bracken',
  'Juniper',
  'Bottle',
  'Reed',
  'Lagoon',
  'Heron',
  'Tarn',
  'Mere',
  'Teal',
  'Slate',
  'Rain',
  'Harbor',
  'Delft',
  'Larkspur',
  'Iris',
  'Violet',
  'Heather',
  'Plum',
  'Mallow',
  'Foxglove',
  'Cerise',
  'Petal',
]
const TINS = [
  { ml: 750, priceMinor: 2450 },
  { ml: 2500, priceMinor: 5900 },
  { ml: 5000, priceMinor: 10_400 },
]

function paints(): Sample[] {
  const list: Sample[] = []
  const add = (name: string, code: string, lab: LabD65, deep: boolean) => {
    if (!shown(lab)) return
    list.push({
      ...NEW_SAMPLE,
      name,
      code,
      lab,
      sheens: ['flat', 'eggshell', 'satin', 'gloss'],
      wear: 'washable',
      priceMinor: deep ? 2600 : 2360,
      per: 'l',
      tins: deep ? TINS.map((t) => ({ ...t, priceMinor: Math.round(t.priceMinor * 1.1) })) : TINS,
    })
  }
  // Whites and neutrals: two faint chromas at every hue and thirteen lightnesses.
  HUES.forEach((word, h) => {
    for (const [c, grade] of [
      [2.5, 'ash'],
      [5, 'mist'],
    ] as const)
      for (let l = 28; l <= 96; l += c === 2.5 ? 6.8 : 5.66)
        add(
          `${word} ${grade} ${Math.round(l)}`,
          `${String(h).padStart(2, '0')}-${Math.round(l)}-${c === 2.5 ? '02' : '05'}`,
          polar(l, c, h * 10 + 5),
          false,
        )
  })
  for (const c of [9, 15, 23, 32, 42, 54, 68])
    HUES.forEach((word, h) => {
      const step = c < 20 ? 7 : c < 40 ? 8.5 : 10
      for (let l = 24; l <= 93; l += step)
        add(
          `${word} ${Math.round(l)}·${c}`,
          `${String(h).padStart(2, '0')}-${Math.round(l)}-${String(c).padStart(2, '0')}`,
          polar(l, c, h * 10 + 5),
          c >= 32,
        )
    })
  return list
}

type Fields = Partial<Sample>
const made = (name: string, code: string, hex: string, more: Fields): Sample => {
  const lab = hexToLab(hex)
  return { ...NEW_SAMPLE, name, code, lab: { l: round(lab.l), a: round(lab.a), b: round(lab.b) }, ...more }
}

const timbers = (): Sample[] => {
  const base = [
    ['Ash', '#d8c5a2'],
    ['Beech', '#d6b48a'],
    ['Birch', '#dfcba6'],
    ['Cherry', '#a86a48'],
    ['Chestnut', '#b18a5c'],
    ['Elm', '#a5825c'],
    ['Larch', '#c9986a'],
    ['Lime', '#e0d0b0'],
    ['Maple', '#e0c9a0'],
    ['Oak', '#bf9a68'],
    ['Pear', '#b98468'],
    ['Pine', '#d9b27a'],
    ['Walnut', '#6f5340'],
    ['Smoked oak', '#5a4636'],
    ['Red parquet oak', '#8a5536'],
    ['Bog oak', '#3a322c'],
  ] as const
  return base.flatMap(([name, hex], i) =>
    (['oiled', 'soaped', 'lacquered', 'bare'] as const).map((how, k) => {
      const lab = hexToLab(hex)
      const shift = { oiled: -4, soaped: 5, lacquered: -1, bare: 2 }[how]
      const warm = { oiled: 2, soaped: -4, lacquered: 1, bare: -1 }[how]
      return {
        ...NEW_SAMPLE,
        name: `${name}, ${how}`,
        code: `T${String(i + 1).padStart(2, '0')}${'OSLB'[k] ?? ''}`,
        material: 'timber' as const,
        lab: { l: round(lab.l + shift), a: round(lab.a), b: round(lab.b + warm) },
        sheens: [how === 'lacquered' ? ('satin' as const) : ('flat' as const)],
        texture: 'grain' as const,
        wear: 'hard-wearing' as const,
        sealed: how !== 'bare',
        priceMinor: 4200 + 350 * i,
        per: 'm²' as const,
      }
    }),
  )
}

const metals = (): Sample[] =>
  (
    [
      ['Aged brass', '#a3884c', 'flat'],
      ['Green brass', '#a89a62', 'satin'],
      ['Pale brass', '#c4ad72', 'satin'],
      ['Rose brass', '#c39a84', 'satin'],
      ['Polished brass', '#cbb06a', 'gloss'],
      ['Antique brass', '#7f6a3c', 'flat'],
      ['Gilt', '#c9a24e', 'gloss'],
      ['Copper', '#b0694a', 'gloss'],
      ['Aged copper', '#8a5a44', 'flat'],
      ['Nickel, brushed', '#b9b3a8', 'satin'],
      ['Nickel, polished', '#c6c0b9', 'gloss'],
      ['Chrome', '#c2c7cd', 'gloss'],
      ['Steel, brushed', '#b4b6b8', 'satin'],
      ['Pewter', '#8b8883', 'flat'],
      ['Bronze, dark', '#4d3f34', 'flat'],
      ['Bronze, light', '#8a7256', 'satin'],
      ['Bronze, green', '#6f6d55', 'flat'],
      ['Iron, waxed', '#3a3836', 'flat'],
      ['Black, matte', '#232020', 'flat'],
      ['Black, satin', '#2a2a2b', 'satin'],
      ['Zinc', '#9aa0a2', 'flat'],
      ['Aluminum', '#c4c6c7', 'satin'],
      ['White enamel', '#efeeea', 'gloss'],
      ['Gunmetal', '#54575a', 'satin'],
    ] as const
  ).map(([name, hex, sheen], i) =>
    made(name, `M${String(i + 1).padStart(2, '0')}`, hex, {
      material: 'metal',
      sheens: [sheen],
      texture: sheen === 'gloss' ? 'polished' : 'smooth',
      wear: 'hard-wearing',
      sealed: true,
      outdoor: i > 8 && i !== 22,
      priceMinor: 1800 + 240 * i,
      per: 'each',
    }),
  )

const cloths = (): Sample[] => {
  const kinds = [
    ['linen', 'coarse weave', 'washable', 3400],
    ['wool twill', 'fine weave', 'hard-wearing', 6200],
    ['velvet', 'pile', 'delicate', 5800],
    ['boucle', 'nubby', 'hard-wearing', 7400],
    ['cotton', 'fine weave', 'washable', 2600],
    ['outdoor acrylic', 'coarse weave', 'hard-wearing', 4800],
  ] as const
  const colors = [
    ['Chalk', '#e3ddd0'],
    ['Bone', '#ede7dc'],
    ['Oat', '#d3c8b4'],
    ['Sand', '#c9b595'],
    ['Stone', '#a79f93'],
    ['Slate', '#6b7377'],
    ['Ink', '#26324a'],
    ['Tarn', '#4c6768'],
    ['Heron', '#5f7d80'],
    ['Sage', '#8b9a83'],
    ['Moss', '#66703f'],
    ['Ochre', '#c08a2e'],
    ['Rust', '#b5603c'],
    ['Madder', '#a4462f'],
    ['Rosehip', '#b85a5a'],
    ['Plum', '#6b3550'],
    ['Mallow', '#a77f96'],
    ['Sea', '#7fa3ae'],
    ['Charcoal', '#3a3838'],
    ['Straw', '#d9c27f'],
  ] as const
  const plain = kinds.flatMap(([kind, texture, wear, price], k) =>
    colors.map(([name, hex], i) =>
      made(`${name} ${kind}`, `F${k + 1}${String(i + 1).padStart(2, '0')}`, hex, {
        material: 'textile',
        sheens: ['none'],
        texture,
        wear,
        outdoor: kind === 'outdoor acrylic',
        priceMinor: price + 40 * i,
        per: 'm',
      }),
    ),
  )
  const patterned = colors.flatMap(([name, hex], i) =>
    (
      [
        ['stripe', 60 + 20 * (i % 4)],
        ['check', 120],
        ['geometric', 220],
      ] as const
    ).map(([patternKind, repeat], k) =>
      made(`${name} ${patternKind}`, `P${k + 1}${String(i + 1).padStart(2, '0')}`, hex, {
        material: 'textile',
        sheens: ['none'],
        texture: 'coarse weave',
        wear: 'washable',
        patternKind,
        patternRepeatMm: repeat,
        priceMinor: 4400,
        per: 'm',
      }),
    ),
  )
  return [...plain, ...patterned]
}

const hard = (): Sample[] => {
  const tiles = [
    ['Bone', '#e8e2d4'],
    ['Putty', '#ae9e8d'],
    ['Fog', '#b9bfc2'],
    ['Blue grey', '#9aa3ab'],
    ['Sea', '#7c9ba0'],
    ['Bottle', '#35524a'],
    ['Terracotta', '#b0714f'],
    ['Clay', '#c08f70'],
    ['White', '#f2f1ec'],
    ['Graphite', '#4a4b4d'],
    ['Mustard', '#c39a45'],
    ['Blush', '#d9b8a8'],
  ] as const
  const stones = [
    ['Limestone', '#d6ccba'],
    ['Sandstone', '#c7ab84'],
    ['Slate, grey', '#5d6468'],
    ['Slate, green', '#5f6b62'],
    ['Granite, grey', '#8f8f8e'],
    ['Marble, white', '#eceae6'],
    ['Marble, green', '#44584c'],
    ['Travertine', '#d8c5a8'],
    ['Basalt', '#45464a'],
    ['Terrazzo, pale', '#d9d4ca'],
  ] as const
  return [
    ...tiles.flatMap(([name, hex], i) =>
      (['gloss', 'flat'] as const).map((sheen, k) =>
        made(`${name} tile, ${sheen}`, `C${k + 1}${String(i + 1).padStart(2, '0')}`, hex, {
          material: 'tile',
          sheens: [sheen],
          texture: sheen === 'gloss' ? 'polished' : 'smooth',
          wear: 'hard-wearing',
          sealed: true,
          outdoor: k === 1,
          priceMinor: 3900 + 120 * i,
          per: 'm²',
        }),
      ),
    ),
    ...stones.flatMap(([name, hex], i) =>
      (['honed', 'rough'] as const).map((how, k) =>
        made(`${name}, ${how}`, `S${k + 1}${String(i + 1).padStart(2, '0')}`, hex, {
          material: 'stone',
          sheens: ['flat'],
          texture: how === 'rough' ? 'rough' : 'smooth',
          wear: 'hard-wearing',
          sealed: how === 'honed',
          outdoor: true,
          priceMinor: 7200 + 300 * i,
          per: 'm²',
        }),
      ),
    ),
  ]
}

const papers = (): Sample[] =>
  (
    [
      ['Reed bed', '#9aa58c', 'figures', 530],
      ['Heron wade', '#7f9a9c', 'figures', 640],
      ['Ticking', '#d9d4c6', 'stripe', 53],
      ['Wide ticking', '#c9c2b0', 'stripe', 106],
      ['Tile ground', '#b7b09f', 'geometric', 180],
      ['Willow', '#8f9c6f', 'floral', 610],
      ['Dog rose', '#cfa9a0', 'floral', 480],
      ['Garland', '#6b7f5f', 'floral', 530],
      ['Damson damask', '#6b3550', 'damask', 700],
      ['Oat damask', '#d3c8b4', 'damask', 700],
      ['Plain grass', '#c2b48f', 'none', 0],
      ['Plain linen', '#d8cfc0', 'none', 0],
      ['Small dots', '#e0d9ca', 'dots', 42],
      ['Ink dots', '#394a63', 'dots', 42],
      ['Bookcase', '#8a6a4c', 'figures', 530],
      ['Plaid', '#9b8f78', 'plaid', 240],
    ] as const
  ).map(([name, hex, kind, repeat], i) =>
    made(name, `W${String(i + 1).padStart(2, '0')}`, hex, {
      material: 'wallpaper',
      sheens: ['flat'],
      texture: kind === 'none' ? 'coarse weave' : 'smooth',
      patternKind: kind,
      patternRepeatMm: repeat || null,
      wear: i % 3 === 0 ? 'washable' : 'delicate',
      priceMinor: 4800 + 260 * i,
      per: 'roll',
    }),
  )

const leaves = (): Sample[] =>
  (
    [
      ['Fern', '#5d7557'],
      ['Moss', '#6b7a3f'],
      ['Ivy', '#3f5f46'],
      ['Olive leaf', '#7f8a66'],
      ['Eucalyptus', '#7d9a94'],
      ['Blue spruce', '#5f7f82'],
      ['Rubber plant', '#2f4a36'],
      ['Box', '#4d6b3a'],
      ['Lavender leaf', '#8a9a8c'],
      ['Palm', '#5a8a4c'],
      ['Bay', '#566b44'],
      ['Sage leaf', '#97a48c'],
      ['Rosemary', '#5f7466'],
      ['Aspidistra', '#3c6040'],
      ['Succulent, grey', '#8fa39a'],
      ['Philodendron', '#3f7a44'],
      ['Dried hydrangea', '#a39a86'],
      ['Dried grass', '#c2ab7c'],
    ] as const
  ).map(([name, hex], i) =>
    made(name, `L${String(i + 1).padStart(2, '0')}`, hex, {
      material: 'foliage',
      sheens: ['none'],
      texture: 'smooth',
      outdoor: ![6, 9, 13, 15].includes(i),
      priceMinor: 900 + 180 * i,
      per: 'each',
    }),
  )

const DECKS = [
  ['1-house-paints', 'House paints', paints()],
  ['2-timbers', 'Timbers', timbers()],
  ['3-metals', 'Metals', metals()],
  ['4-cloths', 'Cloths', cloths()],
  ['5-tile-and-stone', 'Tile and stone', hard()],
  ['6-wallpapers', 'Wallpapers', papers()],
  ['7-leaves', 'Leaves', leaves()],
] as const
for (const [file, name, samples] of DECKS) {
  writeFileSync(new URL(`${file}.csv`, import.meta.url), deckToCsv({ name, note: '', samples }, 2))
  process.stdout.write(`${name}: ${samples.length}\n`)
}

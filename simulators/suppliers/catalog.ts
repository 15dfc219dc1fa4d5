import { seededNumbers } from '@bonitas/core/kernel/random/seededNumbers'

/** A product that nobody makes. */
export interface Product {
  readonly key: string
  readonly name: string
  readonly kind: string
  readonly category: string
  readonly material: string
  readonly widthMm: number
  readonly depthMm: number
  readonly heightMm: number
  readonly lab: readonly [number, number, number]
  readonly colorName: string
  readonly listMinor: number
  readonly packSize: number
  readonly leadDays: number
  readonly returnDays: number
}

/** How one supplier behaves. */
export interface Habits {
  readonly name: string
  readonly title: string
  /** Kinds it sells, and how many of each. */
  readonly kinds: readonly string[]
  readonly products: number
  /** Weekdays (0 Sunday) on which prices are marked down, and by how many percent. */
  readonly markdown: { readonly weekdays: readonly number[]; readonly percent: number }
  /** Of a hundred products, how many are sold out in any week. */
  readonly soldOutPercent: number
  readonly leadDays: readonly [number, number]
  readonly minOrderMinor: number
  readonly restockPpm: number
  readonly deliveryBands: readonly { readonly fromMinor: number; readonly feeMinor: number }[]
  readonly packs: readonly number[]
}

export const HABITS: readonly Habits[] = [
  {
    name: 'hollin',
    title: 'Hollin Row Seating',
    kinds: ['sofa', 'armchair', 'chair', 'stool', 'bench', 'low table', 'side table', 'cabinet', 'shelves'],
    products: 520,
    markdown: { weekdays: [4, 5], percent: 12 },
    soldOutPercent: 6,
    leadDays: [14, 56],
    minOrderMinor: 0,
    restockPpm: 150_000,
    deliveryBands: [
      { fromMinor: 0, feeMinor: 8500 },
      { fromMinor: 200_000, feeMinor: 0 },
    ],
    packs: [1],
  },
  {
    name: 'lantern',
    title: 'Lanternfold Lighting',
    kinds: ['lamp', 'mirror', 'object'],
    products: 480,
    markdown: { weekdays: [1], percent: 20 },
    soldOutPercent: 14,
    leadDays: [2, 12],
    minOrderMinor: 3000,
    restockPpm: 0,
    deliveryBands: [
      { fromMinor: 0, feeMinor: 900 },
      { fromMinor: 15_000, feeMinor: 0 },
    ],
    packs: [1, 1, 2],
  },
  {
    name: 'loom',
    title: 'Loom and Landing',
    kinds: ['rug', 'curtains', 'cushion', 'throw', 'blind', 'picture'],
    products: 560,
    markdown: { weekdays: [0, 6], percent: 15 },
    soldOutPercent: 9,
    leadDays: [4, 21],
    minOrderMinor: 5000,
    restockPpm: 100_000,
    deliveryBands: [
      { fromMinor: 0, feeMinor: 600 },
      { fromMinor: 25_000, feeMinor: 0 },
    ],
    packs: [1, 1, 2, 4],
  },
]

const FORMS: Readonly<
  Record<
    string,
    {
      category: string
      w: [number, number]
      d: [number, number]
      h: [number, number]
      price: [number, number]
      materials: readonly string[]
    }
  >
> = {
  sofa: {
    category: 'furniture',
    w: [1500, 2500],
    d: [820, 1000],
    h: [720, 900],
    price: [68_000, 320_000],
    materials: ['linen', 'wool', 'cotton velvet', 'leather', 'polyester'],
  },
  armchair: {
    category: 'furniture',
    w: [640, 900],
    d: [700, 920],
    h: [760, 1120],
    price: [24_000, 110_000],
    materials: ['linen', 'wool', 'cotton velvet', 'leather'],
  },
  chair: {
    category: 'furniture',
    w: [420, 560],
    d: [460, 580],
    h: [760, 920],
    price: [6000, 34_000],
    materials: ['oak', 'beech', 'ash', 'steel'],
  },
  stool: {
    category: 'furniture',
    w: [320, 460],
    d: [300, 440],
    h: [420, 680],
    price: [4000, 21_000],
    materials: ['oak', 'beech', 'steel'],
  },
  bench: {
    category: 'furniture',
    w: [900, 1500],
    d: [340, 450],
    h: [430, 480],
    price: [12_000, 52_000],
    materials: ['oak', 'pine', 'teak'],
  },
  'low table': {
    category: 'furniture',
    w: [700, 1300],
    d: [500, 800],
    h: [340, 460],
    price: [11_000, 78_000],
    materials: ['oak', 'walnut', 'marble', 'steel'],
  },
  'side table': {
    category: 'furniture',
    w: [340, 560],
    d: [340, 560],
    h: [480, 640],
    price: [5000, 32_000],
    materials: ['oak', 'walnut', 'steel', 'rattan'],
  },
  cabinet: {
    category: 'furniture',
    w: [600, 1800],
    d: [350, 480],
    h: [700, 1400],
    price: [28_000, 160_000],
    materials: ['oak', 'walnut', 'mdf'],
  },
  shelves: {
    category: 'furniture',
    w: [500, 1600],
    d: [220, 380],
    h: [700, 2200],
    price: [9000, 90_000],
    materials: ['oak', 'walnut', 'steel', 'pine'],
  },
  lamp: {
    category: 'light',
    w: [180, 620],
    d: [180, 620],
    h: [280, 1750],
    price: [3500, 48_000],
    materials: ['brass', 'steel', 'ceramic', 'linen'],
  },
  mirror: {
    category: 'decor',
    w: [400, 1200],
    d: [20, 60],
    h: [500, 1900],
    price: [6000, 58_000],
    materials: ['oak', 'brass', 'steel'],
  },
  object: {
    category: 'decor',
    w: [80, 400],
    d: [80, 400],
    h: [60, 500],
    price: [1500, 14_000],
    materials: ['ceramic', 'stone', 'brass'],
  },
  rug: {
    category: 'textiles',
    w: [600, 3000],
    d: [1200, 4000],
    h: [4, 18],
    price: [9000, 220_000],
    materials: ['wool', 'jute', 'polypropylene', 'cotton', 'viscose', 'silk'],
  },
  curtains: {
    category: 'textiles',
    w: [1200, 3000],
    d: [10, 40],
    h: [2200, 2900],
    price: [9000, 110_000],
    materials: ['linen', 'cotton', 'polyester', 'wool', 'velvet'],
  },
  cushion: {
    category: 'textiles',
    w: [400, 600],
    d: [120, 180],
    h: [300, 600],
    price: [1900, 9500],
    materials: ['linen', 'velvet', 'wool', 'cotton'],
  },
  throw: {
    category: 'textiles',
    w: [1200, 1600],
    d: [10, 20],
    h: [1600, 2000],
    price: [3500, 22_000],
    materials: ['wool', 'cotton', 'mohair'],
  },
  blind: {
    category: 'textiles',
    w: [600, 1800],
    d: [40, 90],
    h: [1200, 2200],
    price: [4500, 38_000],
    materials: ['linen', 'polyester', 'cotton'],
  },
  picture: {
    category: 'decor',
    w: [200, 1200],
    d: [15, 40],
    h: [200, 1100],
    price: [2500, 60_000],
    materials: ['paper', 'wool', 'canvas'],
  },
}

const FIRST = [
  'Alder',
  'Brisk',
  'Cove',
  'Dapple',
  'Ember',
  'Fallow',
  'Gale',
  'Heron',
  'Inlet',
  'Juniper',
  'Kelp',
  'Lark',
  'Moss',
  'Nettle',
  'Osier',
  'Pebble',
  'Quarry',
  'Reed',
  'Sedge',
  'Tarn',
  'Umber',
  'Vale',
  'Willow',
  'Yarrow',
]
const SECOND = [
  'low',
  'long',
  'round',
  'tall',
  'slim',
  'deep',
  'plain',
  'ribbed',
  'open',
  'soft',
  'turned',
  'folded',
  'woven',
  'banded',
  'framed',
]
const COLORS: readonly (readonly [string, number, number, number])[] = [
  ['chalk', 90, 0, 4],
  ['oat', 82, 1, 9],
  ['stone', 70, 1, 7],
  ['clay', 55, 14, 18],
  ['rust', 48, 32, 34],
  ['madder', 41, 36, 33],
  ['ochre', 63, 12, 52],
  ['moss', 46, -13, 18],
  ['fern', 50, -18, 14],
  ['tarn', 41, -12, -5],
  ['heron', 52, -6, -8],
  ['ink', 24, 2, -14],
  ['plum', 30, 25, -7],
  ['soot', 18, 0, 1],
  ['dove', 72, -1, -2],
]
const OWN: Readonly<Record<string, readonly [string, number, number, number]>> = {
  oak: ['pale oak', 68, 7, 26],
  walnut: ['oiled walnut', 34, 9, 18],
  beech: ['beech', 66, 11, 27],
  ash: ['ash', 74, 4, 20],
  pine: ['pine', 72, 8, 32],
  teak: ['teak', 48, 14, 27],
  brass: ['brass', 60, -1, 33],
  steel: ['black steel', 20, 0, 0],
  marble: ['marble', 85, 0, 2],
  rattan: ['rattan', 66, 8, 30],
}

/** The whole catalog of a supplier, the same for the same seed. */
export function catalogOf(habits: Habits, seed: number): Product[] {
  const random = seededNumbers(seed + habits.name.length * 977 + habits.name.charCodeAt(0))
  const whole = (low: number, high: number, step = 1) =>
    low + step * Math.floor((random() * (high - low + step)) / step)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  const used = new Set<string>()
  const products: Product[] = []
  while (products.length < habits.products) {
    const kind = pick(habits.kinds)
    const form = FORMS[kind]
    if (!form) continue
    const name = `${pick(FIRST)} ${pick(SECOND)} ${kind}`
    const material = pick(form.materials)
    const own = OWN[material]
    const [colorName, l, a, b] = own ?? pick(COLORS)
    const full = `${name}, ${colorName}`
    if (used.has(full)) continue
    used.add(full)
    const [widthMm, depthMm, heightMm] = [form.w, form.d, form.h].map(([low, high]) =>
      whole(low, high, 10),
    ) as [number, number, number]
    // Larger ones cost more; so does silk, and leather, and walnut.
    const size = (widthMm - form.w[0]) / Math.max(1, form.w[1] - form.w[0])
    const dear = /silk|leather|walnut|marble|wool|brass/.test(material) ? 1.25 : 0.9
    const listMinor =
      Math.round(
        ((form.price[0] + (form.price[1] - form.price[0]) * (0.15 + 0.55 * size + 0.3 * random())) * dear) /
          500,
      ) * 500
    products.push({
      key: `${habits.name.slice(0, 2).toUpperCase()}-${String(products.length + 1).padStart(4, '0')}`,
      name: full,
      kind,
      category: form.category,
      material,
      widthMm,
      depthMm,
      heightMm,
      lab: [l + whole(-3, 3), a + whole(-2, 2), b + whole(-2, 2)],
      colorName,
      listMinor,
      packSize: pick(habits.packs),
      leadDays: whole(habits.leadDays[0], habits.leadDays[1]),
      returnDays: pick([14, 21, 30]),
    })
  }
  return products
}

/** Price and stock of one day. */
export interface DayState {
  readonly priceMinor: number
  readonly wasMinor: number | undefined
  readonly stock: 'in stock' | 'few left' | 'to order' | 'sold out'
}

const hash = (text: string) => {
  let h = 2166136261
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 16777619)
  return (h >>> 0) / 2 ** 32
}

/** What a product costs on a day, and whether it is there: by weekday, and week by week. */
export function onDay(product: Product, habits: Habits, day: string, sold: ReadonlySet<string>): DayState {
  const time = Date.parse(`${day}T00:00:00Z`)
  const weekday = new Date(time).getUTCDay()
  const week = Math.floor(time / (7 * 86_400_000))
  // A third of the goods takes part in the markdown.
  const takesPart = hash(`${product.key} sale`) < 0.34
  const down = takesPart && habits.markdown.weekdays.includes(weekday)
  const priceMinor = down
    ? Math.round((product.listMinor * (100 - habits.markdown.percent)) / 10_000) * 100
    : product.listMinor
  const out = sold.has(product.key) || hash(`${product.key} ${week}`) * 100 < habits.soldOutPercent
  const few = hash(`${product.key} ${week} few`) < 0.15
  return {
    priceMinor,
    wasMinor: down ? product.listMinor : undefined,
    stock: out ? 'sold out' : few ? 'few left' : product.leadDays > 30 ? 'to order' : 'in stock',
  }
}

/** A picture of the thing, as a drawing of its front. */
export function pictureOf(p: Product, hex: string): string {
  const scale = 200 / Math.max(p.widthMm, p.heightMm, p.kind === 'rug' ? p.depthMm : 0)
  const [w, h] = [p.widthMm * scale, (p.kind === 'rug' ? p.depthMm : p.heightMm) * scale]
  const [x, y] = [120 - w / 2, 220 - h]
  const legs = /chair|sofa|table|bench|stool|cabinet/.test(p.kind)
    ? `<path d="M${x + 6} ${y + h}v12M${x + w - 6} ${y + h}v12" stroke="#3a3a3a" stroke-width="5"/>`
    : ''
  const seat = /chair|sofa/.test(p.kind)
    ? `<rect x="${x}" y="${y + h * 0.5}" width="${w}" height="${h * 0.3}" fill="#00000022"/><rect x="${x}" y="${y + h * 0.3}" width="${w * 0.1}" height="${h * 0.6}" fill="#00000033"/><rect x="${x + w * 0.9}" y="${y + h * 0.3}" width="${w * 0.1}" height="${h * 0.6}" fill="#00000033"/>`
    : ''
  const bands = /rug|throw|curtains/.test(p.kind)
    ? [0.15, 0.3, 0.7, 0.85]
        .map((t) => `<rect x="${x}" y="${y + h * t}" width="${w}" height="3" fill="#00000022"/>`)
        .join('')
    : ''
  return `<svg xmlns="http://www.w3.org/2000/svg" width="240" height="240" viewBox="0 0 240 240"><rect width="240" height="240" fill="#f4f4f4"/><rect x="${x}" y="${y}" width="${w}" height="${h}" fill="${hex}"/>${seat}${bands}${legs}</svg>`
}

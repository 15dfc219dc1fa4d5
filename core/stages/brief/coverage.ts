import { type UseKind } from '../../model/vocabulary/use.js'
import type { Use } from '../../model/rows/uses.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import type { Formatter } from '../../kernel/units/formatter.js'

/** A place or help that a use asks for. */
export type Place =
  | 'seat'
  | 'reading place'
  | 'bed'
  | 'eating surface'
  | 'work surface'
  | 'low surface'
  | 'storage'
  | 'hanging storage'
  | 'wash place'
  | 'instrument'
  | 'display place'
  | 'light'
  | 'mirror'
  | 'machine'

// What each use cannot do without, and what it is poorer without (common practice: function before objects).
interface Needs {
  readonly first: Place | undefined
  /** Counted for every person, or once for the room. */
  readonly each: boolean
  readonly also: readonly Place[]
}
export const USE_NEEDS: Readonly<Record<UseKind, Needs>> = {
  sleep: { first: 'bed', each: true, also: [] },
  sit: { first: 'seat', each: true, also: [] },
  eat: { first: 'eating surface', each: true, also: ['seat'] },
  'work or study': { first: 'work surface', each: true, also: ['seat', 'light'] },
  read: { first: 'reading place', each: true, also: ['light'] },
  store: { first: 'storage', each: false, also: [] },
  dress: { first: 'hanging storage', each: false, also: ['mirror'] },
  wash: { first: 'wash place', each: false, also: ['mirror'] },
  'play music': { first: 'instrument', each: false, also: ['seat', 'light'] },
  play: { first: undefined, each: false, also: ['storage'] },
  'sew or make': { first: 'work surface', each: true, also: ['seat', 'light', 'storage'] },
  'put things down': { first: 'low surface', each: false, also: [] },
  display: { first: 'display place', each: false, also: [] },
  'change a small child': { first: undefined, each: false, also: ['storage'] },
  'do the laundry': { first: 'machine', each: false, also: ['storage'] },
  'come and go': { first: undefined, each: false, also: ['seat'] },
  cook: { first: 'machine', each: false, also: ['storage'] },
  other: { first: undefined, each: false, also: [] },
}

/** What a use asks for: the clothes of a child lie in drawers, and it needs no mirror to be dressed. */
const needsOf = (kind: UseKind, forChild: boolean): Needs =>
  forChild && kind === 'dress' ? { first: 'storage', each: false, also: [] } : USE_NEEDS[kind]

/** A piece or an item, as far as coverage is concerned. Sizes are null while nobody knows them. */
export interface Thing {
  readonly id: string
  readonly kind: 'piece' | 'item'
  readonly name: string
  readonly pieceKind: PieceKind
  readonly count: number
  readonly widthMm: number | null
  readonly depthMm: number | null
  readonly heightMm: number | null
  readonly openDepthMm: number | null
  readonly serves: readonly string[]
}

/** How many places of a sort a thing offers, or the measure that rules it out. */
export type Offer = { readonly places: number } | { readonly fails: string } | undefined

// Heights in mm at which a surface serves, and the width a person takes. Dining and desk tops stand 28 to 30 in high
// (711 to 762 mm), a low table 16 to 18 in; a person takes about 600 mm at a table and on a sofa, 800 mm in a bed of
// two (all common practice). The bands are widened by about 25 mm, since tops are not cut to the inch.
const TABLE_MM = [685, 790] as const
/** Tops for children, size marks 1 to 6 (EN 1729-1, 460 to 760 mm; from memory), widened alike. */
const CHILD_TABLE_MM = [435, 790] as const
const LOW_MM = [250, 560] as const
const PERSON_MM = 600
const SLEEPER_MM = 700
const SINGLE_BED_MM = 750

const within = (
  mm: number | null,
  [low, high]: readonly [number, number],
  what: string,
  says: Formatter,
): Offer =>
  mm === null || (mm >= low && mm <= high)
    ? { places: 1 }
    : { fails: `${says.length(mm)} high; ${what} wants ${says.span(low, high)}` }

const widthPlaces = (mm: number | null, personMm: number) =>
  mm === null ? 1 : Math.max(1, Math.floor(mm / personMm))

const beds = (widthMm: number | null, says: Formatter): Offer =>
  widthMm === null
    ? { places: 1 }
    : widthMm < SINGLE_BED_MM
      ? { fails: `${says.length(widthMm)} wide; a bed wants ${says.length(SINGLE_BED_MM)}` }
      : { places: Math.max(1, Math.floor(widthMm / SLEEPER_MM)) }

/** A table takes people along both long sides, and one at each end when it is as deep as a place is wide. */
function tablePlaces(widthMm: number | null, depthMm: number | null): number {
  if (widthMm === null || depthMm === null) return 1
  const [long, short] = [Math.max(widthMm, depthMm), Math.min(widthMm, depthMm)]
  return Math.max(1, 2 * Math.floor(long / PERSON_MM) + (short >= PERSON_MM ? 2 : 0))
}

/** What one thing offers of one place; undefined when its kind has nothing to do with it. */
export function offer(thing: Thing, place: Place, says: Formatter, forChild = false): Offer {
  const tableMm = forChild ? CHILD_TABLE_MM : TABLE_MM
  const { pieceKind: kind, widthMm, depthMm, heightMm } = thing
  const is = (...kinds: PieceKind[]) => kinds.includes(kind)
  const one = (o: Offer, places = 1): Offer => (o && 'places' in o ? { places } : o)
  switch (place) {
    case 'seat':
      if (is('sofa', 'sofa bed', 'bench')) return { places: widthPlaces(widthMm, PERSON_MM) }
      return is('armchair', 'chair', 'stool') ? { places: 1 } : undefined
    case 'reading place':
      // One reads where one sits, and in bed.
      return is('bed') ? { places: widthPlaces(widthMm, SLEEPER_MM) } : offer(thing, 'seat', says, forChild)
    case 'bed':
      if (is('bed')) return beds(widthMm, says)
      if (is('sofa bed')) return beds(widthMm === null ? null : widthMm - 300, says)
      return is('cot') ? { places: 1 } : undefined
    case 'eating surface':
      if (is('table', 'desk'))
        return one(within(heightMm, tableMm, 'a place to eat', says), tablePlaces(widthMm, depthMm))
      return is('low table', 'side table', 'trunk', 'bench')
        ? {
            fails: `${heightMm === null ? 'too low' : `${says.length(heightMm)} high`}; a place to eat wants ${says.span(tableMm[0], tableMm[1])}`,
          }
        : undefined
    case 'work surface':
      if (is('table', 'desk'))
        return one(
          within(heightMm, tableMm, 'a desk', says),
          is('desk') ? widthPlaces(widthMm, 900) : widthPlaces(widthMm, PERSON_MM),
        )
      return is('low table', 'trunk', 'shelves', 'side table')
        ? within(heightMm, tableMm, 'a desk', says)
        : undefined
    case 'low surface':
      if (is('low table', 'side table', 'trunk', 'stool', 'bench'))
        return is('side table') ? { places: 1 } : within(heightMm, LOW_MM, 'a low table', says)
      return is('table', 'desk', 'cabinet', 'chest of drawers') ? { places: 1 } : undefined
    case 'storage':
      return is('cabinet', 'chest of drawers', 'wardrobe', 'trunk', 'shelves', 'desk', 'side table')
        ? { places: 1 }
        : undefined
    case 'hanging storage':
      if (is('wardrobe')) return { places: 1 }
      return is('cabinet') ? within(heightMm, [1200, 3000], 'clothes on hangers', says) : undefined
    case 'wash place':
      return is('sanitary') ? { places: 1 } : undefined
    case 'machine':
      return is('appliance') ? { places: 1 } : undefined
    case 'instrument':
      return is('piano') || (is('other') && /piano|violin|cello|guitar|harp|music/i.test(thing.name))
        ? { places: 1 }
        : undefined
    case 'display place':
      return is('shelves', 'cabinet', 'picture', 'object', 'plant', 'side table') ? { places: 1 } : undefined
    case 'light':
      return is('lamp') ? { places: 1 } : undefined
    default:
      return is('mirror') ? { places: 1 } : undefined
  }
}

/** What is said of a use that nothing is counted for. */
export const NOTHING = 'nothing serves it'

export type CoverState = 'covered' | 'in part' | 'uncovered'

export interface Cell {
  readonly thing: Thing
  /** serves: ticked and good for it · fails: ticked, but a measure rules it out · could: not ticked, but its kind would do */
  readonly state: 'serves' | 'fails' | 'could' | 'no'
  readonly says: string
}

export interface UseCoverage {
  readonly use: Use
  readonly state: CoverState
  readonly says: string
  readonly cells: readonly Cell[]
  /** The only thing the use hangs on, when there is just one. */
  readonly hangsOn: Thing | undefined
  /** What it is poorer without and nothing offers. */
  readonly lacks: readonly Place[]
}

export interface Coverage {
  readonly uses: readonly UseCoverage[]
  /** Things that serve no use. */
  readonly idle: readonly Thing[]
}

/**
 * The coverage table: every use against every piece and item. A thing counts once as a thing and once for each use it
 * truly serves.
 *
 * @param forChild the room is a child's: tops may be as low as those of a school, clothes lie in drawers
 */
export function coverage(
  uses: readonly Use[],
  things: readonly Thing[],
  says: Formatter,
  forChild = false,
): Coverage {
  return {
    uses: uses.map((use) => coverUse(use, things, says, forChild)),
    idle: things.filter((t) => !t.serves.some((id) => uses.some((u) => u.id === id))),
  }
}

function coverUse(use: Use, things: readonly Thing[], says: Formatter, forChild: boolean): UseCoverage {
  const { first, each, also } = needsOf(use.kind, forChild)
  const placesOf = (serving: readonly Thing[], place: Place) => countPlaces(serving, place, says, forChild)
  const cells = things.map((thing): Cell => {
    const ticked = thing.serves.includes(use.id)
    const offered = first && offer(thing, first, says, forChild)
    if (!ticked) return { thing, state: offered && 'places' in offered ? 'could' : 'no', says: '' }
    if (offered && 'fails' in offered) return { thing, state: 'fails', says: offered.fails }
    return { thing, state: 'serves', says: '' }
  })
  const serving = cells.filter((c) => c.state === 'serves').map((c) => c.thing)
  const failing = cells.filter((c) => c.state === 'fails')
  const wanted = each ? use.persons : 1
  const has = first ? placesOf(serving, first) : serving.length
  const lacks = also.filter(
    (place) => !things.some((t) => t.serves.includes(use.id) && placesOf([t], place) > 0),
  )
  const failed = failing.map((c) => `${c.thing.name} is ${c.says}`).join('; ')
  const base = { use, cells, lacks, hangsOn: serving.length === 1 ? serving[0] : undefined }
  if (serving.length === 0) return { ...base, state: 'uncovered', says: failed || NOTHING }
  if (first && has === 0) return { ...base, state: 'in part', says: `no ${first} among what serves it` }
  if (has < wanted)
    return {
      ...base,
      state: 'in part',
      says: `${has} of ${wanted} ${first ?? 'place'}s${failed ? `; ${failed}` : ''}`,
    }
  return { ...base, state: 'covered', says: serving.map((t) => t.name).join(', ') }
}

function countPlaces(things: readonly Thing[], place: Place, says: Formatter, forChild: boolean): number {
  return things.reduce((sum, t) => {
    const offered = offer(t, place, says, forChild)
    return sum + (offered && 'places' in offered ? offered.places * t.count : 0)
  }, 0)
}

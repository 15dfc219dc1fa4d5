import type { PieceKind } from '../../model/vocabulary/shared.js'

/** A distance the plan is held against: its customary value, and where it is told. */
export interface Need {
  readonly title: string
  readonly mm: number
  readonly source: string
}

const PANERO = 'of the kind given by Panero & Zelnik, Human Dimension and Interior Space; written from memory'
const IRC = 'International Residential Code R307.1 and P2705.1, from memory; the local code decides'
const NKBA = 'planning guidelines of the kitchen and bath trade, from memory'
const PRACTICE = 'common practice'
const inch = (n: number) => Math.round(n * 25.4)

/**
 * The distances pieces want round them. Every one can be set anew for a job (a house rule); none is a law but those
 * that name a code, and of these the local code decides.
 */
export const NEEDS = {
  walkMain: { title: 'Main walk through the room', mm: inch(36), source: PANERO },
  walkLeast: { title: 'Walk to a single piece', mm: 600, source: PRACTICE },
  passLeast: { title: 'Narrowest gap a person passes', mm: 450, source: PRACTICE },
  kneesLeast: { title: 'Seat to low table, least', mm: 350, source: `14 in, ${PANERO}` },
  kneesMost: { title: 'Seat to low table, most', mm: 460, source: `18 in, ${PANERO}` },
  chairBehind: { title: 'Behind a dining chair, nobody passing', mm: inch(32), source: NKBA },
  chairPass: { title: 'Behind a dining chair, somebody passing', mm: inch(44), source: NKBA },
  deskChair: { title: 'Behind a desk, for the chair', mm: 760, source: PRACTICE },
  bedSide: { title: 'Beside a bed', mm: inch(24), source: PRACTICE },
  bedFoot: { title: 'At the foot of a bed', mm: inch(30), source: PANERO },
  drawersFront: { title: 'Before drawers and wardrobe doors', mm: inch(36), source: PANERO },
  storageFront: { title: 'Before a cabinet', mm: 760, source: PRACTICE },
  shelvesFront: { title: 'Before open shelves', mm: 600, source: PRACTICE },
  pianoFront: { title: 'Before a piano, for stool and player', mm: 900, source: PRACTICE },
  seatFront: { title: 'Before a seat', mm: 450, source: PRACTICE },
  cotFront: { title: 'Before a cot', mm: 700, source: PRACTICE },
  toiletSide: { title: 'Middle of a toilet to its side', mm: 381, source: IRC },
  toiletSideWish: { title: 'Middle of a toilet to its side, comfortable', mm: inch(18), source: NKBA },
  fixtureFront: { title: 'Before a toilet or basin', mm: 533, source: IRC },
  fixtureFrontWish: { title: 'Before a toilet or basin, comfortable', mm: inch(30), source: NKBA },
  showerFront: { title: 'Before a shower opening', mm: 610, source: IRC },
  talkLeast: { title: 'Seats talking, nearest', mm: 1_220, source: `4 ft, ${PANERO}` },
  talkMost: { title: 'Seats talking, farthest', mm: 3_050, source: `10 ft, ${PANERO}` },
  lampToSeat: { title: 'Lamp to the seat it serves', mm: 900, source: PRACTICE },
  cordReach: { title: 'Lamp to a socket', mm: 1_800, source: 'a lamp cord of 6 ft, common practice' },
  rugBorder: { title: 'Bare floor round a rug', mm: 200, source: PRACTICE },
  rugBeyondTable: { title: 'Rug beyond a dining table', mm: inch(24), source: PRACTICE },
  radiatorFree: { title: 'Free before a radiator', mm: 100, source: PRACTICE },
  overFurniture: { title: 'Picture above furniture, least', mm: 150, source: PRACTICE },
  overFurnitureMost: { title: 'Picture above furniture, most', mm: 250, source: PRACTICE },
  underCeiling: { title: 'Picture under the ceiling', mm: 150, source: PRACTICE },
  headClear: { title: 'Free under a hanging lamp', mm: 2_100, source: PRACTICE },
  overTable: { title: 'Hanging lamp above a table', mm: 750, source: '30 in, common practice' },
  railBeyond: { title: 'Curtain rail beyond the window', mm: 200, source: PRACTICE },
} as const satisfies Readonly<Record<string, Need>>

export type NeedKey = keyof typeof NEEDS
export const NEED_KEYS = Object.keys(NEEDS) as [NeedKey, ...NeedKey[]]

/** The distances in force for a job. */
export type Needs = Readonly<Record<NeedKey, number>>

/** The customary distances, with those the job has set for itself in their place. */
export function needsOf(
  houseRules: readonly { readonly need: NeedKey; readonly mm: number | null | undefined }[] = [],
): Needs {
  const all = Object.fromEntries(NEED_KEYS.map((k) => [k, NEEDS[k].mm])) as Record<NeedKey, number>
  for (const rule of houseRules) if (rule.mm != null) all[rule.need] = rule.mm
  return all
}

/** A side of a piece as one stands before it. A bed has its head at the back and its foot at the front. */
export type Side = 'front' | 'back' | 'left' | 'right'

/** The free floor one kind of piece wants on one of its sides. */
export interface ZoneNeed {
  readonly side: Side
  readonly need: NeedKey
  /** Below this it is no longer tight but unusable. */
  readonly stopBelow?: NeedKey
  /** Any one side of the pair will do: a bed for one. */
  readonly either?: boolean
}

const front = (need: NeedKey, stopBelow?: NeedKey): readonly ZoneNeed[] => [
  { side: 'front', need, ...(stopBelow ? { stopBelow } : {}) },
]
const sides: readonly ZoneNeed[] = (['front', 'back', 'left', 'right'] as const).map((side) => ({
  side,
  need: 'chairBehind',
}))

/** What each kind wants before, behind and beside it; kinds that are not named want nothing. */
export const ZONES: Readonly<Partial<Record<PieceKind, readonly ZoneNeed[]>>> = {
  sofa: front('seatFront'),
  'sofa bed': front('seatFront'),
  armchair: front('seatFront'),
  table: sides,
  desk: front('deskChair', 'passLeast'),
  cabinet: front('storageFront', 'passLeast'),
  'chest of drawers': front('drawersFront', 'passLeast'),
  wardrobe: front('drawersFront', 'passLeast'),
  trunk: front('passLeast'),
  shelves: front('shelvesFront', 'passLeast'),
  piano: front('pianoFront', 'walkLeast'),
  cot: front('cotFront', 'passLeast'),
  bed: [
    { side: 'left', need: 'bedSide', either: true },
    { side: 'right', need: 'bedSide', either: true },
    { side: 'front', need: 'bedFoot' },
  ],
}

/** Sanitary pieces are told apart by their names; each kind has distances of its own. */
export type Sanitary = 'toilet' | 'basin' | 'shower' | 'bath' | 'other'

const SANITARY_WORDS: readonly (readonly [RegExp, Sanitary])[] = [
  [/toilet|\bwc\b|water closet|bidet/i, 'toilet'],
  [/basin|lavatory|vanity|washstand|sink/i, 'basin'],
  [/\bbath\b|tub/i, 'bath'],
  [/shower (tray|pan|stall|enclosure)|^shower$|shower base|walk-in shower/i, 'shower'],
]
export const sanitaryOf = (name: string): Sanitary =>
  SANITARY_WORDS.find(([w]) => w.test(name))?.[1] ?? 'other'

export const SANITARY_ZONES: Readonly<Record<Sanitary, readonly ZoneNeed[]>> = {
  toilet: front('fixtureFrontWish', 'fixtureFront'),
  basin: front('fixtureFrontWish', 'fixtureFront'),
  shower: front('showerFront', 'showerFront'),
  bath: front('fixtureFrontWish', 'fixtureFront'),
  other: [],
}

/** Kinds that hang or lie and take no floor. */
export const OFF_FLOOR: ReadonlySet<PieceKind> = new Set([
  'curtains',
  'blind',
  'cushion',
  'throw',
  'picture',
  'mirror',
])

/** Kinds that lie flat: one walks over them and pieces stand on them. */
export const isFlat = (kind: PieceKind): boolean => kind === 'rug'

/** Kinds one sits on, and those that are pulled up to a table. */
export const SEATS: ReadonlySet<PieceKind> = new Set([
  'sofa',
  'sofa bed',
  'armchair',
  'chair',
  'stool',
  'bench',
])
export const PULLED_UP: ReadonlySet<PieceKind> = new Set(['chair', 'stool', 'bench'])
export const TABLES: ReadonlySet<PieceKind> = new Set(['table', 'desk', 'piano'])

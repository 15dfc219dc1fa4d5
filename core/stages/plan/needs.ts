import type { Sanitary } from '../../model/vocabulary/sanitary.js'
import { NEEDS, type NeedKey, NEED_KEYS } from '../../model/vocabulary/need.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'

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

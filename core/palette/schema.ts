import { array, type InferType } from 'yup'
import {
  choiceField,
  choiceOrNone,
  flagField,
  idField,
  idOrNone,
  minorField,
  mmField,
  noteField,
  realField,
  rowSchema,
  textField,
  wholeField,
} from '../job/fields.js'
import { WALL_SIDES } from '../job/words.js'

export const MATERIALS = [
  'paint',
  'primer',
  'wallpaper',
  'timber',
  'metal',
  'textile',
  'leather',
  'tile',
  'stone',
  'glass',
  'foliage',
] as const
export type Material = (typeof MATERIALS)[number]
export const SHEENS = ['flat', 'eggshell', 'satin', 'gloss', 'none'] as const
export const ROLES = ['main', 'second', 'accent', 'stays', 'metal', 'foliage'] as const
export type Role = (typeof ROLES)[number]

/** What a paint is sold in: spreading rate per coat and the tins on offer. */
export const paintKitSchema = rowSchema({
  spreadM2PerL: realField('Spreading rate', 1, 30),
  lossPpm: wholeField('Loss', 0, 500_000, 'parts per million'),
  tins: array(
    rowSchema({ ml: wholeField('Tin size', 50, 50_000, 'ml'), priceMinor: minorField('Tin price') }),
  )
    .typeError('Tins must be a list.')
    .max(8, 'Tins: at most eight sizes.')
    .required('Tins are missing. Give a list, empty if none is known.'),
})
export type PaintKit = InferType<typeof paintKitSchema>

/** Material, color and sheen as applied. Lab is D65, measured or converted from sRGB. */
export const finishSchema = rowSchema({
  id: idField(),
  name: textField('Name'),
  code: noteField('Code', 40),
  material: choiceField('Material', MATERIALS),
  sheen: choiceField('Sheen', SHEENS),
  role: choiceField('Role', ROLES),
  labL: realField('Color L*', 0, 100),
  labA: realField('Color a*', -128, 128),
  labB: realField('Color b*', -128, 128),
  measured: flagField('Measured'),
  paintKit: paintKitSchema.nullable().defined('Paint kit is missing. Give one, or null.'),
})
export type Finish = InferType<typeof finishSchema>

/** Surfaces a finish can be laid on. One wall may differ from `walls`. */
export const SURFACES = [
  'walls',
  ...WALL_SIDES.map((s) => `wall:${s}` as const),
  'lower',
  'ceiling',
  'floor',
  'trim',
  'doors',
] as const
export type Surface = (typeof SURFACES)[number]

export const SUBSTRATES = [
  'sound paint',
  'new plaster',
  'bare timber',
  'glossy or stained',
  'not painted',
] as const

/** A finish laid on a surface, and what is under it: that decides coats and primer. */
export const placementSchema = rowSchema({
  id: idField(),
  surface: choiceField('Surface', SURFACES),
  finishId: idField('Finish'),
  substrate: choiceField('Surface now', SUBSTRATES),
  overL: realField('Color now, L*', 0, 100).notRequired().nullable().defined(),
  overA: realField('Color now, a*', -128, 128).notRequired().nullable().defined(),
  overB: realField('Color now, b*', -128, 128).notRequired().nullable().defined(),
})
export type Placement = InferType<typeof placementSchema>

export const PIECE_KINDS = [
  'sofa',
  'armchair',
  'chair',
  'rug',
  'curtains',
  'cushion',
  'table',
  'cabinet',
  'shelves',
  'bed',
  'lamp',
  'picture',
  'piano',
  'plant',
  'other',
] as const
export type PieceKind = (typeof PIECE_KINDS)[number]

/** A physical object with a size, already there or coming, wearing one finish. */
export const pieceSchema = rowSchema({
  id: idField(),
  name: textField('Name'),
  kind: choiceField('Kind', PIECE_KINDS),
  count: wholeField('Number', 1, 200, 'pieces'),
  widthMm: mmField('Width', 10, 20_000),
  depthMm: mmField('Depth', 1, 20_000),
  heightMm: mmField('Height', 1, 10_000),
  finishId: idOrNone('Finish'),
  stays: flagField('Stays'),
  side: choiceOrNone('Side', WALL_SIDES),
})
export type Piece = InferType<typeof pieceSchema>

import { array, mixed, type InferType } from 'yup'
import {
  choiceField,
  choiceOrNone,
  flagField,
  idField,
  idOrNone,
  minorField,
  mmField,
  mmOrNone,
  noteField,
  realField,
  rowSchema,
  servesField,
  textField,
  wholeField,
  wholeOrNone,
} from '../job/fields.js'
import { FIXINGS, isSurface, PIECE_KINDS, SURFACES, VERDICTS, type Surface } from '../job/words.js'

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

export const surfaceField = (label: string) =>
  mixed<Surface>()
    .label(label)
    .required(`${label} is missing. Choose a surface.`)
    .test(
      'surface',
      `${label} must be one of: ${SURFACES.join(', ')}, or wall: and the id of a wall.`,
      (v) => typeof v === 'string' && isSurface(v),
    )

export const SUBSTRATES = [
  'sound paint',
  'new plaster',
  'bare timber',
  'glossy or stained',
  'not painted',
] as const

/** How a finish is held: applied for good, or laid so that it comes off again without a trace. */
export const HOLDS = ['applied', 'removable'] as const

/** A finish laid on a surface, and what is under it: that decides coats and primer. */
export const placementSchema = rowSchema({
  id: idField(),
  surface: surfaceField('Surface'),
  finishId: idField('Finish'),
  substrate: choiceField('Surface now', SUBSTRATES),
  overL: realField('Color now, L*', 0, 100).notRequired().nullable().defined(),
  overA: realField('Color now, a*', -128, 128).notRequired().nullable().defined(),
  overB: realField('Color now, b*', -128, 128).notRequired().nullable().defined(),
  hold: choiceField('Held', HOLDS),
})
export type Placement = InferType<typeof placementSchema>

/** A physical object with a size, already there or coming, wearing one finish. */
export const pieceSchema = rowSchema({
  id: idField(),
  position: wholeField('Position', 0, 100_000, 'places'),
  name: textField('Name'),
  kind: choiceField('Kind', PIECE_KINDS),
  count: wholeField('Number', 1, 200, 'pieces'),
  widthMm: mmField('Width', 1, 20_000),
  depthMm: mmField('Depth', 1, 20_000),
  heightMm: mmField('Height', 1, 10_000),
  finishId: idOrNone('Finish'),
  /** True when it was there before the job began. */
  there: flagField('There already'),
  /** May not be moved. */
  stays: flagField('Stays'),
  wallId: idOrNone('Wall'),
  material: noteField('Material', 60),
  color: noteField('Color', 60),
  /** Where it stands, in words. */
  place: noteField('Where', 80),
  verdict: choiceOrNone('Verdict', VERDICTS),
  sentimental: flagField('Sentimental'),
  /** The room it was lent from, and to which it goes back; empty when it belongs here. */
  lentFrom: noteField('Lent from', 80),
  /** Why it stays although it serves no use. */
  reason: noteField('Reason to keep', 200),
  serves: servesField(),
  /** Depth when it is let out: a sofa bed, a drop-leaf table. */
  openDepthMm: mmOrNone('Depth let out', 1, 20_000),
  fixing: choiceField('Fixed', FIXINGS),
  weightG: wholeOrNone('Weight', 1, 2_000_000, 'grams'),
  /** Where what it replaced is kept for putting back: the old shade, the old handles. */
  originalAt: noteField('Original kept at', 120),
})
export type Piece = InferType<typeof pieceSchema>

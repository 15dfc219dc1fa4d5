import type { InferType } from 'yup'
import { CATEGORIES, FIXINGS, LEVELS } from '../job/words.js'
import {
  choiceField,
  choiceOrNone,
  dayOrNone,
  idField,
  idOrNone,
  minorField,
  mmOrNone,
  noteField,
  ppmField,
  rowSchema,
  servesField,
  textField,
  wholeField,
  wholeOrNone,
} from '../job/fields.js'

/** A line of the furnishing schedule: one thing the job needs. Limits are of the outer size; null is no limit. */
export const itemSchema = rowSchema({
  id: idField(),
  name: textField('Item'),
  category: choiceField('Category', CATEGORIES),
  intent: noteField('Intent', 400),
  specification: noteField('Specification', 400),
  quantity: wholeField('Quantity', 1, 10_000, 'pieces'),
  targetMinor: minorField('Target price'),
  maxWidthMm: mmOrNone('Widest', 10, 20_000),
  maxDepthMm: mmOrNone('Deepest', 10, 20_000),
  maxHeightMm: mmOrNone('Highest', 10, 10_000),
  neededOn: dayOrNone('Needed by'),
  /** Set when the line was raised by the take-off of a paint, which then keeps its quantity. */
  finishId: idOrNone('Finish'),
  chosenOptionId: idOrNone('Chosen option'),
  position: wholeField('Position', 0, 10_000, 'places'),
  /** Uses of the brief it serves, and the promised focus point it belongs to. */
  serves: servesField(),
  focusId: idOrNone('Focus point'),
  fixing: choiceField('Fixed', FIXINGS),
  weightG: wholeOrNone('Weight', 1, 2_000_000, 'grams'),
  wallId: idOrNone('Wall'),
  /** The level of intervention it belongs to; null for both. */
  level: choiceOrNone('Level', LEVELS),
  /** Where what it replaces is kept for putting back. */
  originalAt: noteField('Original kept at', 120),
})
export type Item = InferType<typeof itemSchema>

export const OPTION_KINDS = ['new', 'second-hand', 'made', 'owned'] as const
export type OptionKind = (typeof OPTION_KINDS)[number]

/** One way to fill an item. Prices are per pack as the supplier states them, with or without tax as the job says. */
export const optionSchema = rowSchema({
  id: idField(),
  itemId: idField('Item'),
  kind: choiceField('Kind', OPTION_KINDS),
  name: textField('Option'),
  supplierId: idOrNone('Supplier'),
  priceMinor: minorField('Price'),
  packSize: wholeField('Pack of', 1, 10_000, 'pieces'),
  discountPpm: ppmField('Discount'),
  discountMinor: minorField('Fixed discount'),
  deliveryMinor: minorField('Delivery'),
  fittingMinor: minorField('Fitting'),
  leadDays: wholeOrNone('Lead time', 0, 1000, 'days'),
  returnDays: wholeOrNone('Return window', 0, 365, 'days'),
  widthMm: mmOrNone('Width', 1, 20_000),
  depthMm: mmOrNone('Depth', 1, 20_000),
  heightMm: mmOrNone('Height', 1, 10_000),
  note: noteField('Note', 400),
})
export type Option = InferType<typeof optionSchema>

export const supplierSchema = rowSchema({
  id: idField(),
  name: textField('Supplier'),
  note: noteField('Note', 400),
})
export type Supplier = InferType<typeof supplierSchema>

import { array, string } from 'yup'
import { CATEGORIES, FIXINGS, LEVELS, PIECE_KINDS } from '../../model/vocabulary/shared.js'
import {
  choiceField,
  choiceOrNone,
  dayField,
  dayOrNone,
  flagField,
  idField,
  idOrNone,
  minorField,
  minorOrNone,
  mmOrNone,
  noteField,
  ppmField,
  realField,
  realOrNone,
  rowSchema,
  type RowOf,
  servesField,
  textField,
  wholeField,
  wholeOrNone,
} from '../../model/checks.js'
import {
  CONDITIONS,
  DEMANDS,
  INTENTS,
  LOOKED_AT,
  MAKING_KINDS,
  OFFER_KINDS,
  OPTION_KINDS,
  OPTION_TRAITS,
  PRICE_UNITS,
  SPENDS,
  STOCKS,
} from './words.js'

const listOf = <const T extends string>(label: string, choices: readonly T[]) =>
  array(choiceField(label, choices).required())
    .typeError(`${label} must be a list.`)
    .max(choices.length, `${label}: each at most once.`)
    .required(`${label} is missing. Give a list, empty for none.`)

/** A line of the furnishing schedule: one thing the job needs. Limits are of the outer size; null is no limit. */
export const itemSchema = rowSchema(() => ({
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
  /** What kind of piece it is; decides its companions and what it must bear. */
  pieceKind: choiceOrNone('Kind of piece', PIECE_KINDS),
  minWidthMm: mmOrNone('Narrowest', 10, 20_000),
  minDepthMm: mmOrNone('Shallowest', 10, 20_000),
  minHeightMm: mmOrNone('Lowest', 10, 10_000),
  /** The finish of the palette its color should come near, and how near, as ΔE00. */
  aimFinishId: idOrNone('Color aimed at'),
  aimDeltaE: realOrNone('Tolerance of color', 0, 100),
  demands: listOf('Must bear', DEMANDS),
  spend: choiceField('Save or splurge', SPENDS),
  /** How much it counts beside the other items, 1 to 5. */
  importance: wholeField('Importance', 1, 5, 'points'),
  /** It may be left for later without the room failing. */
  mayWait: flagField('May wait'),
  /** The choice stands, whatever else is changed. */
  locked: flagField('Choice locked'),
  /** What was meant to be bought, once the schedule was agreed. */
  plannedOptionId: idOrNone('Planned option'),
  /** Whether what was chosen instead keeps the intent; null while nobody has said. */
  intentKept: choiceOrNone('Intent', INTENTS),
  /** The item that makes this one necessary, and as what: "bulb". */
  forItemId: idOrNone('Goes with'),
  companion: noteField('Goes with it as', 60),
  usesPerYear: wholeOrNone('Uses a year', 1, 100_000, 'times'),
}))
export type Item = RowOf<typeof itemSchema>

/** A rate of exchange as it was written down: a decimal number above zero. */
const rateField = () =>
  string()
    .label('Rate')
    .typeError('Rate must be text, such as 1.0845.')
    .defined('Rate is missing. Write it, or leave it empty.')
    .nonNullable('Rate cannot be null. Leave it empty instead.')
    .test(
      'rate',
      'Rate must be a number above zero, such as 1.0845.',
      (v) => !v || (/^\d{1,7}(\.\d{1,8})?$/.test(v) && Number(v) > 0),
    )

/** One way to fill an item. Prices are per pack as the supplier states them, with or without tax as the job says. */
export const optionSchema = rowSchema(() => ({
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
  /** Height that comes off with the legs, for the way in. */
  legsMm: mmOrNone('Legs that come off', 0, 1000),
  unit: choiceField('Sold as', PRICE_UNITS),
  /** Currency of every figure of this option, when it is not the job's; with the rate of a day. */
  currency: string()
    .label('Currency')
    .typeError('Currency must be a code of three letters.')
    .nullable()
    .defined("Currency is missing. Give its code, or null for the job's.")
    .matches(/^[A-Z]{3}$/, {
      message: 'Currency must be a code of three letters, such as USD.',
      excludeEmptyString: false,
    }),
  /** Units of the job's currency for one unit of this one. */
  rate: rateField(),
  rateOn: dayOrNone('Rate of'),
  /** What the studio gets off the list price; the client does not see it. */
  tradePpm: ppmField('Trade discount'),
  reworkMinor: minorField('Cleaning and rework'),
  /** Own hours it takes; money only in comparison. */
  hours: realField('Hours', 0, 2000),
  years: realOrNone('Years of service', 0.1, 200),
  colorL: realOrNone('Lightness', 0, 100),
  colorA: realOrNone('Red to green', -128, 128),
  colorB: realOrNone('Yellow to blue', -128, 128),
  material: noteField('Material', 60),
  traits: listOf('Traits', OPTION_TRAITS),
  /** How much client and decorator like it, 1 to 5. */
  liking: wholeOrNone('Liking', 1, 5, 'points'),
  condition: choiceOrNone('Condition', CONDITIONS),
  lookedAt: listOf('Looked at', LOOKED_AT),
  seenAt: noteField('Seen at, or moved from', 120),
  seenOn: dayOrNone('Seen on'),
  heldUntil: dayOrNone('Held until'),
  /** When a placeholder is looked at again. */
  reviewOn: dayOrNone('Review on'),
  stock: choiceOrNone('Stock', STOCKS),
  stockOn: dayOrNone('Stock of'),
  /** Say so when the price comes down to this. */
  watchMinor: minorOrNone('Watch for'),
  /** The option whose set price has this one in it. */
  partOfId: idOrNone('Part of the set'),
  /** Where it stands in a supplier's catalog. */
  catalogKey: noteField('Catalog number', 80),
  photoId: idOrNone('Photo'),
}))
export type Option = RowOf<typeof optionSchema>

/** What a supplier takes off, and asks for, by the size of an order. */
const bandSchema = rowSchema(() => ({
  fromMinor: minorField('Orders from'),
  feeMinor: minorField('Delivery'),
}))
export type DeliveryBand = RowOf<typeof bandSchema>

const columnsSchema = rowSchema(() => ({
  header: string().max(120).defined(),
  field: string().max(40).defined(),
}))

export const supplierSchema = rowSchema(() => ({
  id: idField(),
  name: textField('Supplier'),
  note: noteField('Note', 400),
  /** The least an order must come to; 0 for none. */
  minOrderMinor: minorField('Minimum order'),
  /** What is kept back of goods that are returned. */
  restockPpm: ppmField('Restocking fee'),
  /** Delivery of a whole order by its size: the last band that the goods reach counts. None: each option has its own. */
  deliveryBands: array(bandSchema().required())
    .typeError('Delivery bands must be a list.')
    .max(12, 'Delivery bands: at most twelve.')
    .required('Delivery bands are missing. Give a list, empty for none.'),
  /** Which column of its lists means what, remembered from the last import. */
  columns: array(columnsSchema().required())
    .typeError('Columns must be a list.')
    .max(60, 'Columns: at most sixty.')
    .required('Columns are missing. Give a list, empty for none.'),
  /** The catalog it is reached by, by the name the server knows; empty for none. */
  catalog: noteField('Catalog', 40),
}))
export type Supplier = RowOf<typeof supplierSchema>

/** A price cut for an order at one supplier, or for one item. */
export const offerSchema = rowSchema(() => ({
  id: idField(),
  supplierId: idField('Supplier'),
  name: textField('Coupon or offer'),
  kind: choiceField('Kind', OFFER_KINDS),
  ppm: ppmField('Percent off'),
  amountMinor: minorField('Amount off'),
  minSpendMinor: minorField('From a spend of'),
  fromOn: dayOrNone('Valid from'),
  untilOn: dayOrNone('Valid until'),
  /** The only item it is good for; null for the whole order. */
  itemId: idOrNone('Only for'),
  oneUse: flagField('One use'),
  /** The day it was used; a coupon of one use is then gone. */
  usedOn: dayOrNone('Used on'),
  /** Paid by somebody else than the shop: tax is then on the price before it. */
  thirdParty: flagField('Paid by a third party'),
}))
export type Offer = RowOf<typeof offerSchema>

/** One line of what a made option takes. */
export const makingSchema = rowSchema(() => ({
  id: idField(),
  optionId: idField('Option'),
  position: wholeField('Position', 0, 10_000, 'places'),
  name: textField('Material or tool'),
  kind: choiceField('Kind', MAKING_KINDS),
  quantity: realField('Quantity', 0, 100_000),
  unitMinor: minorField('Price of one'),
  /** Equal pieces cut from stock lengths; null when it is not cut. */
  cutMm: mmOrNone('Cut to', 1, 20_000),
  cutCount: wholeOrNone('Pieces', 1, 1000, 'pieces'),
  stockMm: mmOrNone('Sold in lengths of', 1, 20_000),
  kerfMm: wholeOrNone('Saw cut', 0, 20, 'mm'),
}))
export type Making = RowOf<typeof makingSchema>

/** A price and stock of an option, as it was seen on one day. */
export const sightingSchema = rowSchema(() => ({
  id: idField(),
  optionId: idField('Option'),
  on: dayField('Seen on'),
  priceMinor: minorField('Price'),
  stock: choiceOrNone('Stock', STOCKS),
  where: noteField('Seen where', 120),
}))
export type Sighting = RowOf<typeof sightingSchema>

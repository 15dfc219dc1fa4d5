import { string } from 'yup'
import { by, choice, choices, day, minor, mm, note, ppm, real, ref, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import {
  OPTION_KINDS,
  PRICE_UNITS,
  OPTION_TRAITS,
  CONDITIONS,
  LOOKED_AT,
  STOCKS,
} from '../vocabulary/buying.js'

/** A rate of exchange as it was written down: a decimal number above zero. */
const rate = () =>
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

const currencyOrNone = () =>
  string()
    .label('Currency')
    .typeError('Currency must be a code of three letters.')
    .nullable()
    .defined("Currency is missing. Give its code, or null for the job's.")
    .matches(/^[A-Z]{3}$/, {
      message: 'Currency must be a code of three letters, such as USD.',
      excludeEmptyString: false,
    })

/** One way to fill an item. Prices are per pack as the supplier states them, with or without tax as the job says. */
export const options = defineRow({
  name: 'options',
  table: 'option',
  stage: 'source',
  singular: 'an option',
  order: ['name', 'id'],
  fields: {
    itemId: ref('items', 'Item', 'remove'),
    kind: choice('Kind', OPTION_KINDS).starts('new'),
    /** The piece of the house that it is, when it is owned already: name, size and material are read from the piece. */
    pieceId: ref('pieces', 'The piece', 'clear').orNone(),
    name: text('Option'),
    supplierId: ref('suppliers', 'Supplier', 'refuse').orNone(),
    priceMinor: minor('Price'),
    packSize: whole('Pack of', 1, 10_000, 'pieces').starts(1),
    discountPpm: ppm('Discount').starts(0),
    discountMinor: minor('Fixed discount').starts(0),
    deliveryMinor: minor('Delivery').starts(0),
    fittingMinor: minor('Fitting').starts(0),
    leadDays: whole('Lead time', 0, 1000, 'days').orNone(),
    returnDays: whole('Return window', 0, 365, 'days').orNone(),
    widthMm: mm('Width', 1, 20_000).orNone(),
    depthMm: mm('Depth', 1, 20_000).orNone(),
    heightMm: mm('Height', 1, 10_000).orNone(),
    note: note('Note', 400),
    /** Height that comes off with the legs, for the way in. */
    legsMm: mm('Legs that come off', 0, 1000).orNone(),
    unit: choice('Sold as', PRICE_UNITS).starts('each'),
    /** Currency of every figure of this option, when it is not the job's; with the rate of a day. */
    currency: by<string | null>('text', 'Currency', currencyOrNone).orNone(),
    /** Units of the job's currency for one unit of this one. */
    rate: by<string>('text', 'Rate', rate).starts(''),
    rateOn: day('Rate of').orNone(),
    /** What the studio gets off the list price; the client does not see it. */
    tradePpm: ppm('Trade discount').starts(0),
    reworkMinor: minor('Cleaning and rework').starts(0),
    /** Own hours it takes; money only in comparison. */
    hours: real('Hours', 0, 2000).starts(0),
    years: real('Years of service', 0.1, 200).orNone(),
    colorL: real('Lightness', 0, 100).orNone(),
    colorA: real('Red to green', -128, 128).orNone(),
    colorB: real('Yellow to blue', -128, 128).orNone(),
    material: note('Material', 60),
    traits: choices('Traits', OPTION_TRAITS),
    /** How much client and decorator like it, 1 to 5. */
    liking: whole('Liking', 1, 5, 'points').orNone(),
    condition: choice('Condition', CONDITIONS).orNone(),
    lookedAt: choices('Looked at', LOOKED_AT),
    seenAt: note('Seen at, or moved from', 120),
    seenOn: day('Seen on').orNone(),
    heldUntil: day('Held until').orNone(),
    /** When a placeholder is looked at again. */
    reviewOn: day('Review on').orNone(),
    stock: choice('Stock', STOCKS).orNone(),
    stockOn: day('Stock of').orNone(),
    /** Say so when the price comes down to this. */
    watchMinor: minor('Watch for').orNone(),
    /** The option whose set price has this one in it. */
    partOfId: ref('options', 'Part of the set', 'clear').orNone(),
    /** Where it stands in a supplier's catalog. */
    catalogKey: note('Catalog number', 80),
    photoId: ref('photos', 'Photo', 'clear').orNone(),
  },
})
export type Option = RowOf<typeof options.fields>

import { array, number, object, string, tuple, type InferType } from 'yup'
import { MAX_MINOR } from '../../kernel/money/currency.js'
import { STOCKS } from '../../model/vocabulary/buying.js'

const mm = () => number().integer().min(0).max(20_000).required()
const lab = () => number().min(-128).max(128).required()
const amount = () => number().integer().min(0).max(MAX_MINOR)
/** A product as a supplier tells it. What does not read so is left out and counted: no supplier is trusted with our screen. */
export const productSchema = object({
  key: string()
    .max(80)
    .matches(/^[\w.-]+$/)
    .required(),
  name: string().max(120).required(),
  kind: string().max(40).defined(),
  category: string().max(40).defined(),
  material: string().max(60).defined(),
  widthMm: mm(),
  depthMm: mm(),
  heightMm: mm(),
  lab: tuple([lab(), lab(), lab()]).required(),
  color: string().max(60).defined(),
  packSize: number().integer().min(1).max(10_000).required(),
  leadDays: number().integer().min(0).max(1000).required(),
  returnDays: number().integer().min(0).max(365).required(),
  currency: string().length(3).required(),
  priceMinor: amount().required(),
  wasMinor: amount(),
  stock: string().oneOf(STOCKS).required(),
}).noUnknown()
export type Product = InferType<typeof productSchema>

/** What an order would come to, as a supplier tells it; a line is priced or refused. */
export const quoteSchema = object({
  asOf: string()
    .matches(/^\d{4}-\d{2}-\d{2}$/)
    .required(),
  lines: array(
    object({
      key: string().max(80).required(),
      packs: number().integer().min(1).max(10_000),
      amountMinor: amount(),
      leadDays: number().integer().min(0).max(1000),
      refused: string().max(120),
    })
      .noUnknown()
      .required(),
  )
    .max(200)
    .required(),
  goodsMinor: amount().required(),
  deliveryMinor: amount().required(),
  minOrderMinor: amount().required(),
  restockPpm: number().integer().min(0).max(1_000_000).required(),
  currency: string().length(3).required(),
}).noUnknown()
export type Quote = InferType<typeof quoteSchema>

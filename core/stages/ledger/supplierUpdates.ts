import { array, number, object, string, type InferType } from 'yup'
import { MAX_MINOR } from '../../kernel/money/currency.js'

/** What a supplier or its courier says of an order. */
export const NEWS_KINDS = ['acknowledged', 'delayed', 'shipped', 'delivered', 'refused', 'credited'] as const

const day = () => string().matches(/^\d{4}-\d{2}-\d{2}$/)

const updateShape = object({
  id: string()
    .max(60)
    .matches(/^[\w.-]+$/)
    .required(),
  on: day().required(),
  kind: string().oneOf(NEWS_KINDS).required(),
  /** The supplier's number of the thing; absent for the order as a whole. */
  key: string().max(80),
  quantity: number().integer().min(1).max(10_000),
  expectedOn: day(),
  creditMinor: number().integer().min(0).max(MAX_MINOR),
  says: string().max(200).defined(),
}).noUnknown()

/** A supplier's answer about one order; what does not read so is told as no answer. */
export const updatesSchema = object({
  asOf: day().required(),
  events: array(updateShape.required()).max(500).required(),
}).noUnknown()
export type OrderUpdate = InferType<typeof updateShape>
export type SupplierUpdates = InferType<typeof updatesSchema>

/** A line of our order, by the number its supplier knows it by. */
export interface NumberedLine {
  readonly lineId: string
  readonly itemName: string
  readonly key: string
  readonly toCome: number
}

export interface MatchedUpdate extends OrderUpdate {
  /** The line it is about; undefined when it is about the whole order, or a person must say. */
  readonly lineId: string | undefined
  /** Lines it could be about, when that is not plain. */
  readonly ask: readonly NumberedLine[]
}

/**
 * Matches what a supplier says to the lines of our order by its number. Where no line has the number, or several do, the
 * open lines are offered for a person to choose among.
 */
export function matchUpdates(
  updates: readonly OrderUpdate[],
  lines: readonly NumberedLine[],
): MatchedUpdate[] {
  return updates.map((n) => {
    if (n.key === undefined) return { ...n, lineId: undefined, ask: [] }
    const own = lines.filter((l) => l.key === n.key)
    const [only] = own
    if (only && own.length === 1) return { ...n, lineId: only.lineId, ask: [] }
    const open = lines.filter((l) => l.toCome > 0)
    return { ...n, lineId: undefined, ask: own.length > 1 ? own : open.length > 0 ? open : lines }
  })
}

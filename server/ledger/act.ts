import type { ObjectSchema } from 'yup'
import type { Tx } from '../database/database.js'
import type { Act, Answer } from './lines.js'

/** An act of the ledger: a POST that can be repeated safely under its Idempotency-Key. One file in `acts/` each. */
export interface ActDef<Wish extends object> {
  /** What its keys are kept under; never changed, or a repeat would be done again. */
  readonly name: string
  /** Under `/api/jobs/:job/`. */
  readonly path: string
  readonly input: () => ObjectSchema<Wish>
  /** Looks whether it can be done, and enters it. @throws {Problem} 404, 409 with the field that stands in the way */
  readonly work: (tx: Tx, act: Act, wish: Wish) => Promise<Answer>
}

/** An act seen without the type of its input: for the routes, which treat all alike. */
export type AnyAct = ActDef<object>

/** Ties what an act takes to what it works with. */
export const defineAct = <Wish extends object>(def: ActDef<Wish>): AnyAct => def as unknown as AnyAct

import { briefSchema, clientSchema, useSchema, type Brief, type Client, type Use } from '../brief/schema.js'
import { acceptanceSchema, type Acceptance } from '../findings/schema.js'
import { openingSchema, roomSchema, type Opening, type Room } from '../measure/schema.js'
import {
  finishSchema,
  pieceSchema,
  placementSchema,
  type Finish,
  type Piece,
  type Placement,
} from '../palette/schema.js'
import {
  itemSchema,
  optionSchema,
  supplierSchema,
  type Item,
  type Option,
  type Supplier,
} from '../source/schema.js'

/** The rows a person edits, by the name of their collection in snapshot, address and database alike. */
export interface Rows {
  brief: Brief
  client: Client
  room: Room
  uses: Use
  openings: Opening
  finishes: Finish
  placements: Placement
  pieces: Piece
  items: Item
  options: Option
  suppliers: Supplier
  acceptances: Acceptance
}
export type Collection = keyof Rows

/** One schema per collection: form, route and import use the same. */
export const SCHEMAS = {
  brief: briefSchema,
  client: clientSchema,
  room: roomSchema,
  uses: useSchema,
  openings: openingSchema,
  finishes: finishSchema,
  placements: placementSchema,
  pieces: pieceSchema,
  items: itemSchema,
  options: optionSchema,
  suppliers: supplierSchema,
  acceptances: acceptanceSchema,
} as const

export const COLLECTIONS = Object.keys(SCHEMAS) as Collection[]

/** Rows a job has exactly one of: they can be changed, not made or removed. */
export const SINGLE: ReadonlySet<Collection> = new Set(['brief', 'client', 'room'])

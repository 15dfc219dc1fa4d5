import type { InferType } from 'yup'
import { WALL_SIDES } from '../job/words.js'
import { choiceField, idField, mmField, mmOrNone, noteField, rowSchema } from '../job/fields.js'

/** A rectangular room. Length runs along the north and south walls, width along the east and west ones. */
export const roomSchema = rowSchema({
  id: idField(),
  lengthMm: mmOrNone('Length', 500, 30_000),
  widthMm: mmOrNone('Width', 500, 30_000),
  heightMm: mmOrNone('Height', 1_500, 12_000),
  skirtingMm: mmField('Skirting height', 0, 500),
  /** Height of the line that sets a lower wall apart; null when the walls are whole. */
  lowerWallMm: mmOrNone('Lower wall', 300, 3_000),
})
export type Room = InferType<typeof roomSchema>

export const OPENING_KINDS = ['door', 'window', 'opening'] as const

/** A door, window or plain opening in one wall; distances from the left end as seen from inside. */
export const openingSchema = rowSchema({
  id: idField(),
  wall: choiceField('Wall', WALL_SIDES),
  kind: choiceField('Kind', OPENING_KINDS),
  name: noteField('Name', 60),
  startMm: mmField('From left', 0, 30_000),
  widthMm: mmField('Width', 100, 10_000),
  heightMm: mmField('Height', 100, 6_000),
  sillMm: mmField('Sill', 0, 5_000),
})
export type Opening = InferType<typeof openingSchema>

import type { RoomFile } from '@bonitas/core/stages/measure/roomFile'
import type { DxfOutline } from './planFiles.js'

/** A file that was read and not yet taken over. */
export type OpenedRoom = { readonly name: string } & (
  | { readonly kind: 'room'; readonly room: RoomFile }
  | { readonly kind: 'drawing'; readonly outline: DxfOutline }
)

/** Units a drawing without one may be in, the likeliest first for a room of these corners. */
export const DRAWING_UNITS = [
  { text: 'millimeters', mm: 1 },
  { text: 'centimeters', mm: 10 },
  { text: 'meters', mm: 1000 },
  { text: 'inches', mm: 25.4 },
  { text: 'feet', mm: 304.8 },
] as const

import type { RoomKind } from '../model/vocabulary/room.js'

/** A room that is done, of which a studio may take a copy. */
export interface ExampleRoom {
  readonly key: string
  readonly name: string
  readonly place: string
  readonly kind: RoomKind | null
}
